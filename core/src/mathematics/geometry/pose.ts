import { sameFor } from '../caching/sameFor';
import { inverseRotation, multiplyRotations, NO_ROTATION, rotate, type Rotation } from './rotation';
import { add, subtract, type Vec3 } from './vec3';

/** Rigid transform; a pose named `worldFromPart` takes the part's coordinates to the world's. */
export interface Pose {
  readonly rotation: Rotation;
  readonly position: Vec3;
}

export const IDENTITY_POSE: Pose = { rotation: NO_ROTATION, position: [0, 0, 0] };

export const poseAt = (position: Vec3, rotation: Rotation = NO_ROTATION): Pose => ({ rotation, position });

export const transformPoint = (pose: Pose, point: Vec3): Vec3 => add(rotate(pose.rotation, point), pose.position);
export const transformDirection = (pose: Pose, direction: Vec3): Vec3 => rotate(pose.rotation, direction);

/** aFromC = compose(aFromB, bFromC) */
export const compose = (a: Pose, b: Pose): Pose => ({
  rotation: multiplyRotations(a.rotation, b.rotation),
  position: transformPoint(a, b.position),
});

/** bFromA from aFromB. */
export function invert(pose: Pose): Pose {
  const rotation = inverseRotation(pose.rotation);
  return { rotation, position: rotate(rotation, subtract([0, 0, 0], pose.position)) };
}

/** The same, kept with the pose: for those of parts, which are asked for from many places. */
export const inverseOf = sameFor(invert);
