import { castRay } from '../../mathematics/geometry/bvh';
import { invert, transformDirection, transformPoint } from '../../mathematics/geometry/pose';
import { addScaled, normalize, type Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedRig } from '../../posing/rig/poseRig';

/** Ways upwind that are looked along: ahead and a little up, down and to both sides. */
const UPWIND: readonly Vec3[] = [
  [1, 0, 0],
  normalize([1, 0.35, 0]),
  normalize([1, -0.35, 0]),
  normalize([1, 0, 0.35]),
  normalize([1, 0, -0.35]),
];
/** So far upwind something still shelters. Common practice: a few times its own size. */
const SHELTERS_M = 1;
/** Of the wind that is left where all of it meets something: eddies. Estimate 0.15 to 0.4. */
export const EDDIES = 0.25;

/** Share of the wind that blows at a place: 1 in the open, a quarter in the lee. */
export function windShare(rig: PosedRig, at: Vec3): number {
  const parts = rig.parts
    .filter((part) => part.group !== 'own' && part.group !== 'subject' && !part.bends)
    .map((part) => ({ part, partFromWorld: invert(part.worldFromPart) }));
  const open = UPWIND.filter((way) => {
    const from = addScaled(at, way, 0.04);
    return !parts.some(({ part, partFromWorld }) =>
      castRay(part.mesh, transformPoint(partFromWorld, from), transformDirection(partFromWorld, way), SHELTERS_M),
    );
  });
  return EDDIES + (1 - EDDIES) * (open.length / UPWIND.length);
}
