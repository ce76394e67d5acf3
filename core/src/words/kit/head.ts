import type { Sourced } from '../sourced/source';
import type { CostClass } from './cost';

export interface HeadDefinition {
  readonly id: string;
  readonly name: string;
  /** Degrees from one holding position to the next; 0 = holds anywhere. */
  readonly notchDeg: Sourced;
  /** Whether the joint can roll and pan the camera by itself. */
  readonly turns: { readonly pan: boolean; readonly roll: boolean };
  readonly massKg: Sourced;
  readonly stiffnessNmRad: Sourced;
  /** Turning moment at which it slips, drawn tight by hand. */
  readonly slipNm: Sourced;
  /** Of a joint's usual play, so much is left; none = all of it. */
  readonly playShare?: Sourced;
  readonly cost: CostClass;
}
