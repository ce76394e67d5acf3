import { tube } from '../../../mathematics/geometry/build/tube';
import { loft, type Ring } from '../../../mathematics/geometry/build/loft';
import { mergeMeshes, type Mesh } from '../../../mathematics/geometry/mesh';
import { IDENTITY_POSE } from '../../../mathematics/geometry/pose';
import type { Vec3 } from '../../../mathematics/geometry/vec3';
import { keepLatest } from '../../../mathematics/caching/keepLatest';
import type { Ground } from '../../../words/carrier/land';
import { hash2 } from '../colours/hash';
import { trailMiddle } from '../colours/trail';
import { hides, onGround, type Beside, type Scenery, type World } from './world';

// Taken out of Math once: some hosts look the global up at every use.
const { cos, hypot, sin } = Math;

const sceneries = keepLatest<readonly Scenery[]>(8);

/** Trees beside the trail at their true places, upright on the slope. */
export const trailScenery = (ground: Ground, from: Beside | null): readonly Scenery[] =>
  sceneries(JSON.stringify([ground.normal, from]), () => {
    const trunks: Mesh[] = [];
    const crowns: Mesh[] = [];
    for (let row = -6; row < 19; row++) {
      for (const side of [-1, 1]) {
        for (let depth = 0; depth < 2; depth++) {
          const seed = row * 8 + depth * 2 + (side > 0 ? 1 : 0);
          if (hash2(seed, 3, 51) < 0.22) continue;
          const x = row * 4.2 + 3.4 * hash2(seed, 1, 52);
          const z = trailMiddle(x) + side * (2.5 + depth * 3.6 + 2.2 * hash2(seed, 2, 53));
          if (hypot(x, z) < 2.2 || hides(from, x, z)) continue;
          addTree(trunks, crowns, onGround(ground, x, z), 4 + 5 * hash2(seed, 4, 54), seed);
        }
      }
    }
    return [
      { mesh: mergeMeshes(trunks), colour: [128, 108, 88], worldFromPart: IDENTITY_POSE },
      { mesh: mergeMeshes(crowns), colour: [112, 130, 104], worldFromPart: IDENTITY_POSE },
    ];
  });

/** Upright conifer of a few tiers, added to the two lists. */
export function addTree(trunks: Mesh[], crowns: Mesh[], foot: Vec3, heightM: number, seed: number): void {
  const thick = 0.06 + 0.05 * hash2(seed, 5, 55) + heightM * 0.01;
  const up = (y: number): Vec3 => [foot[0], foot[1] + y, foot[2]];
  trunks.push(tube([up(-0.4), up(0.12), up(heightM * 0.8)], { radiusM: (t) => thick * (1.5 - t), segments: 6 }));
  const tiers = 3;
  for (let tier = 0; tier < tiers; tier++) {
    const low = heightM * (0.28 + 0.22 * tier);
    const wide = heightM * 0.2 * (1 - tier * 0.25);
    const ring = (y: number, r: number): Ring =>
      Array.from({ length: 7 }, (_, i) => {
        const a = (2 * Math.PI * i) / 7 + seed + tier;
        const k = r * (0.85 + 0.3 * hash2(seed, i, 60 + tier));
        return [foot[0] + cos(a) * k, foot[1] + y, foot[2] + sin(a) * k];
      });
    crowns.push(loft([ring(low, wide), ring(low + heightM * 0.14, wide * 0.55), ring(low + heightM * 0.3, 0.02)]));
  }
}

export const trail: World = {
  scenery: trailScenery,
  hills: 1,
  nearM: 400,
  hazeM: 160,
};
