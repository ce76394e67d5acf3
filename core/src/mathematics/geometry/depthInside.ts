import { castRay } from './bvh';
import { DIRECTIONS } from './evenDirections';
import { meshPoint, type Mesh } from './mesh';
import { cross, dot, subtract, type Vec3 } from './vec3';

/** How far a ray goes until it leaves a closed mesh; null where it enters one first or meets none. */
function leaves(mesh: Mesh, point: Vec3, direction: Vec3): number | null {
  const hit = castRay(mesh, point, direction);
  if (!hit) return null;
  const [a, b, c] = [0, 1, 2].map((k) => meshPoint(mesh, mesh.indices[hit.triangle * 3 + k]!)) as [Vec3, Vec3, Vec3];
  return dot(cross(subtract(b, a), subtract(c, a)), direction) > 0 ? hit.distanceM : null;
}

/** How deep a point lies inside a closed mesh, at most: the nearest way out in 26 directions; 0 outside. Metres, the mesh's own frame. */
export function depthInside(mesh: Mesh, point: Vec3): number {
  let least = Infinity;
  for (const direction of DIRECTIONS) {
    const out = leaves(mesh, point, direction);
    if (out === null) return 0;
    least = Math.min(least, out);
  }
  return least;
}
