import { hash2 } from './hash';
import { over, seenAt, share, start } from './mixed';
import { noise2 } from './noise';
import { grassBeside } from './road';

/** Rows of stones lie across the way: a row's depth, a stone's width and the joint between them, metres (common practice, no source). */
const ROW_M: number = 0.12;
const STONE_M: number = 0.17;
const JOINT_M: number = 0.012;

/** Colour of a road of setts at a point in its own plane: x along it, z to the right, seen from this far. */
export function settsGround(x: number, z: number, distanceM: number): void {
  const detail = seenAt(distanceM, 6);
  const coarse = seenAt(distanceM, 45);
  const row = Math.floor(x / ROW_M);
  const shifted = z + STONE_M * (0.5 * (row - 2 * Math.floor(row / 2)) + 0.2 * hash2(row, 1, 81));
  const stone = Math.floor(shifted / STONE_M);
  const tone = hash2(row, stone, 82) - 0.5;
  const patch = (noise2(x * 0.5, z * 0.9, 83) - 0.5) * coarse;
  const grain = (noise2(x * 70, z * 70, 84) - 0.5) * detail;
  start(160, 156, 150);
  over(112, 110, 110, share(0.42 + 0.7 * tone * coarse + 0.6 * patch + 0.5 * grain));
  const toRow = Math.min(x - row * ROW_M, (row + 1) * ROW_M - x);
  const toStone = Math.min(shifted - stone * STONE_M, (stone + 1) * STONE_M - shifted);
  // Joints of sand, which from afar are a tint.
  const joint = share((JOINT_M - Math.min(toRow, toStone)) / 0.008 + 0.5);
  over(86, 82, 74, 0.8 * joint * detail + 0.12 * (1 - detail));
  const dark = share(0.4 + (noise2(x * 0.3, z * 0.3, 64) - 0.5) + 2 * patch + 1.3 * grain);
  grassBeside(x, z, dark, 0.12);
}
