import { over, share, start } from './mixed';
import { noise2 } from './noise';

/** What air makes of the mixed colour. @param hazeM distance at which 63 % of it is lost */
export function haze(distanceM: number, hazeM: number): void {
  over(205, 214, 210, 1 - Math.exp(-distanceM / hazeM));
}

/** Level country beyond what is drawn in detail, in two colours, hazier toward the horizon. @param x, y, z direction, a unit vector */
export function farCountry(
  x: number,
  y: number,
  z: number,
  r: number,
  g: number,
  b: number,
  otherR: number,
  otherG: number,
  otherB: number,
): void {
  const flat = Math.sqrt(x * x + z * z);
  const ahead = flat > 0 ? x / flat : 1;
  const right = flat > 0 ? z / flat : 0;
  const fields = noise2(ahead * 15 + right * 9, Math.log(Math.max(1e-3, -y)) * 3.2, 21);
  const left = 1 - (0.25 + 0.6 * share(-y * 5));
  start(r, g, b);
  over(otherR, otherG, otherB, fields);
  over(205, 214, 210, left);
}
