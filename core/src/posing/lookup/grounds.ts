import { GROUND_WORLDS } from '../../../catalog/index.generated';
import { LIGHTS } from '../../words/ride/lights';
import type { MachineDefinition } from '../../words/carrier/machine';
import type { WorldId } from '../../words/carrier/land';
import type { GroundDefinition } from '../../words/ride/groundDefinition';
import type { RideConditions } from '../../words/ride/rideConditions';

/** The grounds of one world, smoothest first. */
const groundsOf = (world: WorldId): readonly GroundDefinition[] =>
  GROUND_WORLDS.find((g) => g.world === world)?.grounds ?? [];

/** Grounds that a carrier can meet: its world's; on land, road and trail are both open to it. */
export const groundsFor = (world: WorldId): readonly GroundDefinition[] =>
  world === 'road' || world === 'trail' ? [...groundsOf('road'), ...groundsOf('trail')] : groundsOf(world);

/** @throws RangeError for a ground that the catalogue lacks */
export function groundById(groundId: string): GroundDefinition {
  const all = GROUND_WORLDS.flatMap((g) => g.grounds);
  const found = all.find((g) => g.id === groundId);
  if (!found)
    throw new RangeError(`groundById: no ground "${groundId}" (there are ${all.map((g) => g.id).join(', ')})`);
  return found;
}

/** The usual ride of a machine, in bright sun. */
export const usualRide = ({
  world,
  usualSpeedMps,
}: Pick<MachineDefinition, 'world' | 'usualSpeedMps'>): RideConditions => ({
  groundId: GROUND_WORLDS.find((g) => g.world === world)!.usualId,
  speedMps: usualSpeedMps,
  rpm: null,
  dropM: 0,
  lightId: LIGHTS[0]!.id,
  windMps: 5,
  altitudeM: world === 'air' ? 1000 : 0,
  temperatureC: 15,
});
