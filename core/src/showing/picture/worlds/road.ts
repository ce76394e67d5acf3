import { keepLatest } from '../../../mathematics/caching/keepLatest';
import { roundedBox } from '../../../mathematics/geometry/build/roundedBox';
import { mergeMeshes, type Mesh } from '../../../mathematics/geometry/mesh';
import { IDENTITY_POSE, poseAt } from '../../../mathematics/geometry/pose';
import { hash2, noise2 } from './noise';
import { addTree } from './trail';
import { blend, farLand, hides, onGround, type Rgb, type World } from './world';

const { abs, floor, max, min } = Math;

/** Two lanes of a country road, the carrier in the right one. Metres; common practice, no source. */
const ROAD = { middleZ: -1.6, rightZ: 1.45, leftZ: -4.65, lineM: 0.12, dashM: 4, gapM: 8 } as const;

const TAR: Rgb = [146, 146, 144];
const TAR_DARK: Rgb = [116, 116, 116];
const PAINT: Rgb = [226, 224, 214];
const GRASS: Rgb = [160, 170, 122];
const GRASS_DARK: Rgb = [118, 132, 90];

const cover = (d: number, half: number, blur: number): number => min(1, max(0, (half - d) / blur + 0.5));

function roadColour(x: number, z: number, distanceM: number): Rgb {
  const detail = 1 / (1 + (distanceM / 9) ** 2);
  const coarse = 1 / (1 + (distanceM / 60) ** 2);
  const blur = 0.02 + distanceM * 0.002;
  const patch = (noise2(x * 0.7, z * 1.6, 61) - 0.5) * coarse;
  const grain = (noise2(x * 60, z * 60, 62) - 0.5) * detail;
  let tar = blend(TAR, TAR_DARK, min(1, max(0, 0.35 + 0.7 * patch + 0.9 * grain)));
  // Polished wheel tracks.
  const track = min(abs(z - 0.72), abs(z + 0.72));
  tar = blend(tar, TAR, 0.3 * cover(track, 0.22, 0.2) * coarse);
  const dash = x - floor(x / (ROAD.dashM + ROAD.gapM)) * (ROAD.dashM + ROAD.gapM);
  const middle =
    cover(abs(z - ROAD.middleZ), ROAD.lineM / 2, blur) * cover(abs(dash - ROAD.dashM / 2), ROAD.dashM / 2, blur * 4);
  const edge = max(
    cover(abs(z - ROAD.rightZ + 0.2), ROAD.lineM / 2, blur),
    cover(abs(z - ROAD.leftZ - 0.2), ROAD.lineM / 2, blur),
  );
  tar = blend(tar, PAINT, 0.9 * max(middle, edge));
  const off = max(z - ROAD.rightZ, ROAD.leftZ - z) + 0.14 * (noise2(x * 2.1, z > 0 ? 1 : 5, 63) - 0.5);
  const grass = blend(
    GRASS,
    GRASS_DARK,
    min(1, max(0, 0.4 + (noise2(x * 0.3, z * 0.3, 64) - 0.5) + 2 * patch + 1.3 * grain)),
  );
  return blend(tar, grass, min(1, max(0, off / (0.1 + blur) + 0.5)));
}

const sceneries = keepLatest<ReturnType<World['scenery']>>(4);

export const road: World = {
  colour: roadColour,
  scenery: (ground, from) =>
    sceneries(JSON.stringify([ground, from]), () => {
      const posts: Mesh[] = [];
      const trunks: Mesh[] = [];
      const crowns: Mesh[] = [];
      for (let i = -6; i < 16; i++) {
        for (const z of [ROAD.rightZ + 0.75, ROAD.leftZ - 0.75]) {
          const [x, y] = onGround(ground, i * 25 + 8, z);
          posts.push(roundedBox([0.05, 1, 0.12], 0.02, poseAt([x, y + 0.5, z])));
        }
        for (const side of [-1, 1]) {
          for (let k = 0; k < 2; k++) {
            const seed = 400 + i * 8 + k * 2 + side;
            if (hash2(seed, 1, 65) < 0.4) continue;
            const z = side > 0 ? ROAD.rightZ + 5 + 9 * hash2(seed, 2, 65) : ROAD.leftZ - 5 - 9 * hash2(seed, 2, 65);
            const x = i * 13 + 9 * hash2(seed, 3, 65);
            if (hides(from, x, z)) continue;
            addTree(trunks, crowns, onGround(ground, x, z), 4 + 4 * hash2(seed, 4, 65), seed);
          }
        }
      }
      return [
        { mesh: mergeMeshes(posts), colour: [228, 226, 218], worldFromPart: IDENTITY_POSE },
        { mesh: mergeMeshes(trunks), colour: [128, 108, 88], worldFromPart: IDENTITY_POSE },
        { mesh: mergeMeshes(crowns), colour: [116, 134, 104], worldFromPart: IDENTITY_POSE },
      ];
    }),
  far: (direction) => farLand(direction, GRASS, [150, 160, 130]),
  hills: 1,
  nearM: 500,
  hazeM: 220,
};
