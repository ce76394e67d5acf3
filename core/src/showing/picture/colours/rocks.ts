import { over, seenAt, share } from './mixed';
import { noise2 } from './noise';
import { distanceMarks, stonesIn, trailGround, trailMiddle } from './trail';

/** Half the width of what is bare of green, metres. */
const HALF_M: number = 1.7;

/** Colour of a rock garden's ground at a point in its own plane: x along the way, z across, seen from this far. Stones beside and over each other. */
export function rocksGround(x: number, z: number, distanceM: number): void {
  const detail = seenAt(distanceM, 16);
  const coarse = seenAt(distanceM, 45);
  trailGround(x, z, distanceM);
  const off = Math.abs(z - trailMiddle(x));
  const bare = share((HALF_M + 0.7 * (noise2(x * 0.8, z > 0 ? 3 : 9, 92) - 0.5) - off) / 0.5 + 0.5);
  const dark = share(0.4 + (noise2(x * 1.4, z * 1.4, 93) - 0.5) * coarse + (noise2(x * 30, z * 30, 1) - 0.5) * detail);
  over(168 - 44 * dark, 160 - 44 * dark, 146 - 40 * dark, bare);
  stonesIn(x + 0.2, z + 0.1, 0.22, 0.85 * bare, 0.03, 0.05, detail);
  stonesIn(x, z, 0.5, 0.8 * bare, 0.08, 0.14, detail);
  distanceMarks(x, off, distanceM);
}
