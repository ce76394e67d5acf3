import { over, seenAt, share, start } from './mixed';
import { noise2 } from './noise';
import { cover } from './road';
import { distanceMarks, stonesIn, trailMiddle } from './trail';

/** Half the width of a track that cars go along, and where their wheels run, metres from its middle. */
const HALF_M: number = 1.5;
const RUTS_M: number = 0.76;
/** So much wider than a trail, on each side. */
const WIDER_M: number = 0.75;

/** Colour of a forest track's ground at a point in its own plane: x along it, z across, seen from this far. Two ruts with grass between. */
export function trackGround(x: number, z: number, distanceM: number): void {
  const detail = seenAt(distanceM, 9);
  const coarse = seenAt(distanceM, 50);
  const off = Math.abs(z - trailMiddle(x));
  const grain = (noise2(x * 34, z * 34, 1) - 0.5) * detail;
  const patch = (noise2(x * 1.1, z * 1.3, 2) - 0.5) * coarse;
  const broad = (noise2(x * 0.21, z * 0.21, 3) - 0.5) * 0.9;
  start(166, 173, 128);
  over(120, 132, 90, share(0.4 + broad + patch * 0.7 + grain * 1.1));
  const edge = HALF_M + 0.3 * (noise2(x * 1.3, z > 0 ? 3 : 9, 0) - 0.5);
  const dark = share(0.35 + patch * 0.9 + grain * 0.9);
  over(196 - 40 * dark, 182 - 44 * dark, 152 - 44 * dark, 0.75 * share((edge - off) / 0.3 + 0.5));
  // Worn bare where wheels run.
  over(190 - 56 * dark, 168 - 56 * dark, 136 - 50 * dark, cover(Math.abs(off - RUTS_M), 0.26, 0.18));
  const ridge = cover(off, 0.3, 0.25) * share(1.7 * noise2(x * 0.8, z * 2, 91) - 0.3);
  over(132, 144, 98, 0.8 * ridge);
  stonesIn(x, z, 0.4, 0.3, 0.02, 0.05, detail);
  distanceMarks(x, Math.max(0, off - WIDER_M), distanceM);
}
