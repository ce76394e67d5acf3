import { loft } from '../../../src/mathematics/geometry/build/loft';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod, smoothPath, tube } from '../../../src/mathematics/geometry/build/tube';
import { superellipse } from '../../../src/mathematics/geometry/build/superellipse';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { rotationAbout } from '../../../src/mathematics/geometry/rotation';
import { add, addScaled, mix, RIGHT, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { toRad } from '../../../src/mathematics/units/angle';

const RAKE_DEG = 27;
const steerUp: Vec3 = [-Math.sin(toRad(RAKE_DEG)), Math.cos(toRad(RAKE_DEG)), 0];

/** Machine frame: origin on the ground under the engine. Enduro figures, common practice ± 5 %: wheelbase 1.48 m, tyres 21 and 18 inch. */
export const GEOMETRY = {
  frontAxle: [0.78, 0.345, 0] as Vec3,
  rearAxle: [-0.7, 0.33, 0] as Vec3,
  pivot: [-0.13, 0.46, 0] as Vec3,
  steerUp,
  steerTop: [0.345, 1.04, 0] as Vec3,
  clamp: [0.35, 1.1, 0] as Vec3,
  seat: [-0.2, 0.94, 0] as Vec3,
  peg: [-0.12, 0.41, 0.2] as Vec3,
} as const;
const G = GEOMETRY;

const both = (mesh: Mesh): Mesh => mergeMeshes([mesh, mirrorMesh(mesh)]);
export const pegAt = (sign: 1 | -1): Vec3 => [G.peg[0], G.peg[1], sign * G.peg[2]];

interface Bars {
  readonly halfM: number;
  readonly riseM: number;
}

const barPath = ({ halfM, riseM }: Bars): Vec3[] => {
  const at = (z: number, up: number, back: number): Vec3 => add(G.clamp, [-back, up, z]);
  return [
    at(0, 0, 0),
    at(0.07, 0, 0),
    at(0.17, riseM, 0.03),
    at(0.23, riseM + 0.012, 0.04),
    at(halfM, riseM + 0.02, 0.105),
  ];
};

/** Middle of the right grip and its outward axis, bars straight. */
export function gripAt(bars: Bars): { centre: Vec3; outward: Vec3 } {
  const path = barPath(bars);
  const tip = path[4]!;
  const from = path[3]!;
  const d: Vec3 = [tip[0] - from[0], tip[1] - from[1], tip[2] - from[2]];
  const size = Math.hypot(...d);
  const outward: Vec3 = [d[0] / size, d[1] / size, d[2] / size];
  return { centre: addScaled(tip, outward, -0.065), outward };
}

const section = (x: number, y: number, halfZ: number, halfY: number, power = 2.6) =>
  superellipse({ centre: [x, y, 0], u: RIGHT, v: UP, halfU: halfZ, halfV: halfY, power }, 18);

export function motorcycleMeshes(bars: Bars, seatY: number) {
  const half = smoothPath(barPath(bars), 4);
  const { centre, outward } = gripAt(bars);
  const leg = (z: number): Mesh => {
    const foot = add(G.frontAxle, [-0.035, 0.0, z]);
    const top = addScaled(add(G.steerTop, [0.055, 0, z]), steerUp, 0.03);
    return mergeMeshes([
      rod(foot, mix(foot, top, 0.42), { radiusM: 0.024, segments: 14 }),
      rod(mix(foot, top, 0.36), top, { radiusM: 0.029, segments: 14 }),
    ]);
  };
  const clampPlate = (up: number) =>
    roundedBox(
      [0.1, 0.035, 0.25],
      0.015,
      poseAt(addScaled(add(G.steerTop, [0.03, 0, 0]), steerUp, up), rotationAbout(RIGHT, RAKE_DEG)),
    );
  const pipe = (points: readonly Vec3[], radiusM: number) => tube(smoothPath(points, 4), { radiusM, segments: 12 });
  return {
    frame: both(
      mergeMeshes([
        pipe(
          [add(G.steerTop, [-0.03, -0.02, 0.02]), [0.1, 0.86, 0.11], [-0.12, 0.66, 0.12], [-0.15, 0.42, 0.11]],
          0.022,
        ),
        pipe([add(G.steerTop, [-0.01, -0.12, 0.02]), [0.3, 0.6, 0.06], [0.24, 0.34, 0.09], [-0.1, 0.32, 0.1]], 0.019),
        pipe(
          [
            [-0.05, 0.76, 0.1],
            [-0.4, 0.84, 0.09],
            [-0.66, 0.88, 0.07],
          ],
          0.014,
        ),
        pipe(
          [
            [-0.14, 0.52, 0.11],
            [-0.4, 0.72, 0.09],
            [-0.6, 0.86, 0.07],
          ],
          0.012,
        ),
      ]),
    ),
    engine: mergeMeshes([
      roundedBox([0.36, 0.26, 0.28], 0.07, poseAt([0.03, 0.44, 0])),
      roundedBox([0.17, 0.3, 0.19], 0.04, poseAt([0.17, 0.66, 0], rotationAbout(RIGHT, -14))),
      ...[0, 1, 2, 3].map((i) =>
        roundedBox(
          [0.2, 0.012, 0.22],
          0.005,
          poseAt([0.165 + 0.008 * i, 0.58 + 0.045 * i, 0], rotationAbout(RIGHT, -14)),
        ),
      ),
      rod([0.0, 0.44, 0.12], [0.0, 0.44, 0.17], { radiusM: 0.1, segments: 24 }),
      rod([-0.04, 0.44, -0.12], [-0.04, 0.44, -0.165], { radiusM: 0.085, segments: 24 }),
    ]),
    tank: mergeMeshes([
      loft([
        section(-0.08, seatY - 0.05, 0.1, 0.05),
        section(0.02, seatY - 0.02, 0.115, 0.09),
        section(0.14, seatY - 0.0, 0.125, 0.12),
        section(0.26, seatY + 0.0, 0.115, 0.12),
        section(0.33, seatY - 0.02, 0.07, 0.08),
      ]),
      both(
        loft(
          (
            [
              [0.52, 0.92, 0.185, 0.03],
              [0.42, 0.86, 0.18, 0.1],
              [0.28, 0.82, 0.165, 0.13],
              [0.1, 0.84, 0.135, 0.09],
              [-0.02, 0.86, 0.12, 0.05],
            ] as const
          ).map(([x, y, z, h]) =>
            superellipse({ centre: [x, y, z], u: RIGHT, v: UP, halfU: 0.014, halfV: h, power: 2.4 }, 14),
          ),
        ),
      ),
      both(roundedBox([0.3, 0.24, 0.02], 0.009, poseAt([-0.34, 0.78, 0.12], rotationAbout(RIGHT, 10)))),
    ]),
    seat: loft([
      section(0.06, seatY - 0.01, 0.075, 0.045, 3),
      section(-0.06, seatY - 0.045, 0.1, 0.05, 3),
      section(-0.22, seatY - 0.052, 0.115, 0.052, 3),
      section(-0.45, seatY - 0.045, 0.105, 0.05, 3),
      section(-0.66, seatY - 0.02, 0.08, 0.04, 3),
    ]),
    rearFender: loft([
      section(-0.55, seatY - 0.06, 0.1, 0.02, 4),
      section(-0.75, seatY - 0.02, 0.095, 0.016, 4),
      section(-0.95, seatY + 0.03, 0.08, 0.012, 4),
      section(-1.06, seatY + 0.05, 0.06, 0.008, 4),
    ]),
    frontFender: loft([
      section(1.22, 0.86, 0.03, 0.006, 4),
      section(1.12, 0.86, 0.06, 0.01, 4),
      section(0.86, 0.83, 0.075, 0.014, 4),
      section(0.6, 0.81, 0.07, 0.014, 4),
      section(0.46, 0.78, 0.05, 0.01, 4),
    ]),
    exhaust: mergeMeshes([
      pipe(
        [
          [0.26, 0.66, 0.03],
          [0.36, 0.5, 0.1],
          [0.2, 0.42, 0.19],
          [-0.1, 0.6, 0.17],
          [-0.3, 0.72, 0.17],
        ],
        0.024,
      ),
      rod([-0.3, 0.72, 0.17], [-0.74, 0.86, 0.18], {
        radiusM: (t) => 0.045 + 0.012 * Math.sin(Math.PI * t),
        segments: 16,
        rounded: true,
      }),
    ]),
    swingarm: mergeMeshes([
      both(
        rod(add(G.pivot, [0, 0, 0.08]), add(G.rearAxle, [-0.02, 0, 0.1]), {
          radiusM: (t) => 0.04 - 0.014 * t,
          flatness: 0.5,
          power: 3,
          segments: 12,
          reference: UP,
        }),
      ),
      rod(add(G.pivot, [0, 0, -0.11]), add(G.pivot, [0, 0, 0.11]), { radiusM: 0.03, segments: 14 }),
    ]),
    chain: mergeMeshes([
      rod(add(G.pivot, [0.06, 0.04, -0.125]), add(G.rearAxle, [0, 0.1, -0.125]), { radiusM: 0.008, segments: 6 }),
      rod(add(G.pivot, [0.06, -0.04, -0.125]), add(G.rearAxle, [0, -0.1, -0.125]), { radiusM: 0.008, segments: 6 }),
      rod(add(G.rearAxle, [0, 0, -0.13]), add(G.rearAxle, [0, 0, -0.12]), { radiusM: 0.11, segments: 28 }),
    ]),
    pegs: mergeMeshes(
      ([1, -1] as const).map((s) =>
        roundedBox([0.05, 0.022, 0.1], 0.008, poseAt([G.peg[0], G.peg[1], s * (G.peg[2] - 0.02)])),
      ),
    ),
    fork: mergeMeshes([
      leg(0.1),
      leg(-0.1),
      clampPlate(0.0),
      clampPlate(-0.17),
      rod(addScaled(G.steerTop, steerUp, -0.2), addScaled(G.steerTop, steerUp, 0.02), { radiusM: 0.03, segments: 14 }),
      rod(add(G.frontAxle, [-0.02, 0, -0.12]), add(G.frontAxle, [-0.02, 0, 0.12]), { radiusM: 0.012, segments: 10 }),
    ]),
    plate: loft([
      section(0.46, 1.02, 0.11, 0.13, 3),
      section(0.52, 1.0, 0.1, 0.12, 3),
      section(0.55, 0.98, 0.06, 0.06, 3),
    ]),
    bar: mergeMeshes([
      tube(
        [
          ...half
            .slice(1)
            .reverse()
            .map(([x, y, z]): Vec3 => [x, y, -z]),
          ...half,
        ],
        { radiusM: 0.0115, segments: 12 },
      ),
      rod(add(barPath(bars)[2]!, [0, -0.012, 0]), add(add(barPath(bars)[2]!, [0, -0.012, 0]), [0, 0, -0.34]), {
        radiusM: 0.011,
        segments: 12,
      }),
      both(roundedBox([0.05, 0.06, 0.035], 0.012, poseAt(add(G.clamp, [0, -0.02, 0.05])))),
    ]),
    grips: both(
      rod(addScaled(centre, outward, -0.065), addScaled(centre, outward, 0.065), { radiusM: 0.0165, segments: 14 }),
    ),
    levers: both(
      mergeMeshes([
        tube(
          smoothPath(
            [
              addScaled(centre, outward, -0.1),
              add(addScaled(centre, outward, -0.05), [0.06, -0.01, 0]),
              add(addScaled(centre, outward, 0.03), [0.062, -0.016, 0]),
            ],
            4,
          ),
          { radiusM: 0.007, segments: 8, rounded: true },
        ),
        tube(
          smoothPath(
            [
              addScaled(centre, outward, 0.072),
              add(addScaled(centre, outward, 0.03), [0.1, 0.01, 0]),
              add(addScaled(centre, outward, -0.12), [0.1, 0.02, 0]),
              add(addScaled(centre, outward, -0.2), [0.03, 0, 0]),
            ],
            4,
          ),
          { radiusM: 0.03, flatness: 0.25, segments: 10, reference: [1, 0, 0] },
        ),
        rod(addScaled(centre, outward, -0.12), addScaled(centre, outward, -0.085), { radiusM: 0.02, segments: 12 }),
      ]),
    ),
  };
}
