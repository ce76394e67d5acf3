import { castRay } from '../src/mathematics/geometry/bvh';
import { meshBounds, meshPoint, type Mesh } from '../src/mathematics/geometry/mesh';
import { compose, invert, transformPoint } from '../src/mathematics/geometry/pose';
import { cross, dot, normalize, subtract, type Vec3 } from '../src/mathematics/geometry/vec3';
import type { PosedRig } from '../src/posing/rig/poseRig';

/** Limbs that must stay outside; hands, feet and hips touch the machine on purpose. */
const LIMBS = /^(second\.)?(upperArm|forearm|thigh|shank)(Left|Right)$|^(second\.)?(ribcage|head)$/;
/** What is pressed into by sitting or lying on it. */
const SOFT = /seat|harness|saddle|bag/i;
const DEEP_M = 0.01;

const DIRECTIONS: readonly Vec3[] = [-1, 0, 1].flatMap((x) =>
  [-1, 0, 1].flatMap((y) => [-1, 0, 1].flatMap((z): Vec3[] => (x || y || z ? [normalize([x, y, z])] : []))),
);

const leaves = (mesh: Mesh, point: Vec3, direction: Vec3): number | null => {
  const hit = castRay(mesh, point, direction);
  if (!hit) return null;
  const [a, b, c] = [0, 1, 2].map((k) => meshPoint(mesh, mesh.indices[hit.triangle * 3 + k]!)) as [Vec3, Vec3, Vec3];
  return dot(cross(subtract(b, a), subtract(c, a)), direction) > 0 ? hit.distanceM : null;
};

/** How deep a point lies inside a closed mesh, at most: the nearest way out in 26 directions; 0 outside. */
function depthInside(mesh: Mesh, point: Vec3): number {
  let least = Infinity;
  for (const direction of DIRECTIONS) {
    const out = leaves(mesh, point, direction);
    if (out === null) return 0;
    least = Math.min(least, out);
  }
  return least;
}

/** Every limb that is more than a centimetre inside a hard part, as "limb in part: 2.3 cm". */
export function deepest(rig: PosedRig): string[] {
  const hard = rig.parts
    .filter((p) => p.group === 'machine' && !p.seeThrough && !SOFT.test(p.id))
    .map((p) => ({ id: p.id, mesh: p.mesh, bounds: meshBounds(p.mesh), partFromWorld: invert(p.worldFromPart) }));
  const found: string[] = [];
  for (const limb of rig.parts.filter((p) => LIMBS.test(p.id))) {
    for (const { id, mesh, bounds, partFromWorld } of hard) {
      const partFromLimb = compose(partFromWorld, limb.worldFromPart);
      let deep = 0;
      for (let i = 0; i < limb.mesh.positions.length / 3; i += 2) {
        const point = transformPoint(partFromLimb, meshPoint(limb.mesh, i));
        if ([0, 1, 2].some((k) => point[k as 0]! < bounds.min[k as 0]! || point[k as 0]! > bounds.max[k as 0]!))
          continue;
        deep = Math.max(deep, depthInside(mesh, point));
      }
      if (deep > DEEP_M) found.push(`${limb.id} in ${id}: ${(deep * 100).toFixed(1)} cm`);
    }
  }
  return found;
}
