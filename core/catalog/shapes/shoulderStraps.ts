import { loft, type Ring } from '../../src/mathematics/geometry/build/loft';
import { smoothPath } from '../../src/mathematics/geometry/build/tube';
import { superellipse } from '../../src/mathematics/geometry/build/superellipse';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../src/mathematics/geometry/mesh';
import { cross, normalize, subtract, type Vec3 } from '../../src/mathematics/geometry/vec3';
import type { BodySegments } from '../../src/words/carrier/bodySegments';

/** From behind the shoulder over it down to the breast, as fractions of stature in the ribcage's frame; estimates within a fifth. */
export const OVER_SHOULDER: readonly Vec3[] = [
  [-0.062, 0.145, 0.058],
  [-0.04, 0.18, 0.058],
  [0.0, 0.184, 0.059],
  [0.038, 0.168, 0.061],
  [0.062, 0.142, 0.062],
];

/** Straps over both shoulders along the right one's way. @param halfWide at a fraction of the way, as a fraction of stature */
export function shoulderStraps(
  { statureM: h }: BodySegments,
  way: readonly Vec3[],
  halfWide: (along: number) => number,
): Mesh {
  const path = smoothPath(
    way.map(([x, y, z]): Vec3 => [x * h, y * h, z * h]),
    4,
  );
  const strap = loft(
    path.map((point, i): Ring => {
      const tangent = normalize(subtract(path[Math.min(path.length - 1, i + 1)]!, path[Math.max(0, i - 1)]!));
      const outward = normalize([point[0] + 0.02 * h, (point[1] - 0.1 * h) * 1.4, point[2] * 0.25]);
      const across = normalize(cross(tangent, outward));
      const face = cross(across, tangent);
      const wide = halfWide(i / path.length) * h;
      return superellipse({ centre: point, u: across, v: face, halfU: wide, halfV: 0.0045 * h, power: 3.2 }, 10);
    }),
  );
  return mergeMeshes([strap, mirrorMesh(strap)]);
}
