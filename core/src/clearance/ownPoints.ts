import { meshPoint } from '../geometry/mesh';
import { transformPoint } from '../geometry/pose';
import type { Vec3 } from '../geometry/vec3';
import { ownParts } from '../strut/ownParts';
import type { StrutPose } from '../strut/kinematics';
import type { ResolvedSetUp } from '../strut/resolveSetUp';

/** Points on camera and strut that distances are taken from; more bring less than a millimetre. */
const MOST_POINTS = 160;

/** Corners of the strut's own meshes, evenly thinned, world frame. Base pieces lie on the surface and are left out by their height. */
export function ownPoints(resolved: ResolvedSetUp, pose: StrutPose): readonly Vec3[] {
  const points = ownParts(resolved, pose).flatMap(({ mesh, worldFromPart }) =>
    Array.from({ length: mesh.positions.length / 3 }, (_, i) => transformPoint(worldFromPart, meshPoint(mesh, i))),
  );
  const step = Math.max(1, Math.floor(points.length / MOST_POINTS));
  return points.filter((_, i) => i % step === 0);
}
