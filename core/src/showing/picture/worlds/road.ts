import { keepLatest } from '../../../mathematics/caching/keepLatest';
import { roundedBox } from '../../../mathematics/geometry/build/roundedBox';
import { mergeMeshes, type Mesh } from '../../../mathematics/geometry/mesh';
import { IDENTITY_POSE, poseAt } from '../../../mathematics/geometry/pose';
import { hash2 } from '../colours/hash';
import { ROAD_LEFT_M, ROAD_RIGHT_M } from '../colours/road';
import { addTree } from './trail';
import { hides, onGround, type World } from './world';

const sceneries = keepLatest<ReturnType<World['scenery']>>(4);

export const road: World = {
  scenery: (ground, from) =>
    sceneries(JSON.stringify([ground, from]), () => {
      const posts: Mesh[] = [];
      const trunks: Mesh[] = [];
      const crowns: Mesh[] = [];
      for (let i = -6; i < 16; i++) {
        for (const z of [ROAD_RIGHT_M + 0.75, ROAD_LEFT_M - 0.75]) {
          const [x, y] = onGround(ground, i * 25 + 8, z);
          posts.push(roundedBox([0.05, 1, 0.12], 0.02, poseAt([x, y + 0.5, z])));
        }
        for (const side of [-1, 1]) {
          for (let k = 0; k < 2; k++) {
            const seed = 400 + i * 8 + k * 2 + side;
            if (hash2(seed, 1, 65) < 0.4) continue;
            const z = side > 0 ? ROAD_RIGHT_M + 5 + 9 * hash2(seed, 2, 65) : ROAD_LEFT_M - 5 - 9 * hash2(seed, 2, 65);
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
  hills: 1,
  nearM: 500,
  hazeM: 220,
};
