import { loft, type Ring } from '../../../src/mathematics/geometry/build/loft';
import { revolveRing, revolveSolid } from '../../../src/mathematics/geometry/build/revolve';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod, smoothPath, tube } from '../../../src/mathematics/geometry/build/tube';
import { superellipse } from '../../../src/mathematics/geometry/build/superellipse';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { rotationAbout } from '../../../src/mathematics/geometry/rotation';
import { add, addScaled, mix, RIGHT, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import type { BikeGeometry } from './bikeGeometry';

/** Tube radii, metres: hydroformed alloy, common practice ± 15 %. */
export const TUBE_RADIUS_M = {
  headTube: 0.0245,
  topTube: 0.021,
  downTube: 0.0285,
  seatTube: 0.0175,
  seatpost: 0.0155,
  bar: 0.0159,
} as const;

const both = (mesh: Mesh): Mesh => mergeMeshes([mesh, mirrorMesh(mesh)]);

export interface FrameMeshes {
  headTube: Mesh;
  topTube: Mesh;
  downTube: Mesh;
  seatTube: Mesh;
  rearTriangle: Mesh;
  saddle: Mesh;
  saddleRails: Mesh;
  seatpost: Mesh;
  cranks: Mesh;
  chain: Mesh;
  pedals: Mesh;
}

/** Where the rear end of a full-suspension frame turns, and what its shock pushes between; machine frame, middle plane. */
export interface RearSwing {
  readonly pivot: Vec3;
  /** The rocker: its bearing on the seat tube, the end that the stays push at, and that which pushes the shock. */
  readonly rocker: { readonly bearing: Vec3; readonly stays: Vec3; readonly shock: Vec3 };
  /** The shock's fixed eye, under the top tube. */
  readonly eye: Vec3;
}

/** Laid out like most trail frames: pivot over the bottom bracket, rocker on the seat tube, shock under the top tube. Common practice. */
export function rearSwing(g: BikeGeometry): RearSwing {
  const bearing = addScaled(g.bottomBracket, g.seatUp, 0.27);
  const front = addScaled(g.headTubeTop, g.steerUp, -0.032);
  const rear = addScaled(g.seatTubeTop, g.seatUp, -0.035);
  return {
    pivot: add(g.bottomBracket, [-0.004, 0.042, 0]),
    rocker: { bearing, stays: add(bearing, [-0.055, 0.006, 0]), shock: add(bearing, [0.05, 0.03, 0]) },
    eye: add(mix(rear, front, 0.62), [0, -0.045, 0]),
  };
}

/** The rear end with its rocker, and the shock. */
export function swingMeshes(g: BikeGeometry): { readonly rearTriangle: Mesh; readonly shock: Mesh } {
  const { pivot, rocker, eye } = rearSwing(g);
  const dropout = (z: number): Vec3 => add(g.rearAxle, [0, 0, z]);
  const arms = both(
    mergeMeshes([
      tube(
        smoothPath(
          [add(pivot, [0, 0, 0.03]), add(mix(pivot, g.rearAxle, 0.42), [0, -0.004, 0.054]), dropout(0.073)],
          5,
        ),
        { radiusM: (t) => 0.0165 - 0.005 * t, flatness: 0.8, power: 3, segments: 12 },
      ),
      tube(
        smoothPath(
          [add(rocker.stays, [0, 0, 0.022]), add(mix(rocker.stays, g.rearAxle, 0.5), [0, 0, 0.056]), dropout(0.071)],
          5,
        ),
        { radiusM: 0.0098, segments: 10 },
      ),
      roundedBox([0.06, 0.05, 0.009], 0.0035, poseAt(dropout(0.073))),
    ]),
  );
  const plate = (z: number) =>
    mergeMeshes(
      [rocker.stays, rocker.shock].map((end) =>
        rod(add(rocker.bearing, [0, 0, z]), add(end, [0, 0, z]), { radiusM: 0.009, segments: 10, rounded: true }),
      ),
    );
  const bolts = [pivot, rocker.bearing, rocker.stays, rocker.shock, eye].map((p) =>
    rod(add(p, [0, 0, -0.032]), add(p, [0, 0, 0.032]), { radiusM: 0.0095, segments: 14 }),
  );
  const [from, to] = [rocker.shock, eye];
  const shock = mergeMeshes([
    rod(from, mix(from, to, 0.5), { radiusM: 0.011, segments: 14 }),
    rod(mix(from, to, 0.38), mix(from, to, 0.9), { radiusM: 0.024, segments: 18, rounded: true }),
    rod(mix(from, to, 0.85), to, { radiusM: 0.013, segments: 14 }),
    plate(-0.024),
    plate(0.024),
    ...bolts.slice(1),
  ]);
  return { rearTriangle: mergeMeshes([arms, bolts[0]!]), shock };
}

/** The parts that do not steer, machine frame. */
export function frameMeshes(g: BikeGeometry): FrameMeshes {
  const bb = g.bottomBracket;
  const topFront = addScaled(g.headTubeTop, g.steerUp, -0.032);
  const topRear = addScaled(g.seatTubeTop, g.seatUp, -0.035);
  const downFront = addScaled(g.headTubeBottom, g.steerUp, 0.034);
  const headTube = tube(
    [0, 0.12, 0.5, 0.88, 1].map((t) => mix(g.headTubeBottom, g.headTubeTop, t)),
    { radiusM: (t) => TUBE_RADIUS_M.headTube + 0.005 * Math.abs(2 * t - 1) ** 3, segments: 20 },
  );
  const topTube = tube(smoothPath([topFront, add(mix(topFront, topRear, 0.5), [0, -0.008, 0]), topRear], 5), {
    radiusM: (t) => TUBE_RADIUS_M.topTube * (1.12 - 0.28 * t),
    power: 2.7,
    segments: 16,
  });
  const downTube = tube(smoothPath([downFront, add(mix(downFront, bb, 0.3), [0.012, 0.006, 0]), bb], 6), {
    radiusM: (t) => TUBE_RADIUS_M.downTube * (1 + 0.12 * t),
    power: 2.8,
    segments: 18,
  });
  const shell = rod([bb[0], bb[1], -0.037], [bb[0], bb[1], 0.037], { radiusM: 0.023, segments: 18 });
  const seatTube = mergeMeshes([
    rod(bb, g.seatTubeTop, { radiusM: TUBE_RADIUS_M.seatTube, segments: 16 }),
    rod(addScaled(g.seatTubeTop, g.seatUp, -0.016), addScaled(g.seatTubeTop, g.seatUp, 0.003), {
      radiusM: 0.021,
      segments: 16,
    }),
    shell,
  ]);
  const dropout = (z: number): Vec3 => add(g.rearAxle, [0, 0, z]);
  const stays = both(
    mergeMeshes([
      tube(
        smoothPath([add(bb, [-0.02, -0.004, 0.03]), add(mix(bb, g.rearAxle, 0.4), [0, 0, 0.052]), dropout(0.072)], 5),
        {
          radiusM: (t) => 0.0125 - 0.004 * t,
          flatness: 1.25,
          segments: 10,
        },
      ),
      tube(
        smoothPath(
          [
            addScaled(add(g.seatTubeTop, [0, 0, 0.014]), g.seatUp, -0.06),
            add(mix(g.seatTubeTop, g.rearAxle, 0.5), [0, 0, 0.054]),
            dropout(0.07),
          ],
          5,
        ),
        {
          radiusM: 0.0085,
          segments: 10,
        },
      ),
      roundedBox([0.05, 0.045, 0.008], 0.0035, poseAt(dropout(0.072))),
    ]),
  );
  const seatpost = mergeMeshes([
    rod(g.seatTubeTop, addScaled(g.saddleTop, g.seatUp, -0.05), { radiusM: TUBE_RADIUS_M.seatpost, segments: 14 }),
    roundedBox([0.05, 0.024, 0.036], 0.008, poseAt(add(g.saddleTop, [0, -0.052, 0]))),
  ]);
  return {
    headTube,
    topTube,
    downTube,
    seatTube,
    rearTriangle: stays,
    seatpost,
    saddle: saddle(g),
    saddleRails: both(
      tube(
        smoothPath(
          [
            add(g.saddleTop, [-0.125, -0.03, 0.03]),
            add(g.saddleTop, [-0.06, -0.043, 0.022]),
            add(g.saddleTop, [0.04, -0.043, 0.022]),
            add(g.saddleTop, [0.12, -0.028, 0.01]),
          ],
          4,
        ),
        { radiusM: 0.0035, segments: 8 },
      ),
    ),
    cranks: cranks(g),
    chain: chain(g),
    pedals: pedals(g),
  };
}

function saddle(g: BikeGeometry): Mesh {
  const sections: readonly (readonly [x: number, half: number, thick: number, top: number])[] = [
    [-0.137, 0.03, 0.012, 0.006],
    [-0.128, 0.058, 0.024, 0.008],
    [-0.1, 0.07, 0.03, 0.006],
    [-0.05, 0.06, 0.03, 0],
    [0, 0.04, 0.03, -0.002],
    [0.05, 0.026, 0.03, 0],
    [0.1, 0.021, 0.03, 0.001],
    [0.13, 0.018, 0.024, -0.003],
    [0.142, 0.008, 0.01, -0.01],
  ];
  return loft(
    sections.map(([x, half, thick, top]): Ring => {
      const centre = add(g.saddleTop, [x, top - thick / 2, 0]);
      return superellipse({ centre, u: RIGHT, v: UP, halfU: half, halfV: thick / 2, power: 2.7 }, 18);
    }),
  );
}

/** Where the chain runs, from the middle plane. */
const CHAIN_Z_M = 0.049;

function cranks(g: BikeGeometry): Mesh {
  const bb = g.bottomBracket;
  const ring = revolveRing(
    [
      [0.052, CHAIN_Z_M - 0.002],
      [0.067, CHAIN_Z_M - 0.002],
      [0.067, CHAIN_Z_M + 0.002],
      [0.052, CHAIN_Z_M + 0.002],
    ],
    { centre: [bb[0], bb[1], 0], axis: RIGHT, segments: 40 },
  );
  const spider = Array.from({ length: 4 }, (_, i) => {
    const a = (Math.PI / 2) * i + 0.4;
    return rod(add(bb, [0, 0, CHAIN_Z_M]), add(bb, [0.056 * Math.cos(a), 0.056 * Math.sin(a), CHAIN_Z_M]), {
      radiusM: 0.005,
      segments: 8,
    });
  });
  const arm = (ahead: 1 | -1) =>
    rod(add(bb, [0, 0, ahead * 0.07]), add(bb, [ahead * g.crankM, 0, ahead * 0.077]), {
      radiusM: (t) => 0.015 - 0.004 * t,
      flatness: 0.7,
      power: 3,
      segments: 12,
      rounded: true,
    });
  const axle = rod(add(bb, [0, 0, -0.07]), add(bb, [0, 0, 0.07]), { radiusM: 0.015, segments: 14 });
  return mergeMeshes([ring, ...spider, arm(1), arm(-1), axle]);
}

/** Chain, sprockets and what shifts it. */
function chain(g: BikeGeometry): Mesh {
  const bb = g.bottomBracket;
  const cassette = revolveSolid(
    [
      [0.024, 0.062],
      [0.03, 0.06],
      [0.045, 0.052],
      [0.062, 0.045],
      [0.09, 0.036],
      [0.1, 0.034],
      [0.02, 0.032],
    ],
    { centre: [g.rearAxle[0], g.rearAxle[1], 0], axis: RIGHT, segments: 36 },
  );
  const cage = add(g.rearAxle, [0.035, -0.12, CHAIN_Z_M]);
  const runs = [
    rod(add(bb, [0, 0.067, CHAIN_Z_M]), add(g.rearAxle, [0, 0.06, CHAIN_Z_M]), { radiusM: 0.0045, segments: 6 }),
    rod(add(bb, [0, -0.067, CHAIN_Z_M]), add(cage, [0, -0.03, 0]), { radiusM: 0.0045, segments: 6 }),
  ];
  const derailleur = [
    roundedBox([0.036, 0.05, 0.022], 0.007, poseAt(add(g.rearAxle, [0.012, -0.045, 0.075]))),
    roundedBox([0.018, 0.11, 0.012], 0.005, poseAt(add(cage, [-0.01, 0.02, 0.002]), rotationAbout(RIGHT, -14))),
  ];
  return mergeMeshes([cassette, ...runs, ...derailleur]);
}

/** Crank level, right foot ahead. Middle of each pedal, machine frame. */
export const pedalCentre = (g: BikeGeometry, sign: 1 | -1): Vec3 =>
  add(g.bottomBracket, [sign * g.crankM, 0, sign * 0.135]);
export const PEDAL_HALF_HEIGHT_M = 0.009;

function pedals(g: BikeGeometry): Mesh {
  const one = (sign: 1 | -1) => {
    const centre = pedalCentre(g, sign);
    const bar = (x: number) => roundedBox([0.014, 0.016, 0.1], 0.005, poseAt(add(centre, [x, 0, 0])));
    const end = (z: number) => roundedBox([0.1, 0.016, 0.012], 0.005, poseAt(add(centre, [0, 0, z])));
    return mergeMeshes([
      bar(-0.045),
      bar(0),
      bar(0.045),
      end(-0.046),
      end(0.046),
      rod(add(centre, [0, 0, -sign * 0.06]), centre, { radiusM: 0.008, segments: 10 }),
    ]);
  };
  return mergeMeshes([one(1), one(-1)]);
}
