import { meshPoint } from '../../mathematics/geometry/mesh';
import { transformPoint } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { ownParts } from '../../posing/strut/ownParts';
import type { StrutPose } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolveSetUp';

/** Points on camera and strut that distances are taken from; more bring less than a millimetre. */
const MOST_POINTS = 160;

/** Corners of the strut's own meshes, evenly thinned, world frame. Base pieces lie on the surface and are left out by their height. */
export function ownPoints(resolved: ResolvedSetUp, pose: StrutPose): readonly Vec3[] {
  const parts = ownParts(resolved, pose);
  const corners = parts.reduce((sum, { mesh }) => sum + mesh.positions.length / 3, 0);
  const step = Math.max(1, Math.floor(corners / MOST_POINTS));
  const points: Vec3[] = [];
  // Counted through all meshes, one after the other.
  let skip = 0;
  for (const { mesh, worldFromPart } of parts) {
    const count = mesh.positions.length / 3;
    for (; skip < count; skip += step) points.push(transformPoint(worldFromPart, meshPoint(mesh, skip)));
    skip -= count;
  }
  return points;
}
