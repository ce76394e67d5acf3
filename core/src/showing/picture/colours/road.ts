import { over, seenAt, share, start } from './mixed';
import { noise2 } from './noise';

/** Two lanes of a country road, the carrier in the right one. Metres; common practice, no source. */
const ROAD_MIDDLE_M: number = -1.6;
export const ROAD_RIGHT_M: number = 1.45;
export const ROAD_LEFT_M: number = -4.65;
const LINE_M: number = 0.12;
const DASH_M: number = 4;
const GAP_M: number = 8;

/** How much of a strip lies over a point that is so far from its middle. */
export function cover(d: number, half: number, blur: number): number {
  return share((half - d) / blur + 0.5);
}

/** Colour of a road's ground at a point in its own plane: x along it, z to the right, seen from this far. */
export function roadGround(x: number, z: number, distanceM: number): void {
  const detail = seenAt(distanceM, 9);
  const coarse = seenAt(distanceM, 60);
  const blur = 0.02 + distanceM * 0.002;
  const patch = (noise2(x * 0.7, z * 1.6, 61) - 0.5) * coarse;
  const grain = (noise2(x * 60, z * 60, 62) - 0.5) * detail;
  // Tar, polished where the wheels run.
  start(146, 146, 144);
  over(116, 116, 116, share(0.35 + 0.7 * patch + 0.9 * grain));
  const track = Math.min(Math.abs(z - 0.72), Math.abs(z + 0.72));
  over(146, 146, 144, 0.3 * cover(track, 0.22, 0.2) * coarse);
  // Paint.
  const dash = x - Math.floor(x / (DASH_M + GAP_M)) * (DASH_M + GAP_M);
  const middle =
    cover(Math.abs(z - ROAD_MIDDLE_M), LINE_M / 2, blur) * cover(Math.abs(dash - DASH_M / 2), DASH_M / 2, blur * 4);
  const edge = Math.max(
    cover(Math.abs(z - ROAD_RIGHT_M + 0.2), LINE_M / 2, blur),
    cover(Math.abs(z - ROAD_LEFT_M - 0.2), LINE_M / 2, blur),
  );
  over(226, 224, 214, 0.9 * Math.max(middle, edge));
  const dark = share(0.4 + (noise2(x * 0.3, z * 0.3, 64) - 0.5) + 2 * patch + 1.3 * grain);
  grassBeside(x, z, dark, 0.1 + blur);
}

/** Grass to both sides of a road. @param dark from 0 to 1 @param edgeM width over which it begins */
export function grassBeside(x: number, z: number, dark: number, edgeM: number): void {
  const off = Math.max(z - ROAD_RIGHT_M, ROAD_LEFT_M - z) + 0.14 * (noise2(x * 2.1, z > 0 ? 1 : 5, 63) - 0.5);
  over(160 - 42 * dark, 170 - 38 * dark, 122 - 32 * dark, share(off / edgeM + 0.5));
}
