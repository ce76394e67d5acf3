import type { Sourced } from '../sourced/source';
import { estimated } from '../sourced/estimated';

/**
 * Light by condition as exposure value at ISO 100: common photographic exposure tables; bright sun is the rule of "sunny 16"
 * (f/16 at 1/100 s). Each holds within about a stop.
 */
export const LIGHTS = [
  { id: 'bright-sun', name: 'Bright sun', ev: estimated(15, 14.5, 16) },
  { id: 'hazy-sun', name: 'Hazy sun', ev: estimated(14, 13.5, 14.5) },
  { id: 'cloudy-bright', name: 'Cloudy, bright', ev: estimated(13, 12.5, 13.5) },
  { id: 'overcast', name: 'Overcast or open shade', ev: estimated(12, 11, 12.5) },
  { id: 'sunset', name: 'Sunset', ev: estimated(10.5, 9, 12) },
  { id: 'dusk', name: 'Dusk, deep forest', ev: estimated(8, 6.5, 9.5) },
  { id: 'street-night', name: 'Lit street at night', ev: estimated(4.5, 4, 6) },
] as const satisfies readonly { id: string; name: string; ev: Sourced }[];

export type LightId = (typeof LIGHTS)[number]['id'];

/** @throws RangeError for a light that is not in the list */
export function lightById(id: string): (typeof LIGHTS)[number] {
  const found = LIGHTS.find((light) => light.id === id);
  if (!found) throw new RangeError(`lightById: no light "${id}" (there are ${LIGHTS.map((l) => l.id).join(', ')})`);
  return found;
}
