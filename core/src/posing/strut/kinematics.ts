import { compose, poseAt, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import {
  inverseRotation,
  multiplyRotations,
  rotate,
  rotationAbout,
  rotationFromPanTiltRoll,
  type PanTiltRoll,
  type Rotation,
} from '../../mathematics/geometry/rotation';
import { add, addScaled, type Vec3 } from '../../mathematics/geometry/vec3';
import { WHOLE_SPHERE } from '../../mathematics/lens/projection';
import { toRad } from '../../mathematics/units/angle';
import type { PosedRig } from '../rig/poseRig';
import { MOUNTING_TURN_DEG } from '../../words/kit/camera';
import { levelled, levelsDeg } from './levelling';
import { mountRotation } from './mountRotation';
import { gimbalState, type GimbalState } from './gimbal';
import type { ResolvedSetUp } from './resolveSetUp';
import type { LinkUse } from '../../words/setUp/setUp';

/** Unit direction of a link in the spot frame (+y normal, +x reference, +z = x × y). */
export function linkDirection({ bendDeg, turnDeg }: Pick<LinkUse, 'bendDeg' | 'turnDeg'>): Vec3 {
  const s = Math.sin(toRad(bendDeg));
  return [s * Math.cos(toRad(turnDeg)), Math.cos(toRad(bendDeg)), s * Math.sin(toRad(turnDeg))];
}

/** Joints of the chain in the spot frame: on the surface, on the base, then the end of each link (the last holds the head). */
export function chainJoints(resolved: Pick<ResolvedSetUp, 'base' | 'links'>): readonly Vec3[] {
  const joints: Vec3[] = [
    [0, 0, 0],
    [0, resolved.base.heightM.value, 0],
  ];
  for (const { use } of resolved.links) {
    joints.push(addScaled(joints[joints.length - 1]!, linkDirection(use), use.lengthM));
  }
  return joints;
}

/** Camera orientation fixed to its part: what the level reads in the set-up stance, carried into the part's frame. */
const partFromCameraRotation = (
  setUpRig: PosedRig,
  resolved: ResolvedSetUp,
  angles: PanTiltRoll = resolved.setUp.angles,
): Rotation =>
  multiplyRotations(
    inverseRotation(setUpRig.byId.get(resolved.placed.spot.partId)!.worldFromPart.rotation),
    rotationFromPanTiltRoll(angles),
  );

/**
 * A reframed picture is turned afterwards: the body with its two lenses stands as it was put up, level and ahead. Held in the hand it is turned
 * so that one lens looks at what is filmed, and the seam goes past it.
 */
const asPutUp = ({ base, setUp }: ResolvedSetUp): PanTiltRoll => ({
  panDeg: base.kind === 'hand' ? setUp.angles.panDeg : 0,
  tiltDeg: 0,
  rollDeg: 0,
});
const isReframed = ({ camera, mode }: ResolvedSetUp): boolean =>
  camera.stitch !== undefined && mode.lens.projection !== WHOLE_SPHERE;

/** Body frame turned about the lens axis for hanging and upright pictures. */
const cameraFromBodyRotation = (resolved: ResolvedSetUp): Rotation =>
  rotationAbout([1, 0, 0], MOUNTING_TURN_DEG[resolved.setUp.mounting]);

export interface StrutPose {
  /** Lens: middle of the front glass, +x its axis, +y picture up. */
  readonly worldFromCamera: Pose;
  /** Mounting point of the body, turned as the body is. */
  readonly worldFromBody: Pose;
  readonly worldFromSpot: Pose;
  /** What a powered gimbal makes of it; null without one. */
  readonly gimbal: GimbalState | null;
}

/**
 * Forward kinematics of the whole chain in one stance: carrier → part → spot → base → links → head → camera.
 * @param setUpRig the same rig in the set-up stance, in which the angles were read
 */
export function poseStrut(resolved: ResolvedSetUp, setUpRig: PosedRig, rig: PosedRig): StrutPose {
  const part = rig.byId.get(resolved.placed.spot.partId)!;
  const spot = compose(part.worldFromPart, resolved.placed.partFromSpot);
  const joints = chainJoints(resolved);
  const mount = transformPoint(spot, joints[joints.length - 1]!);
  const stands = mountRotation(rig, resolved);
  const rotation = multiplyRotations(stands, partFromCameraRotation(setUpRig, resolved));
  const body = isReframed(resolved)
    ? multiplyRotations(stands, partFromCameraRotation(setUpRig, resolved, asPutUp(resolved)))
    : rotation;
  const worldFromBody = poseAt(mount, multiplyRotations(body, cameraFromBodyRotation(resolved)));
  const lens = add(mount, rotate(worldFromBody.rotation, resolved.camera.lensFromMountM));
  const gimbal = resolved.camera.gimbal
    ? gimbalState(rotation, resolved.setUp.gimbalTiltDeg ?? 0, resolved.camera.gimbal)
    : null;
  return {
    worldFromCamera: poseAt(lens, gimbal?.worldFromCamera ?? levelled(rotation, levelsDeg(resolved))),
    worldFromBody,
    worldFromSpot: spot,
    gimbal,
  };
}

/** Reach (along the surface) and height (off the surface) of the lens from the spot in metres, set-up stance. */
export function reachAndHeight(resolved: ResolvedSetUp, setUpRig: PosedRig): { reachM: number; heightM: number } {
  const { worldFromSpot, worldFromCamera } = poseStrut(resolved, setUpRig, setUpRig);
  const lens = rotate(inverseRotation(worldFromSpot.rotation), [
    worldFromCamera.position[0] - worldFromSpot.position[0],
    worldFromCamera.position[1] - worldFromSpot.position[1],
    worldFromCamera.position[2] - worldFromSpot.position[2],
  ]);
  return { reachM: Math.hypot(lens[0], lens[2]), heightM: lens[1] };
}
