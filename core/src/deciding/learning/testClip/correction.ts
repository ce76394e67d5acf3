import {
  multiplyRotations,
  panTiltRollFromRotation,
  rotate,
  rotationFromPanTiltRoll,
  type PanTiltRoll,
  type Rotation,
} from '../../../mathematics/geometry/rotation';
import { unprojectPixelToDirection, type Lens, type Pixel } from '../../../mathematics/lens/lens';
import type { Vec3 } from '../../../mathematics/geometry/vec3';
import { toDeg } from '../../../mathematics/units/angle';
import type { PosedRig } from '../../../posing/rig/poseRig';
import { turnOf } from '../../../posing/strut/mountRotation';
import { poseStrut } from '../../../posing/strut/kinematics';
import { elevationOfHeightDeg, solveTiltDeg, stanceChange } from '../../../posing/aiming/solveAngles';
import type { LearntTurn } from '../../../words/rig/rigSpec';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import { skylineNormal } from '../../../posing/aiming/horizon';
import { postureError, readHorizon, setUpAnglesFor } from './horizonReading';

/** What is turned: the joint of the strut, what a gimbal keeps, or the view that is cut out of a sphere afterwards. */
type TurnedBy = 'joint' | 'gimbal' | 'view';

interface ClipCorrection {
  readonly kind: 'correction';
  readonly by: TurnedBy;
  /** How the camera pointed in the clip, and how it was meant to, degrees, action stance. */
  readonly measured: { readonly tiltDeg: number; readonly rollDeg: number };
  readonly predicted: { readonly tiltDeg: number; readonly rollDeg: number };
  /** To add to the level's reading in the set-up stance. */
  readonly tiltByDeg: number;
  readonly rollByDeg: number;
  /** To the right where it is positive; null where nobody marked the way. */
  readonly panByDeg: number | null;
  /** Whole notches of the joint for the tilt; null for a joint that holds anywhere. */
  readonly notches: number | null;
  /** What is left after whole notches, degrees. */
  readonly restDeg: number;
  readonly newAngles: PanTiltRoll;
  /** What a gimbal is to keep, degrees from level; none = there is no gimbal. */
  readonly gimbalTiltDeg?: number;
  /** What it teaches of this spot; null where a gimbal holds the lens level whatever the mount does. */
  readonly lesson: { readonly pitchDeg: number; readonly rollDeg: number } | null;
}

/** Pixels of the full picture. */
export interface ClipMarks {
  readonly left: Pixel;
  readonly right: Pixel;
  readonly way?: Pixel;
}

export type ClipResult = ClipCorrection | { readonly kind: "can't say"; readonly because: string };

/**
 * From the horizon marked in a test clip to the turn that puts it where it was wanted.
 * The clip is filmed in the action stance on level ground.
 * @param marks two points of the horizon and, where somebody marked it, where the way ahead vanishes
 * @param wantedHeight fraction from the top, or null to come back to what was predicted
 */
