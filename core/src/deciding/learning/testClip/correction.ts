import {
  multiplyRotations,
  panTiltRollFromRotation,
  rotationFromPanTiltRoll,
  type PanTiltRoll,
  type Rotation,
} from '../../../mathematics/geometry/rotation';
import type { Pixel } from '../../../mathematics/lens/lens';
import type { PosedRig } from '../../../posing/rig/poseRig';
import { turnOf } from '../../../posing/strut/mountRotation';
import { poseStrut } from '../../../posing/strut/kinematics';
import { elevationOfHeightDeg, solveTiltDeg, stanceChange } from '../../../posing/aiming/solveAngles';
import type { LearntTurn } from '../../../words/rig/rigSpec';
import type { ResolvedSetUp } from '../../../posing/strut/resolveSetUp';
import { skylineNormal } from '../../../posing/aiming/horizon';
import { postureError, readHorizon, setUpAnglesFor } from './horizonReading';

interface ClipCorrection {
  readonly kind: 'correction';
  /** How the camera pointed in the clip, and how it was meant to, degrees, action stance. */
  readonly measured: { readonly tiltDeg: number; readonly rollDeg: number };
  readonly predicted: { readonly tiltDeg: number; readonly rollDeg: number };
  /** To add to the level's reading in the set-up stance. */
  readonly tiltByDeg: number;
  readonly rollByDeg: number;
  /** Whole notches of the joint for the tilt; null for a joint that holds anywhere. */
  readonly notches: number | null;
  /** What is left after whole notches, degrees. */
  readonly restDeg: number;
  readonly newAngles: PanTiltRoll;
  /** What it teaches of this spot; null where a gimbal holds the lens level whatever the mount does. */
  readonly lesson: { readonly pitchDeg: number; readonly rollDeg: number } | null;
}

export type ClipResult = ClipCorrection | { readonly kind: "can't say"; readonly because: string };

/**
 * From the horizon marked in a test clip to the turn that puts it where it was wanted.
 * The clip is filmed in the action stance on level ground.
 * @param wantedHeight fraction from the top, or null to come back to what was predicted
 */
export function correctFromClip(
  resolved: ResolvedSetUp,
  setUpRig: PosedRig,
  actionRig: PosedRig,
  marks: { readonly left: Pixel; readonly right: Pixel },
  wantedHeight: number | null,
): ClipResult {
  const reading = readHorizon(resolved.lens, marks.left, marks.right);
  if (reading.kind === "can't say") return reading;
  const predictedRotation = poseStrut(resolved, setUpRig, actionRig).worldFromCamera.rotation;
  const predicted = panTiltRollFromRotation(predictedRotation);
  const off = postureError(predictedRotation, reading);
  const change = multiplyRotations(off, stanceChange(setUpRig, actionRig, resolved.placed.spot));
  const { angles } = resolved.setUp;
  let newAngles = setUpAnglesFor(change, { panDeg: predicted.panDeg, tiltDeg: predicted.tiltDeg, rollDeg: 0 });
  if (wantedHeight !== null) {
    const normal = skylineNormal(
      { point: [0, 0, 0], normal: [0, 1, 0], ahead: [1, 0, 0], world: 'trail' },
      predictedRotation,
    );
    const level = setUpAnglesFor(change, { panDeg: predicted.panDeg, tiltDeg: reading.tiltDeg, rollDeg: 0 });
    const tiltDeg = solveTiltDeg(change, level, elevationOfHeightDeg(resolved.lens, wantedHeight), normal);
    if (tiltDeg !== null) newAngles = { ...level, tiltDeg };
  }
  const tiltByDeg = newAngles.tiltDeg - angles.tiltDeg;
  const step = resolved.head.notchDeg.value;
  const notches = step > 0 ? Math.round(tiltByDeg / step) : null;
  return {
    kind: 'correction',
    measured: reading,
    predicted: { tiltDeg: predicted.tiltDeg, rollDeg: predicted.rollDeg },
    tiltByDeg,
    rollByDeg: newAngles.rollDeg - angles.rollDeg,
    notches,
    restDeg: notches === null ? 0 : tiltByDeg - notches * step,
    newAngles: { panDeg: angles.panDeg, tiltDeg: newAngles.tiltDeg, rollDeg: newAngles.rollDeg },
    lesson: resolved.camera.gimbal ? null : lessonOf(off, turnOf(actionRig.learnt, resolved.placed.spot)),
  };
}

/** The whole turn against the model before anything was learnt: what was left over, after what was known. */
function lessonOf(off: Rotation, known: LearntTurn | undefined): { pitchDeg: number; rollDeg: number } {
  const learnt = rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: known?.pitchDeg ?? 0, rollDeg: known?.rollDeg ?? 0 });
  const { tiltDeg, rollDeg } = panTiltRollFromRotation(multiplyRotations(off, learnt));
  return { pitchDeg: tiltDeg, rollDeg };
}
