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
  waves(x, z, distanceM, 0.5, 1);
  surface(x, z, 0.42);
  foam(x, z, 1.02);
}

/** Water without wind: hardly a line on it. */
export function glassyGround(x: number, z: number, distanceM: number): void {
  waves(x, z, distanceM, 0.14, 0.16);
  surface(x, z, 0.5);
}

/** A short sea: steep, and white on many crests. */
export function seaGround(x: number, z: number, distanceM: number): void {
  waves(x, z, distanceM, 0.75, 1.2);
  surface(x, z, 0.36);
  foam(x, z, 0.9);
}

/** A long swell: smooth hills of water with ripples on them. */
export function swellGround(x: number, z: number, distanceM: number): void {
  waves(x, z, distanceM, 0.2, 0.3);
  wave(x, z, distanceM, 2 * (noise2(x * 0.04, z * 0.02, 81) - 0.5) * 6.283, 24, 0.2, 1);
  surface(x, z, 0.42);
}

/** @param long how steep the longest are @param short the others, as a share of those of a light breeze */
function waves(x: number, z: number, distanceM: number, long: number, short: number): void {
  const wander = 1.3 * (noise2(x * 0.11, z * 0.11, 81) - 0.5) * 6.283;
  slope = 0;
  height = 0;
  wave(x, z, distanceM, wander, 9, 0.3, long);
  wave(x, z, distanceM, wander, 4.1, -0.5, 0.42 * short);
  wave(x, z, distanceM, wander, 1.7, 0.9, 0.34 * short);
  wave(x, z, distanceM, wander, 0.71, -1.3, 0.3 * short);
  wave(x, z, distanceM, wander, 0.29, 0.2, 0.26 * short);
}

/** @param light how much of the sky it mirrors where it is level */
function surface(x: number, z: number, light: number): void {
  start(86, 124, 134);
  over(176, 202, 206, share(light + 0.42 * slope + 0.1 * (noise2(x * 0.05, z * 0.05, 82) - 0.5)));
}

/** White on crests from a height on. */
function foam(x: number, z: number, from: number): void {
  if (height > from && noise2(x * 2.2, z * 2.2, 83) > 0.52) over(238, 242, 240, Math.min(0.85, (height - from) * 3));
}
