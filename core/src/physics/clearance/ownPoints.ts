import { meshPoint } from '../../mathematics/geometry/mesh';
import { transformPoint } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { ownParts } from '../../posing/strut/ownParts';
import type { StrutPose } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';

/** Points on camera and strut that distances are taken from; more bring less than a millimetre. */
const MOST_POINTS = 160;

/** Up to here a base lies on what it holds on to, as a share of its height: what it sits on or is strapped round is not struck by it. */
const LIES_ON = 0.7;

/** Corners of the strut's own meshes, evenly thinned, world frame. @param all with what of the base lies on the surface too */
export function ownPoints(resolved: ResolvedSetUp, pose: StrutPose, all = false): readonly Vec3[] {
  const parts = ownParts(resolved, pose);
  const corners = parts.reduce((sum, { mesh }) => sum + mesh.positions.length / 3, 0);
  const step = Math.max(1, Math.floor(corners / MOST_POINTS));
  const points: Vec3[] = [];
  // Counted through all meshes, one after the other.
  let skip = 0;
  for (const { id, mesh, worldFromPart } of parts) {
    const count = mesh.positions.length / 3;
    const above = !all && id === 'ownStrut' ? LIES_ON * resolved.base.heightM.value : -Infinity;
    for (; skip < count; skip += step) {
      const corner = meshPoint(mesh, skip);
      if (corner[1] >= above) points.push(transformPoint(worldFromPart, corner));
    }
    skip -= count;
  }
  return points;
}
