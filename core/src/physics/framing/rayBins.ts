import { CubePoint, FACE_AXES, faceSign } from '../../mathematics/geometry/cubeFace';
import type { RayGrid } from '../../mathematics/lens/rayGrid';

/**
 * Rays from one point sorted into bins on the six faces of a cube round it, so that a triangle need only be held against rays near it.
 * Faces: +x, -x, +y, -y, +z, -z; on each the two other axes in their order, divided by the face's own, from -1 to 1.
 */
export interface RayBins {
  /** Bins along a face's edge. */
  readonly size: number;
  /** Bins of each face that hold any ray: from and to, the last included, along both axes; and where its first bin stands in `start`. */
  readonly windows: readonly BinWindow[];
  /** First entry in `rays` of each bin of the windows, row by row, and one more for the end. */
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

/** Part of a face; empty where `lowU` is beyond `highU`. */
export interface BinWindow {
  readonly lowU: number;
  readonly highU: number;
  readonly lowW: number;
  readonly highW: number;
  readonly base: number;
  readonly width: number;
}

const { abs, max, min, round } = Math;
/** Bins along a face's edge at most: of a whole face, and of one that a narrow lens sees little of. */
const LARGEST = { wide: 160, narrow: 1200 } as const;
const known = new WeakMap<RayGrid, RayBins>();

/** Bins rather smaller than the rays are apart; kept as long as the grid is. Rays without an image are left out. */
export function rayBins(grid: RayGrid): RayBins {
  const kept = known.get(grid);
  if (kept) return kept;
  const rays = withImage(grid);
  const along = 3 * Math.sqrt(rays.length);
  const spread = spreadOf(rays, grid.directions);
  const size = max(4, round(min(LARGEST.wide, along, LARGEST.narrow * spread) / spread));
  const bins = sortInto(size, rays, grid.directions, false);
  known.set(grid, bins);
  return bins;
}

/** Numbers of a grid's rays that have an image. */
function withImage({ columns, rows, directions }: RayGrid): Int32Array {
  const rays = new Int32Array(columns * rows);
  let count = 0;
  for (let i = 0; i < rays.length; i++) if (!Number.isNaN(directions[i * 3]!)) rays[count++] = i;
  return rays.subarray(0, count);
}

/** How far the rays reach over the face ahead, as a share of it; 1 where they reach over its edge. */
function spreadOf(rays: Int32Array, directions: Float64Array): number {
  let widest = 0.01;
  for (let k = 0; k < rays.length; k++) {
    const at = rays[k]! * 3;
    const x = directions[at]!;
    if (x <= 0) return 1;
    widest = max(widest, abs(directions[at + 1]!) / x, abs(directions[at + 2]!) / x);
  }
  return min(1, widest);
}

const point = new CubePoint();

function sortInto(size: number, rays: Int32Array, directions: Float64Array, centred: boolean): RayBins {
  const { length } = rays;
  const faceOf = new Uint8Array(length);
  const [uOf, wOf] = [new Uint16Array(length), new Uint16Array(length)];
  const onFace = [0, 0, 0, 0, 0, 0];
  const edges = onFace.map(() => ({ lowU: size, highU: -1, lowW: size, highW: -1 }));
  let leastCos = 1;
  for (let k = 0; k < length; k++) {
    const at = rays[k]! * 3;
    const x = directions[at]!;
    point.put(x, directions[at + 1]!, directions[at + 2]!);
    const { face } = point;
    const u = min(size - 1, ((point.u + 1) * 0.5 * size) | 0);
    const w = min(size - 1, ((point.w + 1) * 0.5 * size) | 0);
    faceOf[k] = face;
    uOf[k] = u;
    wOf[k] = w;
    onFace[face]!++;
    const edge = edges[face]!;
    if (u < edge.lowU) edge.lowU = u;
    if (u > edge.highU) edge.highU = u;
    if (w < edge.lowW) edge.lowW = w;
    if (w > edge.highW) edge.highW = w;
    if (x < leastCos) leastCos = x;
  }
  let bins = 0;
  const windows = edges.map(({ lowU, highU, lowW, highW }): BinWindow => {
    const width = max(0, highU - lowU + 1);
    const base = bins;
    bins += width * max(0, highW - lowW + 1);
    return { lowU, highU, lowW, highW, base, width };
  });
  const binOf = new Int32Array(length);
  const start = new Int32Array(bins + 1);
  for (let k = 0; k < length; k++) {
    const { base, width, lowU, lowW } = windows[faceOf[k]!]!;
    const bin = base + (wOf[k]! - lowW) * width + (uOf[k]! - lowU);
    binOf[k] = bin;
    start[bin + 1]!++;
  }
  for (let bin = 0; bin < bins; bin++) start[bin + 1]! += start[bin]!;
  const next = start.slice();
  const sorted = new Int32Array(length);
  for (let k = 0; k < length; k++) sorted[next[binOf[k]!]!++] = rays[k]!;
  return { size, windows, start, rays: sorted, directions, onFace, centred, leastCos };
}

const cubes = new Map<number, RayBins>();

/** One ray through the middle of every bin, all round. Ray numbers are bin numbers. */
export function cubeBins(size: number): RayBins {
  const kept = cubes.get(size);
  if (kept) return kept;
  const directions = new Float64Array(6 * size * size * 3);
  for (let face = 0; face < 6; face++) {
    const [own, first, second] = FACE_AXES[face >> 1]!;
    const at = [0, 0, 0];
    for (let w = 0; w < size; w++) {
      for (let u = 0; u < size; u++) {
        const a = ((u + 0.5) / size) * 2 - 1;
        const b = ((w + 0.5) / size) * 2 - 1;
        const k = 1 / Math.sqrt(1 + a * a + b * b);
        at[own] = faceSign(face) * k;
        at[first] = a * k;
        at[second] = b * k;
        directions.set(at, ((face * size + w) * size + u) * 3);
      }
    }
  }
  const every = Int32Array.from({ length: 6 * size * size }, (_, i) => i);
  const bins = sortInto(size, every, directions, true);
  cubes.set(size, bins);
  return bins;
}
