import { loft, type Ring } from '../../../src/mathematics/geometry/build/loft';
import { smoothPath } from '../../../src/mathematics/geometry/build/tube';
import { superellipse } from '../../../src/mathematics/geometry/build/superellipse';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { cross, normalize, RIGHT, subtract, AHEAD, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import type { BodySegments } from '../../../src/words/carrier/bodySegments';

/** A small riding pack and its shoulder straps in the ribcage's frame; measures in fractions of stature (estimates ± 20 %). */
export function packMeshes(body: BodySegments): { bag: Mesh; straps: Mesh } {
  const h = body.statureM;
  const bag = loft(
    (
      [
        [-0.03, 0.05, 0.02, -0.085],
        [-0.022, 0.07, 0.034, -0.095],
        [0.03, 0.082, 0.046, -0.105],
        [0.1, 0.084, 0.045, -0.103],
        [0.155, 0.075, 0.035, -0.093],
        [0.178, 0.056, 0.02, -0.08],
      ] as const
    ).map(([y, half, deep, x]) =>
      superellipse(
        { centre: [x * h, y * h, 0] as Vec3, u: RIGHT, v: AHEAD, halfU: half * h, halfV: deep * h, power: 3 },
        20,
      ),
    ),
  );
  const path = smoothPath(
    (
      [
        [-0.062, 0.145, 0.058],
        [-0.04, 0.18, 0.058],
        [0.0, 0.184, 0.059],
        [0.038, 0.168, 0.061],
        [0.062, 0.142, 0.062],
        [0.0735, 0.1, 0.063],
        [0.068, 0.06, 0.07],
        [0.04, 0.028, 0.088],
        [-0.02, 0.01, 0.095],
        [-0.07, 0.0, 0.08],
      ] as const
    ).map(([x, y, z]): Vec3 => [x * h, y * h, z * h]),
    4,
  );
  const strap = loft(
    path.map((point, i): Ring => {
      const tangent = normalize(subtract(path[Math.min(path.length - 1, i + 1)]!, path[Math.max(0, i - 1)]!));
      const outward = normalize([point[0] + 0.02 * h, (point[1] - 0.1 * h) * 1.4, point[2] * 0.25]);
      const across = normalize(cross(tangent, outward));
      const face = cross(across, tangent);
      const wide = (i < path.length * 0.62 ? 0.017 : 0.009) * h;
      return superellipse({ centre: point, u: across, v: face, halfU: wide, halfV: 0.0045 * h, power: 3.2 }, 10);
    }),
  );
  return { bag, straps: mergeMeshes([strap, mirrorMesh(strap)]) };
}
