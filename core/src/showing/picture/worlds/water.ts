import { keepLatest } from '../../../mathematics/caching/keepLatest';
import { loft, type Ring } from '../../../mathematics/geometry/build/loft';
import { mergeMeshes, type Mesh } from '../../../mathematics/geometry/mesh';
import { IDENTITY_POSE } from '../../../mathematics/geometry/pose';
import { hash2 } from '../colours/hash';
import { onGround, type World } from './world';

const { abs, cos, hypot, sin } = Math;

/** Bare rock standing out of the sea. */
function skerry(at: readonly [number, number, number], longM: number, highM: number, seed: number): Mesh {
  const ring = (k: number, y: number): Ring =>
    Array.from({ length: 16 }, (_, i) => {
      const a = (2 * Math.PI * i) / 16;
      const r = k * longM * (0.7 + 0.6 * hash2(seed, i, 84)) * 0.5;
      return [at[0] + cos(a) * r, at[1] + y, at[2] + sin(a) * r * 0.6];
    });
  return loft([
    ring(1, -0.4),
    ring(0.94, 0.15 * highM),
    ring(0.72, 0.6 * highM),
    ring(0.4, 0.9 * highM),
    ring(0.12, highM),
  ]);
}

const sceneries = keepLatest<ReturnType<World['scenery']>>(4);

export const water: World = {
  scenery: (ground) =>
    sceneries(JSON.stringify(ground), () => {
      const rocks: Mesh[] = [];
      for (let i = 0; i < 26; i++) {
        const bearing = hash2(i, 1, 85) * 6.283;
        const away = 22 + 150 * hash2(i, 2, 85) ** 1.4;
        const [x, z] = [away * cos(bearing), away * sin(bearing)];
        // The way ahead and behind stays open.
        if (abs(z) < 10 && hypot(x, z) < 120) continue;
        rocks.push(skerry(onGround(ground, x, z), 5 + 16 * hash2(i, 3, 85), 0.8 + 2.6 * hash2(i, 4, 85), i));
      }
      return [{ mesh: mergeMeshes(rocks), colour: [158, 150, 140], worldFromPart: IDENTITY_POSE }];
    }),
  hills: 0.6,
  nearM: 600,
  hazeM: 420,
};
