import type { Sourced } from '../sourced/source';
import type { CostClass } from './cost';

/** What keeps a camera that has come off: from round the camera itself to something that cannot leave. */
export interface TetherDefinition {
  readonly id: string;
  readonly name: string;
  readonly kind: 'cord' | 'strap' | 'wire' | 'weak link';
  readonly lengthM: { readonly low: number; readonly high: number };
  readonly radiusM: number;
  readonly massKg: Sourced;
  /** Its weakest place, knots and buckles counted, newton. A weak link is made to let go at this. */
  readonly breaksN: Sourced;
  /** Force for a strain of 1, newton. */
  readonly stretchN: Sourced;
  readonly cost: CostClass;
}
