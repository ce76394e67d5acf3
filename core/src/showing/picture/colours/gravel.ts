import { hash2 } from './hash';
import { over, seenAt, share, square, start } from './mixed';
import { noise2 } from './noise';
import { cover, grassBeside } from './road';

/** Where wheels run on the side that the carrier has, and on the other; metres to the right of it. */
const TRACKS_M: number = 0.72;
const OTHER_SIDE_M: number = -3.2;

/** Colour of a gravel road's ground at a point in its own plane: x along it, z to the right, seen from this far. */
export function gravelGround(x: number, z: number, distanceM: number): void {
  const detail = seenAt(distanceM, 7);
  const coarse = seenAt(distanceM, 60);
  const patch = (noise2(x * 0.6, z * 1.4, 71) - 0.5) * coarse;
  const grain = (noise2(x * 55, z * 55, 72) - 0.5) * detail;
  const broad = noise2(x * 0.12, z * 0.3, 73) - 0.5;
  // Loose stones, a little brown.
  start(184, 176, 160);
  over(142, 132, 116, share(0.42 + 0.5 * broad + 0.8 * patch + 1.1 * grain));
  // Rolled fine where wheels run, heaped and overgrown between.
  const side = z < -1.6 ? z - OTHER_SIDE_M : z;
  const track = Math.abs(Math.abs(side) - TRACKS_M);
  over(198, 190, 174, 0.55 * cover(track, 0.26, 0.3) * coarse);
  const ridge = cover(Math.abs(side), 0.22, 0.3) * share(1.6 * noise2(x * 0.9, z * 2, 74) - 0.5);
  over(136, 142, 100, 0.6 * ridge * coarse);
  pebbles(x, z, detail);
  const dark = share(0.4 + (noise2(x * 0.3, z * 0.3, 64) - 0.5) + 2 * patch + 1.3 * grain);
  // No kerb: it frays out.
  grassBeside(x, z, dark, 0.5);
}

function pebbles(x: number, z: number, detail: number): void {
  const cx = Math.floor(x / 0.16);
  const cz = Math.floor(z / 0.16);
  if (hash2(cx, cz, 75) > 0.5) return;
  const dx = x - (cx + 0.3 + 0.4 * hash2(cx, cz, 76)) * 0.16;
  const dz = z - (cz + 0.3 + 0.4 * hash2(cx, cz, 77)) * 0.16;
  const r = 0.012 + 0.024 * square(hash2(cx, cz, 78));
  const d = Math.sqrt(dx * dx + dz * dz);
  if (d > r) return;
  const lit = 0.88 + 0.24 * share((-dx - dz) / r + 0.5);
  if (d > r * 0.8) over(96, 90, 80, 0.6 * detail);
  else over(176 * lit, 170 * lit, 160 * lit, 0.8 * detail);
}
