import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { MachineDefinition } from '../../words/carrier/machine';
import type { RideConditions } from '../../words/ride/rideConditions';
import { usualVenue } from '../../words/ride/venue';

/** Farther out than this the end of a pole is where others ride, walk and hang their wires. Common practice, no source. Metres. */
export const LONG_POLE_M = 1.2;

/** A pole that reaches so far. */
export interface LongPole {
  readonly lengthM: number;
  /** Nobody else is about: closed ground, one's own craft on open water, or a filmer who stands still. */
  readonly controlled: boolean;
}

/** Null where the poles of a strut, one after the other, stay within LONG_POLE_M. */
export function longPole(
  { links, base }: Pick<ResolvedSetUp, 'links' | 'base'>,
  machine: Pick<MachineDefinition, 'world' | 'family' | 'passing'>,
  { venueId = usualVenue(machine) }: Pick<RideConditions, 'venueId'>,
): LongPole | null {
  const lengthM = links.reduce((sum, { definition, use }) => sum + (definition.kind === 'pole' ? use.lengthM : 0), 0);
  if (lengthM <= LONG_POLE_M + 1e-9) return null;
  const onCraft = venueId === 'open-water' && base.kind !== 'hand';
  return { lengthM, controlled: venueId === 'private-ground' || onCraft || machine.passing !== undefined };
}
