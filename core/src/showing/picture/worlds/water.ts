import { keepLatest } from '../../../mathematics/caching/keepLatest';
import { loft, type Ring } from '../../../mathematics/geometry/build/loft';
import { mergeMeshes, type Mesh } from '../../../mathematics/geometry/mesh';
import { IDENTITY_POSE } from '../../../mathematics/geometry/pose';
import { hash2, noise2 } from './noise';
import { blend, farLand, onGround, type Rgb, type World } from './world';

const { abs, cos, hypot, max, min, sin } = Math;

const DEEP: Rgb = [86, 124, 134];
const LIT: Rgb = [176, 202, 206];
const FOAM: Rgb = [238, 242, 240];

/** Waves as [length m, heading rad, steepness]: a light swell with chop on it. The measured water stays level: swell is drawn only. */
const WAVES: readonly (readonly [number, number, number])[] = [
  [9, 0.3, 0.5],
  [4.1, -0.5, 0.42],
  [1.7, 0.9, 0.34],
  [0.71, -1.3, 0.3],
  [0.29, 0.2, 0.26],
];

function waterColour(x: number, z: number, distanceM: number): Rgb {
  let slope = 0;
  let height = 0;
  const wander = 1.3 * (noise2(x * 0.11, z * 0.11, 81) - 0.5) * 6.283;
  for (const [long, heading, steep] of WAVES) {
    // Waves shorter than what can be told apart at this distance fade out.
    const seen = 1 / (1 + (distanceM / (long * 14)) ** 2);
    const phase = ((x * cos(heading) + z * sin(heading)) / long) * 6.283 + wander * (0.4 + 0.6 / long);
    slope += steep * seen * cos(phase);
    height += steep * seen * sin(phase);
  }
  const lit = min(1, max(0, 0.42 + 0.42 * slope + 0.1 * (noise2(x * 0.05, z * 0.05, 82) - 0.5)));
  const colour = blend(DEEP, LIT, lit);
  const crest = max(0, height - 1.02) * 3 * (noise2(x * 2.2, z * 2.2, 83) > 0.52 ? 1 : 0);
  return blend(colour, FOAM, min(0.85, crest));
}

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
  colour: waterColour,
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
  far: (direction) => farLand(direction, [122, 156, 164], [140, 172, 178]),
  hills: 0.6,
  nearM: 600,
  hazeM: 420,
};
