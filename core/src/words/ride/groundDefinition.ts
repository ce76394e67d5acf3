import type { Cover, WorldId } from '../carrier/land';
import type { Sourced } from '../sourced/source';

/** What a carrier moves on or through, in everyday words, with the spectrum that stands for it. */
export interface GroundDefinition {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  /** How it looks, where that is not how its world usually does. */
  readonly cover?: Cover;
  readonly surface:
    | {
        readonly kind: 'rough';
        /** Displacement density at 0.1 cycles a metre, m³ (ISO 8608). */
        readonly roughnessM3: Sourced;
        /** What stands out of it by itself, as high as a ride meets many: roots, stones. */
        readonly standsOut?: { readonly name: string; readonly heightM: Sourced };
        /** Something that comes round at a fixed distance: corrugations, setts, joints. */
        readonly ripples?: { readonly name: string; readonly lengthM: Sourced; readonly amplitudeM: Sourced };
      }
    /** Significant height and peak period. */
    | { readonly kind: 'waves'; readonly heightM: Sourced; readonly periodS: Sourced }
    /** Upward gusts, rms, and the length of an eddy. */
    | { readonly kind: 'gusts'; readonly rmsMps: Sourced; readonly lengthM: Sourced }
    | { readonly kind: 'still' };
}

/** The grounds of one world, smoothest first; the usual one is what an outing starts with. */
export interface GroundsOfWorld {
  readonly world: WorldId;
  readonly usualId: string;
  readonly grounds: readonly GroundDefinition[];
}
