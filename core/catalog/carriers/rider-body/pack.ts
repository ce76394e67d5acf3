import { loft } from '../../../src/mathematics/geometry/build/loft';
import { superellipse } from '../../../src/mathematics/geometry/build/superellipse';
import type { Mesh } from '../../../src/mathematics/geometry/mesh';
import { AHEAD, RIGHT, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { OVER_SHOULDER, shoulderStraps } from '../../shapes/shoulderStraps';
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
  const way: readonly Vec3[] = [
    ...OVER_SHOULDER,
    [0.0735, 0.1, 0.063],
    [0.068, 0.06, 0.07],
    [0.04, 0.028, 0.088],
    [-0.02, 0.01, 0.095],
    [-0.07, 0.0, 0.08],
  ];
  return { bag, straps: shoulderStraps(body, way, (along) => (along < 0.62 ? 0.017 : 0.009)) };
}
