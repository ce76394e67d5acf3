import { strutMassKg } from '../../../posing/strut/strutMass';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import { estimated } from '../../../words/sourced/estimated';
import { tetherLoadN } from './tether';

/** What a named tether does when the camera comes off. */
export interface Caught {
  readonly name: string;
  readonly anchorName: string | null;
  readonly lengthM: number;
  /** Pull when it catches what fell its own length, newton. */
  readonly pullN: number;
  /** What it bears, and what gives way first. */
  readonly bearsN: number;
  readonly weakest: string;
}

/** A pad of 30 mm with a ring that is pulled at askew: it peels. */
const PAD_N = estimated(110, 50, 200);

/** The camera and all of its strut fall; null where no tether is named. */
export function caughtBy(resolved: ResolvedSetUp): Caught | null {
  const { tether } = resolved;
  if (!tether) return null;
  const { definition, use, anchor } = tether;
  const name = definition.name.toLowerCase();
  const [bearsN, weakest] =
    anchor?.stuckOn && PAD_N.value < definition.breaksN.value
      ? [PAD_N.value, anchor.name]
      : [definition.breaksN.value, name];
  return {
    name,
    anchorName: anchor?.name ?? null,
    lengthM: use.lengthM,
    pullN: tetherLoadN(strutMassKg(resolved), definition.stretchN.value),
    bearsN,
    weakest,
  };
}
