import { lightById, type LightId } from '../ride/lights';
import type { RideConditions } from '../ride/rideConditions';
import type { IntentDefinition } from './intent';

/** From here on, exposure value at ISO 100, it is too light for lamps to be drawn out: between dusk and a lit street. Common practice, no source. */
const TOO_LIGHT_EV = 6.5;

/** The light that a kind of shot is filmed in whatever the ride has: lamps are drawn out after dark. Null where it takes the ride's. */
export const ownLight = ({ exposedS }: Pick<IntentDefinition, 'exposedS'>, lightId: LightId): LightId | null =>
  exposedS !== undefined && lightById(lightId).ev.value > TOO_LIGHT_EV ? 'street-night' : null;

/** A ride as a shot of that kind meets it. @param chosen for this shot alone */
export function litFor(
  ride: RideConditions,
  intent: Pick<IntentDefinition, 'exposedS'>,
  chosen?: LightId,
): RideConditions {
  const lightId = chosen ?? ownLight(intent, ride.lightId) ?? ride.lightId;
  return lightId === ride.lightId ? ride : { ...ride, lightId };
}
