import { depthInside } from '../../mathematics/geometry/depthInside';
import { meshBounds, type Bounds } from '../../mathematics/geometry/mesh';
import { inverseOf, transformPoint } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedPart } from '../../words/carrier/posedPart';

const within = ({ min, max }: Bounds, [x, y, z]: Vec3): boolean =>
  x >= min[0] && x <= max[0] && y >= min[1] && y <= max[1] && z >= min[2] && z <= max[2];

/** The part that a point of the world lies deepest inside, and how deep, metres; null where it lies in none. */
export function sunkInto(parts: readonly PosedPart[], point: Vec3): { part: PosedPart; depthM: number } | null {
  let deepest: { part: PosedPart; depthM: number } | null = null;
  for (const part of parts) {
    const at = transformPoint(inverseOf(part.worldFromPart), point);
    if (!within(meshBounds(part.mesh), at)) continue;
    const depthM = depthInside(part.mesh, at);
    if (depthM > (deepest?.depthM ?? 0)) deepest = { part, depthM };
  }
  return deepest;
}
