import { start } from './mixed';

/** From one crease to the next, metres; how far one slants over the limb; how far the surface is tilted in the deepest, as a tangent. */
const CREASE_M: number = 0.043;
const SLANT_M: number = 0.026;
const TILT: number = 0.75;
const TURN: number = 6.283185307179586;

/**
 * How far the cloth of a sleeve or leg is tilted along the limb by the creases of one bend: a few run slanting round the limb from the inside of the
 * bend, and die away from the joint. Only drawn.
 * @param x, y, z point in the part's frame: the limb along y, the outside of its bend toward +x
 * @param foldY, reachM, depth see Fold (words/carrier/posedPart.ts)
 */
export function creased(x: number, y: number, z: number, foldY: number, reachM: number, depth: number): number {
  const away = (y - foldY) / reachM;
  const round = Math.atan2(z, x);
  // Cloth is pushed together inside a bend and drawn tight outside.
  const inside = 0.25 + 0.75 * (0.5 - 0.5 * Math.cos(round));
  const seen = Math.exp(-away * away) * depth * inside;
  if (seen < 0.02) return 0;
  const phase =
    (y - foldY + SLANT_M * Math.sin(round + 5 * foldY) + 0.3 * SLANT_M * Math.sin(2 * round + 1)) / CREASE_M;
  const wave = Math.sin(TURN * phase);
  // A crease is narrow and the cloth between two of them wide.
  return seen * TILT * wave * Math.abs(wave);
}

/**
 * Mixes the wash of a lit surface: sky from above, warm ground light from below, sun with a soft edge.
 * @param r, g, b what it is made of @param nx, ny, nz how it faces @param x, y, z how it is looked along, a unit vector @param sunX, sunY, sunZ toward the light
 */
export function wash(
  r: number,
  g: number,
  b: number,
  nx: number,
  ny: number,
  nz: number,
  x: number,
  y: number,
  z: number,
  gloss: number,
  sunX: number,
  sunY: number,
  sunZ: number,
): void {
  const sky = 0.5 + 0.5 * ny;
  const sun = Math.max(0, nx * sunX + ny * sunY + nz * sunZ);
  const light = 0.46 + 0.3 * sky + 0.36 * sun;
  let shine: number = 0;
  if (gloss > 0) {
    const back = -2 * (x * nx + y * ny + z * nz);
    const toward = (x + nx * back) * sunX + (y + ny * back) * sunY + (z + nz * back) * sunZ;
    shine = gloss * 110 * Math.pow(Math.max(0, toward), 24);
  }
  start(r * light + shine + 3 * (1 - sky), g * light + shine, b * light * (0.95 + 0.08 * sky) + shine);
}
