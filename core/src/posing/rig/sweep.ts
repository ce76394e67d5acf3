import type { Pose } from '../../mathematics/geometry/pose';
import type { PosedRig } from '../../posing/rig/poseRig';
import type { PosedPart } from '../../words/carrier/posedPart';

/** Something that moves over a range while the rest stays: bars turning, a fork going in, a head looking down. */
export interface Sweep {
  readonly name: string;
  /** How it moves, as a verb after its name: turns, slides, looks about. */
  readonly verb: string;
  /** Goes about an axis of the machine, all round or to and fro. */
  readonly turns?: boolean;
  /** Turns all the way round: a wheel, a propeller, a rotor. */
  readonly wholeTurn: boolean;
  /** Never under way: a canopy that is opened. */
  readonly onlyAtRest?: boolean;
  /** The filmer's own head, which can be held still, or legs, which are felt at the first turn. */
  readonly own: 'head' | 'legs' | null;
  readonly moves: (part: PosedPart) => boolean;
  /** Parts that give way or go along, and are not struck by it. */
  readonly yields: (part: PosedPart) => boolean;
  /** Stance from which it moves. */
  readonly rig: PosedRig;
  readonly stanceName: string;
  /** How far it has gone at each step from where it stands, degrees of a turn or metres of a slide; none where that is nobody's measure. */
  readonly gone?: readonly number[];
  /** World from where a moving part was, at each step of the way. */
  readonly steps: readonly ((part: PosedPart) => Pose)[];
}
