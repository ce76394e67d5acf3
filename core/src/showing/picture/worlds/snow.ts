import { keepLatest } from '../../../mathematics/caching/keepLatest';
import { mergeMeshes, type Mesh } from '../../../mathematics/geometry/mesh';
import { IDENTITY_POSE } from '../../../mathematics/geometry/pose';
import { hash2 } from '../colours/hash';
import { RUN_HALF_M } from '../colours/snow';
import { addTree } from './trail';
import { hides, onGround, type World } from './world';

const sceneries = keepLatest<ReturnType<World['scenery']>>(6);

export const snow: World = {
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
  hills: 2.4,
  nearM: 400,
  hazeM: 260,
};
