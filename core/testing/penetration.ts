import { depthInside } from '../src/mathematics/geometry/depthInside';
import { meshBounds, meshPoint } from '../src/mathematics/geometry/mesh';
import { compose, invert, transformPoint } from '../src/mathematics/geometry/pose';
import type { PosedRig } from '../src/posing/rig/poseRig';

/** Limbs that must stay outside; hands, feet and hips touch the machine on purpose. */
const LIMBS = /^(second\.)?(upperArm|forearm|thigh|shank)(Left|Right)$|^(second\.)?(ribcage|head)$/;
/** What is pressed into by sitting or lying on it. */
const SOFT = /seat|harness|saddle|bag/i;
const DEEP_M = 0.01;

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
