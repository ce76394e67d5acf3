import { loft, type Ring } from '../../../src/mathematics/geometry/build/loft';
import { rod, smoothPath, tube } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../../src/mathematics/geometry/mesh';
import type { Vec3 } from '../../../src/mathematics/geometry/vec3';

/** Half width of the cage, and heights over the ground; metres, common practice ± 10 %. */
const HALF = 0.62;
export const FLOOR_Y = 0.42;
const TOP_Y = 1.82;
/** Outer diameter of the bumper's tube. */
export const BUMPER_M = 0.038;

/** Right half of the cage and its cross tubes, as paths. @param longerM what the second row takes; 0 = there is none */
export function cage(r: number, longerM: number): Mesh {
  const back = ([x, y, z]: Vec3): Vec3 => [x - longerM, y, z];
  const pipe = (points: readonly Vec3[]) => tube(smoothPath(points, 4), { radiusM: r, segments: 12 });
  const side = mergeMeshes([
    // Screen pillar, roof and main hoop in one run.
    pipe([
      [0.92, FLOOR_Y + 0.42, HALF - 0.04],
      [0.62, 1.2, HALF],
      [0.3, TOP_Y - 0.04, HALF - 0.07],
      [0.1, TOP_Y, HALF - 0.09],
      ...(longerM > 0 ? [[-0.5, TOP_Y + 0.03, HALF - 0.09] as const] : []),
      back([-0.5, TOP_Y + 0.02, HALF - 0.09]),
      back([-0.66, TOP_Y - 0.05, HALF - 0.08]),
      back([-0.74, 1.2, HALF - 0.01]),
      back([-0.76, FLOOR_Y, HALF]),
    ]),
    ...(longerM > 0
      ? [
          pipe([
            [-0.5, TOP_Y + 0.03, HALF - 0.09],
            [-0.68, 1.2, HALF - 0.01],
            [-0.72, FLOOR_Y, HALF],
          ]),
        ]
      : []),
    pipe([
      [1.0, FLOOR_Y, HALF - 0.1],
      [0.3, FLOOR_Y, HALF],
      back([-0.76, FLOOR_Y, HALF]),
      back([-1.2, FLOOR_Y + 0.06, HALF - 0.12]),
    ]),
    pipe([[0.86, FLOOR_Y + 0.5, HALF - 0.03], [0.3, FLOOR_Y + 0.36, HALF + 0.02], back([-0.74, FLOOR_Y + 0.5, HALF])]),
    pipe([
      back([-0.6, TOP_Y - 0.1, HALF - 0.09]),
      back([-1.0, 1.35, HALF - 0.14]),
      back([-1.3, 0.95, HALF - 0.18]),
      back([-1.32, FLOOR_Y + 0.1, HALF - 0.18]),
    ]),
  ]);
  const across = (x: number, y: number, half: number) => rod([x, y, -half], [x, y, half], { radiusM: r, segments: 12 });
  return mergeMeshes([
    side,
    mirrorMesh(side),
    across(0.26, TOP_Y - 0.03, HALF - 0.07),
    across(-0.56 - longerM, TOP_Y, HALF - 0.09),
    ...(longerM > 0 ? [across(-0.52, TOP_Y + 0.01, HALF - 0.09)] : []),
    across(-0.74 - longerM, 1.25, HALF - 0.01),
    across(0.9, FLOOR_Y + 0.44, HALF - 0.04),
    across(-1.3 - longerM, 0.95, HALF - 0.18),
    rod(back([-0.7, 1.62, -HALF + 0.06]), back([-0.75, 0.75, HALF - 0.02]), { radiusM: r * 0.9, segments: 10 }),
  ]);
}

export function nose(): Mesh {
  const ring = (x: number, half: number, low: number, high: number): Ring =>
    [
      [half, low],
      [half * 1.02, (low + high) / 2],
      [half * 0.9, high - 0.03],
      [half * 0.5, high],
      [-half * 0.5, high],
      [-half * 0.9, high - 0.03],
      [-half * 1.02, (low + high) / 2],
      [-half, low],
    ].map(([z, y]): Vec3 => [x, y!, z!]);
  return loft([
    ring(0.72, 0.6, FLOOR_Y + 0.2, 1.06),
    ring(0.95, 0.58, FLOOR_Y + 0.16, 1.0),
    ring(1.3, 0.5, FLOOR_Y + 0.12, 0.86),
    ring(1.52, 0.38, FLOOR_Y + 0.14, 0.74),
    ring(1.58, 0.3, FLOOR_Y + 0.18, 0.68),
  ]);
}

/** A tube before the nose on two stays: it takes the stones, and a clamp. */
export function bumper(r: number): Mesh {
  const stay = (z: number) => rod([1.46, FLOOR_Y + 0.2, z], [1.68, FLOOR_Y + 0.12, z], { radiusM: r, segments: 12 });
  return mergeMeshes([
    rod([1.68, FLOOR_Y + 0.12, -0.46], [1.68, FLOOR_Y + 0.12, 0.46], { radiusM: r, segments: 16, rounded: true }),
    stay(0.26),
    stay(-0.26),
  ]);
}

/** Half a windscreen of clear plastic behind the nose, bowed and raked. */
export function halfScreen(): Mesh {
  const at = (x: number, y: number, t: number): Vec3 => [x - 0.08 * (2 * t - 1) ** 2, y, (2 * t - 1) * 0.55];
  const side = (thickM: number): Vec3[][] =>
    [0, 1].map((up) => Array.from({ length: 9 }, (_, i) => at(0.8 - 0.12 * up + thickM, 1.1 + 0.26 * up, i / 8)));
  const [outerLow, outerHigh] = side(0.002) as [Vec3[], Vec3[]];
  const [innerLow, innerHigh] = side(-0.002) as [Vec3[], Vec3[]];
  return loft(outerLow.map((p, i): Ring => [p, outerHigh[i]!, innerHigh[i]!, innerLow[i]!]));
}
