import { depthInside } from '../../mathematics/geometry/depthInside';
import { meshBounds } from '../../mathematics/geometry/mesh';
import { invert, transformPoint } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedPart } from '../../words/carrier/posedPart';

/** The part that a point of the world lies deepest inside, and how deep, metres; null where it lies in none. */
export function sunkInto(parts: readonly PosedPart[], point: Vec3): { part: PosedPart; depthM: number } | null {
  let deepest: { part: PosedPart; depthM: number } | null = null;
  for (const part of parts) {
    const at = transformPoint(invert(part.worldFromPart), point);
    const { min, max } = meshBounds(part.mesh);
    if (at.some((x, k) => x < min[k]! || x > max[k]!)) continue;
    const depthM = depthInside(part.mesh, at);
    if (depthM > (deepest?.depthM ?? 0)) deepest = { part, depthM };
  }
  return deepest;
}