export function correctFromClip(
  resolved: ResolvedSetUp,
  { setUpRig, actionRig }: { readonly setUpRig: PosedRig; readonly actionRig: PosedRig },
  marks: ClipMarks,
  wantedHeight: number | null,
): ClipResult {
  const reading = readHorizon(resolved.lens, marks.left, marks.right);
  if (reading.kind === "can't say") return reading;
  const predictedRotation = poseStrut(resolved, setUpRig, actionRig).worldFromCamera.rotation;
  const predicted = panTiltRollFromRotation(predictedRotation);
  const offPanDeg = marks.way === undefined ? null : wayOffDeg(resolved.lens, reading, marks.way);
  // Where the way vanishes it is ridden toward: what it lies off is what the camera is turned too far.
  const measuredPanDeg = offPanDeg === null ? predicted.panDeg : panOfDeg(actionRig.ground.ahead) - offPanDeg;
  const off = postureError(predictedRotation, { ...reading, panDeg: measuredPanDeg });
  const { angles, gimbalTiltDeg = 0 } = resolved.setUp;
  const normal = skylineNormal(
    { point: [0, 0, 0], normal: [0, 1, 0], ahead: [1, 0, 0], world: 'trail' },
    predictedRotation,
  );
  const told = {
    kind: 'correction',
    measured: { tiltDeg: reading.tiltDeg, rollDeg: reading.rollDeg },
    predicted: { tiltDeg: predicted.tiltDeg, rollDeg: predicted.rollDeg },
  } as const;
  if (resolved.camera.gimbal) {
    // Level ahead: the sky line lies as much over the axis as the lens is tilted down.
    const wanted = wantedHeight === null ? predicted.tiltDeg : -elevationOfHeightDeg(resolved.lens, wantedHeight);
    const tiltByDeg = wanted - reading.tiltDeg;
    return {
      ...told,
      by: 'gimbal',
      tiltByDeg,
      rollByDeg: -reading.rollDeg,
      panByDeg: offPanDeg === null ? null : predicted.panDeg - measuredPanDeg,
      notches: null,
      restDeg: 0,
      newAngles: angles,
      gimbalTiltDeg: gimbalTiltDeg + tiltByDeg,
      lesson: null,
    };
  }
  const change = multiplyRotations(off, stanceChange(setUpRig, actionRig, resolved));
  let newAngles = setUpAnglesFor(change, { panDeg: predicted.panDeg, tiltDeg: predicted.tiltDeg, rollDeg: 0 });
  if (wantedHeight !== null) {
    const level = setUpAnglesFor(change, { panDeg: predicted.panDeg, tiltDeg: reading.tiltDeg, rollDeg: 0 });
    const tiltDeg = solveTiltDeg(change, level, elevationOfHeightDeg(resolved.lens, wantedHeight), normal);
    if (tiltDeg !== null) newAngles = { ...level, tiltDeg };
  }
  const tiltByDeg = newAngles.tiltDeg - angles.tiltDeg;
  const by: TurnedBy = resolved.camera.stitch ? 'view' : 'joint';
  const step = by === 'joint' ? resolved.head.notchDeg.value : 0;
  const notches = step > 0 ? Math.round(tiltByDeg / step) : null;
  const panByDeg = offPanDeg === null ? null : halfTurn(newAngles.panDeg - angles.panDeg);
  return {
    ...told,
    by,
    tiltByDeg,
    rollByDeg: newAngles.rollDeg - angles.rollDeg,
    panByDeg,
    notches,
    restDeg: notches === null ? 0 : tiltByDeg - notches * step,
    newAngles: { ...newAngles, panDeg: panByDeg === null ? angles.panDeg : angles.panDeg + panByDeg },
    lesson: lessonOf(off, turnOf(actionRig.learnt, resolved)),
  };
}

const halfTurn = (deg: number): number => ((((deg + 180) % 360) + 360) % 360) - 180;

/** Way of a level direction from straight ahead of the world, degrees, to the right where it is positive. */
const panOfDeg = ([x, , z]: Vec3): number => toDeg(Math.atan2(z, x));

/** How far to the right of where the camera looks a marked direction lies, on the level, degrees; null outside the lens circle. */
function wayOffDeg(
  lens: Lens,
  { tiltDeg, rollDeg }: Pick<PanTiltRoll, 'tiltDeg' | 'rollDeg'>,
  way: Pixel,
): number | null {
  const direction = unprojectPixelToDirection(lens, way);
  return direction && panOfDeg(rotate(rotationFromPanTiltRoll({ panDeg: 0, tiltDeg, rollDeg }), direction));
}

/** The whole turn against the model before anything was learnt: what was left over, after what was known. */
function lessonOf(off: Rotation, known: LearntTurn | undefined): { pitchDeg: number; rollDeg: number } {
  const learnt = rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: known?.pitchDeg ?? 0, rollDeg: known?.rollDeg ?? 0 });
  const { tiltDeg, rollDeg } = panTiltRollFromRotation(multiplyRotations(off, learnt));
  return { pitchDeg: tiltDeg, rollDeg };
}
