import { panTiltRollFromRotation, type PanTiltRoll } from '../../mathematics/geometry/rotation';
import type { PosedRig } from '../rig/poseRig';
import { bodyInSetUp, straightOnPole, turnedAfterwards } from '../strut/kinematics';
import type { ResolvedSetUp } from '../strut/resolvedSetUp';

/** What is set by hand in the set-up stance, and what is left for the software. */
export interface LevelToSet {
  /** What a level on the camera's body must read. */
  readonly reads: PanTiltRoll;
  /** The body stands straight on its pole: screwed on, nothing to read. */
  readonly onPole: boolean;
  /** Where the picture looks, turned out of the whole sphere afterwards; null where body and picture look the same way. */
  readonly viewAfterwards: PanTiltRoll | null;
}

export function levelToSet(resolved: ResolvedSetUp, setUpRig: PosedRig): LevelToSet {
  const { angles } = resolved.setUp;
  if (!turnedAfterwards(resolved)) return { reads: angles, onPole: false, viewAfterwards: null };
  return {
    reads: panTiltRollFromRotation(bodyInSetUp(resolved, setUpRig)),
    onPole: straightOnPole(resolved) !== null,
    viewAfterwards: angles,
  };
}
