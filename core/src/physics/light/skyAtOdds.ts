import type { LightId } from '../../words/ride/lights';
import type { WeatherId } from '../../words/ride/weather';

/** Light of a clear sky; sun between clouds goes with showers, and a sunset is an hour. */
const CLEAR: ReadonlySet<LightId> = new Set(['bright-sun', 'hazy-sun', 'under-trees']);
const CLOUDS = { rain: 'rain', snowfall: 'overcast' } as const satisfies Partial<Record<WeatherId, LightId>>;

/**
 * Where what falls and what is in the sky do not go together, since the two are told on their own: what would. It is a question to whoever said
 * so, as rain does fall from a clear sky at times. Common practice, no source.
 */
export function skyAtOdds({
  weatherId = 'dry',
  lightId,
}: {
  readonly weatherId?: WeatherId;
  readonly lightId: LightId;
}): { readonly lightId: LightId } | { readonly weatherId: WeatherId } | null {
  if (weatherId === 'rain' || weatherId === 'snowfall')
    return CLEAR.has(lightId) ? { lightId: CLOUDS[weatherId] } : null;
  return lightId === 'rain' ? { weatherId: 'rain' } : null;
}
