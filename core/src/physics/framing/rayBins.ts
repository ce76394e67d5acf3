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
  const rays = Array.from({ length: grid.columns * grid.rows }, (_, i) => i).filter(
    (i) => !Number.isNaN(grid.directions[i * 3]!),
  );
  const along = 3 * Math.sqrt(rays.length);
  const spread = spreadOf(rays, grid.directions);
  const size = max(4, round(min(LARGEST.wide, along, LARGEST.narrow * spread) / spread));
  const bins = sortInto(size, rays, grid.directions, false);
  known.set(grid, bins);
  return bins;
}

/** How far the rays reach over the face ahead, as a share of it; 1 where they reach over its edge. */
function spreadOf(rays: readonly number[], directions: Float64Array): number {
  let widest = 0.01;
  for (const ray of rays) {
    const x = directions[ray * 3]!;
    if (x <= 0) return 1;
    widest = max(widest, abs(directions[ray * 3 + 1]!) / x, abs(directions[ray * 3 + 2]!) / x);
  }
  return min(1, widest);
}

function sortInto(size: number, rays: readonly number[], directions: Float64Array, centred: boolean): RayBins {
  const places = rays.map((i) => binAt(size, directions[i * 3]!, directions[i * 3 + 1]!, directions[i * 3 + 2]!));
  let base = 0;
  const onFace = [0, 0, 0, 0, 0, 0];
  const windows = onFace.map((_, face): BinWindow => {
    let [lowU, highU, lowW, highW] = [size, -1, size, -1];
    for (const place of places) {
      if (place.face !== face) continue;
      onFace[face]!++;
      lowU = min(lowU, place.u);
      highU = max(highU, place.u);
      lowW = min(lowW, place.w);
      highW = max(highW, place.w);
    }
    const width = max(0, highU - lowU + 1);
    const made = { lowU, highU, lowW, highW, base, width };
    base += width * max(0, highW - lowW + 1);
    return made;
  });
  const binOf = places.map(({ face, u, w }) => {
    const { base: first, width, lowU, lowW } = windows[face]!;
    return first + (w - lowW) * width + (u - lowU);
  });
  const start = new Int32Array(base + 1);
  for (const bin of binOf) start[bin + 1]!++;
  for (let bin = 0; bin < base; bin++) start[bin + 1]! += start[bin]!;
  const next = start.slice();
  const sorted = new Int32Array(rays.length);
  rays.forEach((ray, k) => (sorted[next[binOf[k]!]!++] = ray));
  return {
    size,
    windows,
    start,
    rays: sorted,
    directions,
    onFace,
    centred,
    leastCos: rays.reduce((least, i) => min(least, directions[i * 3]!), 1),
  };
}

const point = new CubePoint();

/** The bin that a direction of any length falls into. */
function binAt(size: number, x: number, y: number, z: number): { face: number; u: number; w: number } {
  point.put(x, y, z);
  const bin = (share: number) => min(size - 1, ((share + 1) * 0.5 * size) | 0);
  return { face: point.face, u: bin(point.u), w: bin(point.w) };
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
  const bins = sortInto(
    size,
    Array.from({ length: 6 * size * size }, (_, i) => i),
    directions,
    true,
  );
  cubes.set(size, bins);
  return bins;
}
