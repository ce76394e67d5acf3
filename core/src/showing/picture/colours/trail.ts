import { hash2 } from './hash';
import { over, seenAt, share, square, start } from './mixed';
import { noise2 } from './noise';

/** Half width of the trodden trail, metres. */
const HALF_M: number = 0.75;

/** Where the trail's middle runs; straight where the carrier stands. */
export function trailMiddle(x: number): number {
  const far = Math.max(0, Math.abs(x) - 7);
  return (far * far * 0.05 * Math.sin(x * 0.09 + 0.6)) / (6 + far);
}

function mark(seen: number): void {
  over(74, 70, 62, seen);
}

/** Colour of a rooty trail's ground at a point in its own plane: x along the trail, z across, seen from this far. */
export function trailGround(x: number, z: number, distanceM: number): void {
  const off = Math.abs(z - trailMiddle(x));
  trodden(x, z, off, distanceM, 0.25, 0.28, 1);
  roots(x, z, off, seenAt(distanceM, 45));
  distanceMarks(x, off, distanceM);
}

/** The same of a hard-packed path: few stones and no roots. */
export function pathGround(x: number, z: number, distanceM: number): void {
  const off = Math.abs(z - trailMiddle(x));
  trodden(x, z, off, distanceM, -0.2, 0.02, 0.5);
  distanceMarks(x, off, distanceM);
}

/** Earth between moss. @param off from the trail's middle @param stony so much more often than beside it a stone lies on it @param damp how dark it is @param patchy how unevenly */
function trodden(
  x: number,
  z: number,
  off: number,
  distanceM: number,
  stony: number,
  damp: number,
  patchy: number,
): void {
  const detail = seenAt(distanceM, 9);
  const coarse = seenAt(distanceM, 45);
  const edge = HALF_M + 0.16 * (noise2(x * 1.7, z > 0 ? 3 : 9, 0) - 0.5);
  const inside = share((edge - off) / 0.12 + 0.5);
  const grain = (noise2(x * 34, z * 34, 1) - 0.5) * detail;
  const patch = (noise2(x * 1.3, z * 1.3, 2) - 0.5) * coarse;
  const broad = (noise2(x * 0.21, z * 0.21, 3) - 0.5) * 0.9;
  // Earth is darker along the wheels' rut in the middle.
  const dry = 1 - share(damp + (patch + grain) * 0.9 * patchy);
  const dark = 1 - dry * (1 - 0.35 * Math.exp(-square((off - 0.05) / 0.14)) * coarse);
  // Moss.
  start(166, 173, 128);
  over(120, 132, 90, share(0.4 + broad + patch * 0.7 + grain * 1.1));
  over(205 - 45 * dark, 184 - 50 * dark, 150 - 50 * dark, inside);
  stonesIn(x, z, 0.4, 0.35 + stony * inside, 0.025, 0.06, detail);
}

/**
 * Stones strewn at random, at most one to a square.
 * @param cellM side of a square @param often share of the squares that have one @param leastM, moreM radius of the smallest, and how much larger the largest is
 */
export function stonesIn(
  x: number,
  z: number,
  cellM: number,
  often: number,
  leastM: number,
  moreM: number,
  detail: number,
): void {
  const cx = Math.floor(x / cellM);
  const cz = Math.floor(z / cellM);
  if (hash2(cx, cz, 5) > often) return;
  const dx = x - (cx + 0.25 + 0.5 * hash2(cx, cz, 6)) * cellM;
  const dz = z - (cz + 0.25 + 0.5 * hash2(cx, cz, 7)) * cellM;
  const r = leastM + moreM * square(hash2(cx, cz, 8));
  const d = Math.sqrt(dx * dx + square(dz * (0.8 + 0.5 * hash2(cx, cz, 9))));
  if (d > r) return;
  const seen = 0.75 * Math.min(1, detail * 2.4);
  if (d > r * 0.82) {
    mark(seen);
    return;
  }
  const lit = 0.85 + 0.3 * ((-dx - dz) / r) * 0.5;
  over(172 * lit, 170 * lit, 162 * lit, seen);
}

function roots(x: number, z: number, off: number, coarse: number): void {
  const cell = Math.floor(x / 3.1);
  if (hash2(cell, 1, 11) < 0.45 || off > 1.5) return;
  const at =
    (cell + 0.2 + 0.6 * hash2(cell, 2, 11)) * 3.1 + (hash2(cell, 3, 11) - 0.5) * z + 0.12 * Math.sin(z * 4 + cell);
  const half = 0.022 + 0.014 * Math.cos(z * 1.7 + cell);
  const d = Math.abs(x - at);
  if (d > half) return;
  const seen = 0.8 * Math.min(1, coarse * 1.3);
  if (d > half * 0.6) mark(seen);
  else over(108, 84, 62, seen);
}

/** Ticks at the trail's edge every metre and a line across every five, so that distance can be judged. */
export function distanceMarks(x: number, off: number, distanceM: number): void {
  if (distanceM > 70) return;
  const wide = 0.012 + distanceM * 0.0012;
  const seen = 0.55 * seenAt(distanceM, 30);
  const ofFive = Math.abs(x - Math.floor(x / 5 + 0.5) * 5);
  const ofOne = Math.abs(x - Math.floor(x + 0.5));
  const across = ofFive < wide && off < HALF_M + 0.35;
  const tick = distanceM < 20 && ofOne < wide * 0.7 && Math.abs(off - (HALF_M + 0.22)) < 0.12;
  if (across || tick) mark(seen);
}
