import { over, seenAt, share, square, start } from './mixed';
import { noise2 } from './noise';

/** Half width of the groomed run and the spacing of its ridges, metres; common practice, no source. */
export const RUN_HALF_M: number = 7;
const RIDGE_M: number = 0.09;

/** How much is seen of a track of a board that went before, swinging over the run. */
function track(x: number, z: number, phase: number, swingM: number, longM: number, middleM: number): number {
  const middle = swingM * Math.sin((x / longM) * 6.283 + phase) + middleM;
  return Math.exp(-square((Math.abs(z - middle) - 0.1) / 0.07));
}

/** Lines to judge distance by beside the run, every five metres. */
function distanceLines(x: number, z: number, distanceM: number): void {
  const five = Math.abs(x - Math.floor(x / 5 + 0.5) * 5);
  if (distanceM < 60 && five < 0.02 + distanceM * 0.0014 && Math.abs(Math.abs(z) - RUN_HALF_M) < 0.7)
    over(120, 136, 152, 0.55);
}

/** Colour of powder: drifts and what the wind has drawn in them, and one track. */
export function powderGround(x: number, z: number, distanceM: number): void {
  const detail = seenAt(distanceM, 5);
  const coarse = seenAt(distanceM, 60);
  const drift = (noise2(x * 0.16, z * 0.3, 76) - 0.5) * 0.8 + (noise2(x * 0.6, z * 1.4, 73) - 0.5) * 0.35 * coarse;
  const grain = (noise2(x * 40, z * 40, 74) - 0.5) * 0.2 * detail;
  start(244, 246, 249);
  over(188, 204, 222, share(0.2 + drift + grain + 0.8 * track(x, z, 0.4, 2.2, 19, -2.4) * coarse));
  distanceLines(x, z, distanceM);
}

/** Colour of a run that is hard and icy: grey-blue sheets scraped bare, scratched along the run. */
export function iceGround(x: number, z: number, distanceM: number): void {
  const detail = seenAt(distanceM, 6);
  const coarse = seenAt(distanceM, 70);
  const bare = share(2.4 * (noise2(x * 0.22, z * 0.5, 77) - 0.42)) * (0.4 + 0.6 * coarse);
  const scratch = share(4 * (noise2(x * 1.1, z * 17, 78) - 0.6)) * detail;
  start(238, 242, 246);
  over(168, 192, 210, share(0.12 + 0.75 * bare));
  over(246, 248, 250, 0.6 * scratch);
  distanceLines(x, z, distanceM);
}

/** Colour of snow that is chopped up: heaps, with hollows between them in the shade. */
export function choppedGround(x: number, z: number, distanceM: number): void {
  const detail = seenAt(distanceM, 6);
  const coarse = seenAt(distanceM, 50);
  const heaps =
    (noise2(x * 0.7, z * 0.8, 79) - 0.5) * 1.2 * coarse + (noise2(x * 2.9, z * 3.1, 73) - 0.5) * 0.7 * detail;
  const grain = (noise2(x * 40, z * 40, 74) - 0.5) * 0.35 * detail;
  start(242, 244, 247);
  over(172, 190, 212, share(0.3 + heaps + grain));
  distanceLines(x, z, distanceM);
}

/** Colour of a groomed run at a point in its own plane: x along the run, z to the right, seen from this far. */
export function snowGround(x: number, z: number, distanceM: number): void {
  const detail = seenAt(distanceM, 5);
  const coarse = seenAt(distanceM, 60);
  const edge = RUN_HALF_M - Math.abs(z) + 0.8 * (noise2(x * 0.4, z > 0 ? 2 : 7, 71) - 0.5);
  const groomed = share(edge / 0.5 + 0.5);
  const ridge = 0.3 * detail * groomed * (0.5 + 0.5 * Math.sin((z / RIDGE_M) * 6.283));
  const drift =
    (noise2(x * 0.35, z * 0.35, 72) - 0.5) * (1 - 0.7 * groomed) + (noise2(x * 2.3, z * 2.3, 73) - 0.5) * 0.4 * coarse;
  const grain = (noise2(x * 40, z * 40, 74) - 0.5) * 0.35 * detail;
  const tracks = Math.max(track(x, z, 0.4, 2.2, 19, -2.4), track(x, z, 2.7, 1.5, 15, 2.6)) * coarse;
  start(240, 243, 246);
  over(188, 204, 222, share(0.2 + drift + grain + ridge + 0.7 * tracks));
  distanceLines(x, z, distanceM);
}
