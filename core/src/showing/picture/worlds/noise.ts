// Taken out of Math once: some hosts look the global up at every use.
const { floor, imul } = Math;

/** Repeatable value in [0, 1) for a whole-numbered place. */
export function hash2(x: number, y: number, salt = 0): number {
  let h = imul(x | 0, 374761393) ^ imul(y | 0, 668265263) ^ imul(salt | 0, 2147483647);
  h = imul(h ^ (h >>> 13), 1274126177);
  return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
}

/** Smooth value noise, 0 to 1, one bump a unit. */
export function noise2(x: number, y: number, salt = 0): number {
  const ix = floor(x);
  const iy = floor(y);
  const fx = x - ix;
  const fy = y - iy;
  const sx = fx * fx * (3 - 2 * fx);
  const sy = fy * fy * (3 - 2 * fy);
  const low = hash2(ix, iy, salt) * (1 - sx) + hash2(ix + 1, iy, salt) * sx;
  const high = hash2(ix, iy + 1, salt) * (1 - sx) + hash2(ix + 1, iy + 1, salt) * sx;
  return low * (1 - sy) + high * sy;
}
