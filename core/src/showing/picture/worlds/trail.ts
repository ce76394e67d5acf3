import { tube } from '../../../mathematics/geometry/build/tube';
import { loft, type Ring } from '../../../mathematics/geometry/build/loft';
import { mergeMeshes, type Mesh } from '../../../mathematics/geometry/mesh';
import { IDENTITY_POSE } from '../../../mathematics/geometry/pose';
import type { Vec3 } from '../../../mathematics/geometry/vec3';
import { keepLatest } from '../../../mathematics/caching/keepLatest';
import type { Ground } from '../../../words/carrier/land';
import { hash2, noise2 } from './noise';
import { blend, farLand, hides, onGround, type Beside, type Rgb, type Scenery, type World } from './world';

// Taken out of Math once: some hosts look the global up at every use.
const { abs, cos, exp, floor, hypot, max, min, round, sin } = Math;

/** Half width of the trodden trail, metres. */
const TRAIL_HALF_M = 0.75;

/** Where the trail's middle runs; straight where the carrier stands. */
const trailMiddle = (x: number): number => {
  const far = max(0, abs(x) - 7);
  return (far * far * 0.05 * sin(x * 0.09 + 0.6)) / (6 + far);
};

const EARTH: Rgb = [205, 184, 150];
const EARTH_DARK: Rgb = [160, 134, 100];
const MOSS: Rgb = [166, 173, 128];
const MOSS_DARK: Rgb = [120, 132, 90];
const STONE: Rgb = [172, 170, 162];
const ROOT: Rgb = [108, 84, 62];
const MARK: Rgb = [74, 70, 62];

/** Colour of the local ground at a point in its own plane: x along the trail, z across, seen from this far. */
export function trailColour(x: number, z: number, distanceM: number): Rgb {
  const detail = 1 / (1 + (distanceM / 9) ** 2);
  const coarse = 1 / (1 + (distanceM / 45) ** 2);
  const off = abs(z - trailMiddle(x));
  const edge = TRAIL_HALF_M + 0.16 * (noise2(x * 1.7, z > 0 ? 3 : 9) - 0.5);
  const inside = min(1, max(0, (edge - off) / 0.12 + 0.5));
  const grain = (noise2(x * 34, z * 34, 1) - 0.5) * detail;
  const patch = (noise2(x * 1.3, z * 1.3, 2) - 0.5) * coarse;
  const broad = (noise2(x * 0.21, z * 0.21, 3) - 0.5) * 0.9;
  let earth = blend(EARTH, EARTH_DARK, min(1, max(0, 0.28 + patch * 0.9 + grain * 0.9)));
  // Wheel rut along the middle.
  const rut = exp(-(((off - 0.05) / 0.14) ** 2)) * coarse;
  earth = blend(earth, EARTH_DARK, 0.35 * rut);
  const moss = blend(MOSS, MOSS_DARK, min(1, max(0, 0.4 + broad + patch * 0.7 + grain * 1.1)));
  let colour = blend(moss, earth, inside);
  colour = stones(x, z, detail, inside, colour);
  colour = roots(x, z, off, coarse, colour);
  return distanceMarks(x, off, distanceM, colour);
}

function stones(x: number, z: number, detail: number, inside: number, colour: Rgb): Rgb {
  const cx = floor(x / 0.4);
  const cz = floor(z / 0.4);
  if (hash2(cx, cz, 5) > 0.35 + 0.25 * inside) return colour;
  const dx = x - (cx + 0.25 + 0.5 * hash2(cx, cz, 6)) * 0.4;
  const dz = z - (cz + 0.25 + 0.5 * hash2(cx, cz, 7)) * 0.4;
  const r = 0.025 + 0.06 * hash2(cx, cz, 8) ** 2;
  const d = hypot(dx, dz * (0.8 + 0.5 * hash2(cx, cz, 9)));
  if (d > r) return colour;
  const shade = 0.85 + 0.3 * ((-dx - dz) / r) * 0.5;
  const stone: Rgb = d > r * 0.82 ? MARK : [STONE[0] * shade, STONE[1] * shade, STONE[2] * shade];
  return blend(colour, stone, 0.75 * min(1, detail * 2.4));
}

function roots(x: number, z: number, off: number, coarse: number, colour: Rgb): Rgb {
  const cell = floor(x / 3.1);
  if (hash2(cell, 1, 11) < 0.45 || off > 1.5) return colour;
  const at = (cell + 0.2 + 0.6 * hash2(cell, 2, 11)) * 3.1 + (hash2(cell, 3, 11) - 0.5) * z + 0.12 * sin(z * 4 + cell);
  const half = 0.022 + 0.014 * cos(z * 1.7 + cell);
  const d = abs(x - at);
  return d > half ? colour : blend(colour, d > half * 0.6 ? MARK : ROOT, 0.8 * min(1, coarse * 1.3));
}

/** Ticks at the trail's edge every metre and a line across every five, so that distance can be judged. */
function distanceMarks(x: number, off: number, distanceM: number, colour: Rgb): Rgb {
  if (distanceM > 70) return colour;
  const nearestFive = round(x / 5) * 5;
  const nearestOne = round(x);
  const wide = 0.012 + distanceM * 0.0012;
  const fade = 0.55 / (1 + (distanceM / 30) ** 2);
  if (abs(x - nearestFive) < wide && off < TRAIL_HALF_M + 0.35) return blend(colour, MARK, fade);
  const atEdge = abs(off - (TRAIL_HALF_M + 0.22)) < 0.12;
  if (distanceM < 20 && abs(x - nearestOne) < wide * 0.7 && atEdge) return blend(colour, MARK, fade);
  return colour;
}

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
  colour: trailColour,
  scenery: trailScenery,
  far: (direction) => farLand(direction, MOSS, [150, 160, 130]),
  hills: 1,
  nearM: 400,
  hazeM: 160,
};
