import type { Sourced } from '../sourced/source';
import { estimated } from '../sourced/estimated';

interface LightDefinition {
  readonly id: string;
  readonly name: string;
  readonly ev: Sourced;
  /** By how many stops it goes up and down on the way, and how; none = it stays. Estimates, common practice. */
  readonly changes?: { readonly stops: Sourced; readonly pace: 'quick' | 'slow' | 'at the mouth' };
  /** Lit by lamps that hang on the mains. */
  readonly lamps?: boolean;
}

/**
 * Light by condition as exposure value at ISO 100: common photographic exposure tables; bright sun is the rule of "sunny 16"
 * (f/16 at 1/100 s). Each holds within about a stop.
 */
const ALL = [
  { id: 'bright-sun', name: 'Bright sun', ev: estimated(15, 14.5, 16) },
  { id: 'hazy-sun', name: 'Hazy sun', ev: estimated(14, 13.5, 14.5) },
  {
    id: 'broken-clouds',
    name: 'Sun between clouds',
    ev: estimated(14.5, 12.5, 15.5),
    changes: { stops: estimated(2, 1, 3), pace: 'slow' },
  },
  { id: 'cloudy-bright', name: 'Cloudy, bright', ev: estimated(13, 12.5, 13.5) },
  { id: 'overcast', name: 'Overcast or open shade', ev: estimated(12, 11, 12.5) },
  { id: 'rain', name: 'Rain, dark clouds', ev: estimated(11, 9.5, 12) },
  {
    id: 'under-trees',
    name: 'Under trees, sun through leaves',
    ev: estimated(12, 10, 14),
    changes: { stops: estimated(3, 2, 4), pace: 'quick' },
  },
  { id: 'sunset', name: 'Sunset', ev: estimated(10.5, 9, 12) },
  { id: 'dusk', name: 'Dusk, deep forest', ev: estimated(8, 6.5, 9.5) },
  { id: 'street-night', name: 'Lit street at night', ev: estimated(4.5, 4, 6), lamps: true },
  {
    id: 'tunnel',
    name: 'Tunnels, in and out',
    ev: estimated(6, 4, 8),
    changes: { stops: estimated(7, 5, 10), pace: 'at the mouth' },
    lamps: true,
  },
] as const satisfies readonly LightDefinition[];

export const LIGHTS: readonly (LightDefinition & { readonly id: LightId })[] = ALL;

export type LightId = (typeof ALL)[number]['id'];

/** @throws RangeError for a light that is not in the list */
export function lightById(id: string): LightDefinition & { readonly id: LightId } {
  const found = LIGHTS.find((light) => light.id === id);
  if (!found) throw new RangeError(`lightById: no light "${id}" (there are ${LIGHTS.map((l) => l.id).join(', ')})`);
  return found;
}

export const LIGHT_IDS: readonly LightId[] = ALL.map(({ id }) => id);
