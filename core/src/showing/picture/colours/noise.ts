import { hash2 } from './hash';

/** Smooth value noise, 0 to 1, one bump a unit. */
export function noise2(x: number, y: number, salt: number): number {
  const ix = Math.floor(x);
  const iy = Math.floor(y);
  const fx = x - ix;
  const fy = y - iy;
  const sx = fx * fx * (3 - 2 * fx);
  const sy = fy * fy * (3 - 2 * fy);
  const low = hash2(ix, iy, salt) * (1 - sx) + hash2(ix + 1, iy, salt) * sx;
  const high = hash2(ix, iy + 1, salt) * (1 - sx) + hash2(ix + 1, iy + 1, salt) * sx;
  return low * (1 - sy) + high * sy;
}
