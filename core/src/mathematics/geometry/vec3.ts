/**
 * Vectors as plain tuples. World frame: metres, right-handed, +x ahead (direction of travel), +y up, +z to the right.
 */
export type Vec3 = readonly [number, number, number];

export const AHEAD: Vec3 = [1, 0, 0];
export const UP: Vec3 = [0, 1, 0];
export const RIGHT: Vec3 = [0, 0, 1];
export const ORIGIN: Vec3 = [0, 0, 0];

export const add = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const subtract = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec3, k: number): Vec3 => [a[0] * k, a[1] * k, a[2] * k];
/** a + b·k */
export const addScaled = (a: Vec3, b: Vec3, k: number): Vec3 => [a[0] + b[0] * k, a[1] + b[1] * k, a[2] + b[2] * k];
export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const length = (a: Vec3): number => Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
export const distance = (a: Vec3, b: Vec3): number => length(subtract(a, b));
export const mix = (a: Vec3, b: Vec3, t: number): Vec3 => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];
/** The point mirrored left to right, across the plane z = 0. */
export const mirrored = (a: Vec3): Vec3 => [a[0], a[1], -a[2]];

/** Unit vector along a; throws RangeError on a vector shorter than 1e-12. */
export function normalize(a: Vec3): Vec3 {
  const size = length(a);
  if (!(size > 1e-12)) throw new RangeError(`normalize: vector [${a.join(', ')}] has no direction`);
  return scale(a, 1 / size);
}

/** The part of a at right angles to the unit vector n. */
export const rejectFrom = (a: Vec3, n: Vec3): Vec3 => addScaled(a, n, -dot(a, n));

/** Some unit vector at right angles to n, the one nearest to `preferred` where that is possible. */
export function perpendicularTo(n: Vec3, preferred: Vec3): Vec3 {
  const first = rejectFrom(preferred, n);
  if (length(first) > 1e-6) return normalize(first);
  const other: Vec3 = Math.abs(n[1]) < 0.9 ? UP : AHEAD;
  return normalize(rejectFrom(other, n));
}
