import { over, share, square, start } from './mixed';
import { noise2 } from './noise';

// What the waves so far make of the place that is asked for.
let slope: number = 0;
let height: number = 0;

/** Adds a wave. Those shorter than what can be told apart at this distance fade out. */
function wave(
  x: number,
  z: number,
  distanceM: number,
  wander: number,
  longM: number,
  headingRad: number,
  steep: number,
): void {
  const seen = steep / (1 + square(distanceM / (longM * 14)));
  const phase = ((x * Math.cos(headingRad) + z * Math.sin(headingRad)) / longM) * 6.283 + wander * (0.4 + 0.6 / longM);
  slope += seen * Math.cos(phase);
  height += seen * Math.sin(phase);
}

/** Colour of water at a point in its own plane: x along the travel, z to the right, seen from this far. A light swell with chop on it, drawn only: the measured water stays level. */
export function waterGround(x: number, z: number, distanceM: number): void {
  const wander = 1.3 * (noise2(x * 0.11, z * 0.11, 81) - 0.5) * 6.283;
  slope = 0;
  height = 0;
  wave(x, z, distanceM, wander, 9, 0.3, 0.5);
  wave(x, z, distanceM, wander, 4.1, -0.5, 0.42);
  wave(x, z, distanceM, wander, 1.7, 0.9, 0.34);
  wave(x, z, distanceM, wander, 0.71, -1.3, 0.3);
  wave(x, z, distanceM, wander, 0.29, 0.2, 0.26);
  start(86, 124, 134);
  over(176, 202, 206, share(0.42 + 0.42 * slope + 0.1 * (noise2(x * 0.05, z * 0.05, 82) - 0.5)));
  // Foam on the crests.
  if (height > 1.02 && noise2(x * 2.2, z * 2.2, 83) > 0.52) over(238, 242, 240, Math.min(0.85, (height - 1.02) * 3));
}
