import { compose, poseAt, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import {
  inverseRotation,
  multiplyRotations,
  rotate,
  rotationAbout,
  rotationFromAxes,
  rotationFromPanTiltRoll,
  type Rotation,
} from '../../mathematics/geometry/rotation';
import { add, addScaled, cross, dot, perpendicularTo, type Vec3 } from '../../mathematics/geometry/vec3';
import { WHOLE_SPHERE } from '../../mathematics/lens/projection';
import { toRad } from '../../mathematics/units/angle';
import type { PosedRig } from '../rig/poseRig';
import { MOUNTING_TURN_DEG } from '../../words/kit/camera';
import { levelled, levelsDeg } from './levelling';
import { mountRotation } from './mountRotation';
import { gimbalState, type GimbalState } from './gimbal';
import type { ResolvedSetUp } from './resolvedSetUp';
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

/** An orientation as it is read in the set-up stance, fixed to the spot's part and carried into its frame. */
const partFromWorldRotation = (setUpRig: PosedRig, { placed }: ResolvedSetUp, inSetUp: Rotation): Rotation =>
  multiplyRotations(inverseRotation(setUpRig.byId.get(placed.spot.partId)!.worldFromPart.rotation), inSetUp);

/** A view cut out of a whole sphere: the picture is turned afterwards, the body with its two lenses stands as it was put up. */
export const turnedAfterwards = ({ camera, mode }: Pick<ResolvedSetUp, 'camera' | 'mode'>): boolean =>
  camera.stitch !== undefined && mode.lens.projection !== WHOLE_SPHERE;

/** The pole that a camera of two lenses stands straight on, so that it lies in the seam between them; null where there is none. */
export function straightOnPole(resolved: Pick<ResolvedSetUp, 'camera' | 'mode' | 'links'>): LinkUse | null {
  const firm = resolved.links.filter(({ definition: { kind } }) => kind !== 'damper' && kind !== 'pad');
  const last = turnedAfterwards(resolved) ? firm.at(-1) : undefined;
  return last?.definition.kind === 'pole' ? last.use : null;
}

/**
 * How the camera's body stands, read in the set-up stance, world frame. As the picture is turned, but where that is turned afterwards: straight on its pole,
 * one lens towards what is filmed as far as that goes; ahead else, in the hand with one lens towards it, level or tilted as it is set.
 */
export function bodyInSetUp(resolved: ResolvedSetUp, setUpRig: PosedRig): Rotation {
  const { setUp, base, placed } = resolved;
  if (!turnedAfterwards(resolved)) return rotationFromPanTiltRoll(setUp.angles);
  const level = { panDeg: setUp.angles.panDeg, tiltDeg: 0, rollDeg: 0 };
  const pole = straightOnPole(resolved);
  if (pole) {
    const part = setUpRig.byId.get(placed.spot.partId)!;
    const spot = multiplyRotations(part.worldFromPart.rotation, placed.partFromSpot.rotation);
    const up = rotate(spot, linkDirection(pole));
    const ahead = rotate(rotationFromPanTiltRoll(level), [1, 0, 0]);
    // A pole that points at what is filmed: one lens looks up, the other down.
    const front = perpendicularTo(up, Math.abs(dot(ahead, up)) < POINTS_AT ? ahead : [0, 1, 0]);
    return rotationFromAxes(front, up, cross(front, up));
  }
  const tilted = { ...level, tiltDeg: setUp.bodyTiltDeg ?? 0 };
  return rotationFromPanTiltRoll(base.kind === 'hand' ? tilted : { ...tilted, panDeg: 0 });
}
/** Cosine of the angle between pole and view from which the pole points at what is filmed. Estimate 0.9 to 0.98. */
const POINTS_AT = 0.95;

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
  const inPart = partFromWorldRotation(setUpRig, resolved, rotationFromPanTiltRoll(resolved.setUp.angles));
  const rotation = multiplyRotations(stands, inPart);
  const body = turnedAfterwards(resolved)
    ? multiplyRotations(stands, partFromWorldRotation(setUpRig, resolved, bodyInSetUp(resolved, setUpRig)))
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
