import { hash2 } from './hash';
import { over, share, start } from './mixed';
import { noise2 } from './noise';

/** Edge lengths of the fields, metres; estimate from aerial views of small farms 80 to 250 m. */
const FIELD_LONG_M: number = 140;
const FIELD_WIDE_M: number = 190;

/** One of six crops. */
function crop(which: number): void {
  if (which < 1) start(176, 178, 128);
  else if (which < 2) start(150, 164, 110);
  else if (which < 3) start(196, 186, 140);
  else if (which < 4) start(132, 150, 100);
  else if (which < 5) start(184, 170, 124);
  else start(160, 172, 132);
}

function sea(x: number, z: number, fromShoreM: number): void {
  start(168, 192, 190);
  over(112, 148, 160, Math.min(1, fromShoreM / 120));
  over(150, 180, 186, 0.4 * noise2(x / 13, z / 5, 93));
}

/** Colour of country seen from the air at a point in its own plane: fields with hedges and lanes, woods, and the sea on the left. */
export function countryGround(x: number, z: number, distanceM: number): void {
  const u = x * 0.94 + z * 0.34;
  const v = z * 0.94 - x * 0.34;
  const shore = -620 + 260 * (noise2(x / 700, 0, 91) - 0.5) + 60 * (noise2(x / 90, 0, 92) - 0.5);
  if (z < shore) {
    sea(x, z, shore - z);
    return;
  }
  if (z < shore + 14) {
    start(214, 204, 176);
    return;
  }
  const column = Math.floor(u / FIELD_LONG_M);
  const shifted = v + 60 * hash2(column, 4, 94);
  const row = Math.floor(shifted / FIELD_WIDE_M);
  const inU = u - column * FIELD_LONG_M;
  const inV = shifted - row * FIELD_WIDE_M;
  const edge = Math.min(Math.min(inU, FIELD_LONG_M - inU), Math.min(inV, FIELD_WIDE_M - inV));
  const blur = 1 + distanceM * 0.0012;
  // Every third hedge has a lane along it.
  if (inU < 4 + blur && column % 3 === 0) {
    start(212, 204, 184);
    over(176, 178, 128, Math.min(0.7, blur / 12));
    return;
  }
  if (edge < 2.2 + blur) {
    start(96, 118, 88);
    over(150, 164, 110, Math.min(0.6, blur / 10));
    return;
  }
  const fine = (noise2(x / 6, z / 6, 96) - 0.5) / (1 + distanceM / 400);
  if (hash2(column, row, 95) < 0.16) {
    start(96, 118, 88);
    over(70, 92, 66, share(0.5 + fine * 2));
    return;
  }
  crop(hash2(column, row, 97) * 6);
  // Rows of the drill, while they can be told apart.
  const rows = distanceM < 500 ? 0.08 * (Math.abs(((inV / 6) % 1) - 0.5) * 2 - 0.5) : 0;
  over(120, 128, 84, share(0.18 + 0.5 * fine + rows));
}
