import type { RayGrid } from '../lens/rayGrid';

/**
 * Rays from one point sorted into bins on the six faces of a cube round it, so that a triangle need only be held against rays near it.
 * Faces: +x, -x, +y, -y, +z, -z; on each the two other axes in their order, divided by the face's own, from -1 to 1.
 */
export interface RayBins {
  /** Bins along a face's edge. */
  readonly size: number;
  /** First entry in `rays` of each bin, and one more for the end. */
  readonly start: Int32Array;
  readonly rays: Int32Array;
  /** Unit directions, three numbers a ray. */
  readonly directions: Float64Array;
  /** Rays on each face. */
  readonly onFace: readonly number[];
  /** Whether each bin holds one ray and that in its very middle. */
  readonly centred: boolean;
  /** Cosine of the widest angle from +x that a ray has. */
  readonly leastCos: number;
}

const { abs, max, min, round } = Math;
const LARGEST = 160;
const known = new WeakMap<RayGrid, RayBins>();

/** Bins of about one ray each for the rays of a picture; kept as long as the grid is. Rays without an image are left out. */
export function rayBins(grid: RayGrid): RayBins {
  const kept = known.get(grid);
  if (kept) return kept;
  const rays = Array.from({ length: grid.columns * grid.rows }, (_, i) => i).filter(
    (i) => !Number.isNaN(grid.directions[i * 3]!),
  );
  const size = min(LARGEST, max(4, round(4 * Math.sqrt(rays.length / 16) * 3)));
  const bins = sortInto(size, rays, grid.directions, false);
  known.set(grid, bins);
  return bins;
}

function sortInto(size: number, rays: readonly number[], directions: Float64Array, centred: boolean): RayBins {
  const binOf = rays.map((i) => binAt(size, directions[i * 3]!, directions[i * 3 + 1]!, directions[i * 3 + 2]!));
  const start = new Int32Array(6 * size * size + 1);
  for (const bin of binOf) start[bin + 1]!++;
  for (let bin = 0; bin < 6 * size * size; bin++) start[bin + 1]! += start[bin]!;
  const next = start.slice();
  const sorted = new Int32Array(rays.length);
  rays.forEach((ray, k) => (sorted[next[binOf[k]!]!++] = ray));
  const face = size * size;
  return {
    size,
    start,
    rays: sorted,
    directions,
    onFace: [0, 1, 2, 3, 4, 5].map((f) => start[(f + 1) * face]! - start[f * face]!),
    centred,
    leastCos: rays.reduce((least, i) => min(least, directions[i * 3]!), 1),
  };
}

/** Number of the bin that a direction of any length falls into. */
function binAt(size: number, x: number, y: number, z: number): number {
  const [ax, ay, az] = [abs(x), abs(y), abs(z)];
  let face: number;
  let m: number;
  let a: number;
  let b: number;
  if (ax >= ay && ax >= az) [face, m, a, b] = [x >= 0 ? 0 : 1, ax, y, z];
  else if (ay >= az) [face, m, a, b] = [y >= 0 ? 2 : 3, ay, x, z];
  else [face, m, a, b] = [z >= 0 ? 4 : 5, az, x, y];
  const u = min(size - 1, ((a / m + 1) * 0.5 * size) | 0);
  const w = min(size - 1, ((b / m + 1) * 0.5 * size) | 0);
  return (face * size + w) * size + u;
}

const cubes = new Map<number, RayBins>();

/** One ray through the middle of every bin, all round. Ray numbers are bin numbers. */
export function cubeBins(size: number): RayBins {
  const kept = cubes.get(size);
  if (kept) return kept;
  const directions = new Float64Array(6 * size * size * 3);
  for (let face = 0; face < 6; face++) {
    const sign = face % 2 === 0 ? 1 : -1;
    for (let w = 0; w < size; w++) {
      for (let u = 0; u < size; u++) {
        const a = ((u + 0.5) / size) * 2 - 1;
        const b = ((w + 0.5) / size) * 2 - 1;
        const k = 1 / Math.sqrt(1 + a * a + b * b);
        const at = [
          [sign, a, b],
          [a, sign, b],
          [a, b, sign],
        ][face >> 1]!;
        directions.set([at[0]! * k, at[1]! * k, at[2]! * k], ((face * size + w) * size + u) * 3);
      }
    }
  }
  const bins = sortInto(
    size,
    Array.from({ length: 6 * size * size }, (_, i) => i),
    directions,
    true,
  );
  cubes.set(size, bins);
  return bins;
}
