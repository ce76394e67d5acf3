import { keepLatest } from '../../../mathematics/caching/keepLatest';
import { mergeMeshes, type Mesh } from '../../../mathematics/geometry/mesh';
import { IDENTITY_POSE } from '../../../mathematics/geometry/pose';
import { hash2, noise2 } from './noise';
import { addTree } from './trail';
import { blend, farLand, hides, onGround, type Rgb, type World } from './world';

const { abs, exp, max, min, sin } = Math;

const SNOW: Rgb = [240, 243, 246];
const SHADE: Rgb = [188, 204, 222];
const MARK: Rgb = [120, 136, 152];
/** Half width of the groomed run and the spacing of its ridges, metres; common practice, no source. */
const RUN_HALF_M = 7;
const RIDGE_M = 0.09;

function snowColour(x: number, z: number, distanceM: number): Rgb {
  const detail = 1 / (1 + (distanceM / 5) ** 2);
  const coarse = 1 / (1 + (distanceM / 60) ** 2);
  const groomed = min(1, max(0, (RUN_HALF_M - abs(z) + 0.8 * (noise2(x * 0.4, z > 0 ? 2 : 7, 71) - 0.5)) / 0.5 + 0.5));
  const ridge = 0.3 * detail * groomed * (0.5 + 0.5 * sin((z / RIDGE_M) * 6.283));
  const drift =
    (noise2(x * 0.35, z * 0.35, 72) - 0.5) * (1 - 0.7 * groomed) + (noise2(x * 2.3, z * 2.3, 73) - 0.5) * 0.4 * coarse;
  const grain = (noise2(x * 40, z * 40, 74) - 0.5) * 0.35 * detail;
  // Two tracks of boards that went before, swinging over the run.
  let track = 0;
  for (const [phase, swing, long] of [
    [0.4, 2.2, 19],
    [2.7, 1.5, 15],
  ] as const) {
    const middle = swing * sin((x / long) * 6.283 + phase) + (phase > 1 ? 2.6 : -2.4);
    track = max(track, exp(-(((abs(z - middle) - 0.1) / 0.07) ** 2)) * coarse);
  }
  let colour = blend(SNOW, SHADE, min(1, max(0, 0.2 + drift + grain + ridge + 0.7 * track)));
  const five = abs(x - Math.round(x / 5) * 5);
  if (distanceM < 60 && five < 0.02 + distanceM * 0.0014 && abs(abs(z) - RUN_HALF_M) < 0.7)
    colour = blend(colour, MARK, 0.55);
  return colour;
}

const sceneries = keepLatest<ReturnType<World['scenery']>>(6);

export const snow: World = {
  colour: snowColour,
  scenery: (ground, from) =>
    sceneries(JSON.stringify([ground, from]), () => {
      const trunks: Mesh[] = [];
      const crowns: Mesh[] = [];
      for (let row = -6; row < 24; row++) {
        for (const side of [-1, 1]) {
          for (let depth = 0; depth < 3; depth++) {
            const seed = 900 + row * 12 + depth * 3 + side;
            if (hash2(seed, 1, 75) < 0.35) continue;
            const z = side * (RUN_HALF_M + 2.5 + depth * 5 + 3 * hash2(seed, 2, 75));
            const x = row * 6 + 5 * hash2(seed, 3, 75);
            if (hides(from, x, z)) continue;
            addTree(trunks, crowns, onGround(ground, x, z), 4 + 5 * hash2(seed, 4, 75), seed);
          }
        }
      }
      return [
        { mesh: mergeMeshes(trunks), colour: [122, 108, 96], worldFromPart: IDENTITY_POSE },
        { mesh: mergeMeshes(crowns), colour: [118, 136, 124], worldFromPart: IDENTITY_POSE },
      ];
    }),
  far: (direction) => farLand(direction, [228, 234, 240], [186, 202, 214]),
  hills: 2.4,
  nearM: 400,
  hazeM: 260,
};
