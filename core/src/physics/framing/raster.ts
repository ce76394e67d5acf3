import { compose, invert, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import type { PosedPart } from '../../words/carrier/posedPart';
import type { BinWindow, RayBins } from './rayBins';
import { patchesOf, type Patches } from './patches';

/** First hits, one entry a ray. */
interface Hits {
  /** Index into the parts; left as it was where nothing is hit. */
  readonly part: Int16Array;
  /** Metres along the ray; Infinity before the first hit. */
  readonly distanceM: Float64Array;
  readonly triangle: Int32Array;
}

// Hot enough that looking up Math each time counts.
const { abs, ceil, floor, max, min, sqrt } = Math;

/** Corners of one patch, seen from the lens: place, face of the cube, place on that face in bins. */
interface Corners {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly z: Float64Array;
  readonly u: Float64Array;
  readonly w: Float64Array;
  readonly face: Uint8Array;
}

let room: Corners = cornersFor(4096);

function cornersFor(count: number): Corners {
  const [x, y, z, u, w] = [0, 0, 0, 0, 0].map(() => new Float64Array(count)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  return { x, y, z, u, w, face: new Uint8Array(count) };
}

/** How far outside an edge a ray still counts, as a share of the whole: no cracks between triangles. */
const SLACK = -1e-9;
/** A lens within a part's box sees its triangles from both sides; the meshes are closed, so from outside the front ones do. */
const INSIDE_M = 0.001;

/**
 * First hit of every ray that starts at one point, by rasterising: each triangle is held against the rays in the bins that its
 * image on the cube round the lens covers. A ray is inside where its products with the three planes through the lens and an edge have
 * one sign; their sum and the triangle's volume give the distance (the numerators of Möller & Trumbore 1997, divided once).
 * @param bins rays in the frame of the lens @param worldFromLens where they start and how they are turned
 */
export function rasterise(parts: readonly PosedPart[], worldFromLens: Pose, bins: RayBins, hits: Hits): void {
  const lensFromWorld = invert(worldFromLens);
  const leastSin = sqrt(max(0, 1 - bins.leastCos * bins.leastCos));
  for (let index = 0; index < parts.length; index++) {
    const { mesh, worldFromPart } = parts[index]!;
    const patches = patchesOf(mesh);
    const lensFromPart = compose(lensFromWorld, worldFromPart);
    const [x, y, z] = transformPoint(lensFromPart, patches.centre);
    if (outOfSight(x, x * x + y * y + z * z, patches.radiusM, bins.leastCos, leastSin)) continue;
    rasterPatches(patches, lensFromPart, bins, leastSin, hits, index);
  }
}

/** Whether a ball lies outside the cone of all rays. @param x along the cone's axis @param square of its distance from the tip */
function outOfSight(x: number, square: number, radiusM: number, leastCos: number, leastSin: number): boolean {
  if (leastCos <= -1 || square <= radiusM * radiusM) return false;
  return sqrt(max(0, square - x * x)) * leastCos - x * leastSin > radiusM;
}

function rasterPatches(
  patches: Patches,
  lensFromPart: Pose,
  bins: RayBins,
  leastSin: number,
  hits: Hits,
  index: number,
): void {
  const { positions, indices, planes, balls, cones, firstCorner, firstTriangle, low, high, most } = patches;
  const { size, onFace, windows, centred, leastCos } = bins;
  const half = size / 2;
  if (room.x.length < most) room = cornersFor(most * 2);
  const seen = room;
  const { x: X, y: Y, z: Z, u: U, w: W, face: F } = seen;
  const r = lensFromPart.rotation;
  const [tx, ty, tz] = lensFromPart.position;
  const [r0, r1, r2, r3, r4, r5, r6, r7, r8] = r;
  // The lens in the part's frame.
  const ox = -(r0 * tx + r3 * ty + r6 * tz);
  const oy = -(r1 * tx + r4 * ty + r7 * tz);
  const oz = -(r2 * tx + r5 * ty + r8 * tz);
  const within =
    ox > low[0] - INSIDE_M &&
    oy > low[1] - INSIDE_M &&
    oz > low[2] - INSIDE_M &&
    ox < high[0] + INSIDE_M &&
    oy < high[1] + INSIDE_M &&
    oz < high[2] + INSIDE_M;
  const count = firstTriangle.length - 1;
  for (let patch = 0; patch < count; patch++) {
    const q = patch * 4;
    const bx = balls[q]! - ox;
    const by = balls[q + 1]! - oy;
    const bz = balls[q + 2]! - oz;
    const radius = balls[q + 3]!;
    if (!within) {
      // Turned away as a whole: every normal of the patch points away from every place that looks at it from the lens.
      const along = bx * cones[q]! + by * cones[q + 1]! + bz * cones[q + 2]!;
      if (along >= cones[q + 3]! * sqrt(bx * bx + by * by + bz * bz) + radius) continue;
    }
    const square = bx * bx + by * by + bz * bz;
    if (outOfSight(r0 * bx + r1 * by + r2 * bz, square, radius, leastCos, leastSin)) continue;
    const c0 = firstCorner[patch]!;
    const c1 = firstCorner[patch + 1]!;
    for (let c = c0, i = 0; c < c1; c++, i++) {
      const px = positions[c * 3]!;
      const py = positions[c * 3 + 1]!;
      const pz = positions[c * 3 + 2]!;
      const x = r0 * px + r1 * py + r2 * pz + tx;
      const y = r3 * px + r4 * py + r5 * pz + ty;
      const z = r6 * px + r7 * py + r8 * pz + tz;
      X[i] = x;
      Y[i] = y;
      Z[i] = z;
      const ax = abs(x);
      const ay = abs(y);
      const az = abs(z);
      if (ax >= ay && ax >= az) {
        F[i] = x >= 0 ? 0 : 1;
        const k = half / ax;
        U[i] = y * k + half;
        W[i] = z * k + half;
      } else if (ay >= az) {
        F[i] = y >= 0 ? 2 : 3;
        const k = half / ay;
        U[i] = x * k + half;
        W[i] = z * k + half;
      } else {
        F[i] = z >= 0 ? 4 : 5;
        const k = half / az;
        U[i] = x * k + half;
        W[i] = y * k + half;
      }
    }
    const t1 = firstTriangle[patch + 1]!;
    for (let t = firstTriangle[patch]!; t < t1; t++) {
      const p = t * 4;
      if (!within && planes[p]! * ox + planes[p + 1]! * oy + planes[p + 2]! * oz <= planes[p + 3]!) continue;
      const i = indices[t * 3]!;
      const j = indices[t * 3 + 1]!;
      const k = indices[t * 3 + 2]!;
      const face = F[i]!;
      if (face !== F[j] || face !== F[k]) {
        acrossFaces(seen, i, j, k, t, bins, hits, index);
        continue;
      }
      if (onFace[face] === 0) continue;
      const a = U[i]!;
      const b = U[j]!;
      const c = U[k]!;
      let low = a < b ? a : b;
      let high = a < b ? b : a;
      if (c < low) low = c;
      if (c > high) high = c;
      const u0 = centred ? ceil(low - 0.5 - EDGE) : floor(low - EDGE);
      const u1 = centred ? floor(high - 0.5 + EDGE) : floor(high + EDGE);
      const window = windows[face]!;
      if (u0 > u1 || u0 > window.highU || u1 < window.lowU) continue;
      const d = W[i]!;
      const e = W[j]!;
      const f = W[k]!;
      low = d < e ? d : e;
      high = d < e ? e : d;
      if (f < low) low = f;
      if (f > high) high = f;
      const w0 = centred ? ceil(low - 0.5 - EDGE) : floor(low - EDGE);
      const w1 = centred ? floor(high - 0.5 + EDGE) : floor(high + EDGE);
      if (w0 > w1 || w0 > window.highW || w1 < window.lowW) continue;
      fill(seen, i, j, k, t, window, u0, u1, w0, w1, bins, hits, index);
    }
  }
}

/** Rounding on a face, in bins. */
const EDGE = 1e-9;

/** Holds one triangle against the rays of a rectangle of bins on one face. */
function fill(
  { x: X, y: Y, z: Z }: Corners,
  i: number,
  j: number,
  k: number,
  triangle: number,
  { lowU, highU, lowW, highW, base, width }: BinWindow,
  u0: number,
  u1: number,
  w0: number,
  w1: number,
  { start, rays, directions }: RayBins,
  { part, distanceM, triangle: triangleOf }: Hits,
  index: number,
): void {
  if (u0 < lowU) u0 = lowU;
  if (w0 < lowW) w0 = lowW;
  if (u1 > highU) u1 = highU;
  if (w1 > highW) w1 = highW;
  let ready = false;
  let ax = 0;
  let ay = 0;
  let az = 0;
  let bx = 0;
  let by = 0;
  let bz = 0;
  let cx = 0;
  let cy = 0;
  let cz = 0;
  let volume = 0;
  for (let w = w0; w <= w1; w++) {
    const row = base + (w - lowW) * width - lowU;
    const from = start[row + u0]!;
    const to = start[row + u1 + 1]!;
    if (from === to) continue;
    if (!ready) {
      ready = true;
      const xi = X[i]!;
      const yi = Y[i]!;
      const zi = Z[i]!;
      const xj = X[j]!;
      const yj = Y[j]!;
      const zj = Z[j]!;
      const xk = X[k]!;
      const yk = Y[k]!;
      const zk = Z[k]!;
      ax = yj * zk - zj * yk;
      ay = zj * xk - xj * zk;
      az = xj * yk - yj * xk;
      volume = xi * ax + yi * ay + zi * az;
      if (volume === 0) return;
      bx = yk * zi - zk * yi;
      by = zk * xi - xk * zi;
      bz = xk * yi - yk * xi;
      cx = yi * zj - zi * yj;
      cy = zi * xj - xi * zj;
      cz = xi * yj - yi * xj;
      if (volume < 0) {
        volume = -volume;
        ax = -ax;
        ay = -ay;
        az = -az;
        bx = -bx;
        by = -by;
        bz = -bz;
        cx = -cx;
        cy = -cy;
        cz = -cz;
      }
    }
    for (let s = from; s < to; s++) {
      const ray = rays[s]!;
      const x = directions[ray * 3]!;
      const y = directions[ray * 3 + 1]!;
      const z = directions[ray * 3 + 2]!;
      const ea = x * ax + y * ay + z * az;
      const eb = x * bx + y * by + z * bz;
      const ec = x * cx + y * cy + z * cz;
      const sum = ea + eb + ec;
      if (sum <= 0) continue;
      const slack = SLACK * sum;
      if (ea < slack || eb < slack || ec < slack) continue;
      const distance = volume / sum;
      if (distance >= distanceM[ray]! || distance <= 1e-9) continue;
      distanceM[ray] = distance;
      part[ray] = index;
      triangleOf[ray] = triangle;
    }
  }
}

/** Corners of a triangle clipped to one face's pyramid: at most seven, three numbers each. */
const clippedA = new Float64Array(27);
const clippedB = new Float64Array(27);

/** A triangle whose corners lie on different faces: clipped to the pyramid of each for its rectangle of bins there. */
function acrossFaces(
  seen: Corners,
  i: number,
  j: number,
  k: number,
  triangle: number,
  bins: RayBins,
  hits: Hits,
  index: number,
): void {
  const { x: X, y: Y, z: Z } = seen;
  const { size, onFace, windows, centred } = bins;
  const half = size / 2;
  for (let face = 0; face < 6; face++) {
    if (onFace[face] === 0) continue;
    const sign = face % 2 === 0 ? 1 : -1;
    // The face's own axis first, then the two others.
    const M = face < 2 ? X : face < 4 ? Y : Z;
    const A = face < 2 ? Y : X;
    const B = face < 4 ? Z : Y;
    const mi = sign * M[i]!;
    const mj = sign * M[j]!;
    const mk = sign * M[k]!;
    const ai = A[i]!;
    const aj = A[j]!;
    const ak = A[k]!;
    if ((ai > mi && aj > mj && ak > mk) || (-ai > mi && -aj > mj && -ak > mk)) continue;
    const bi = B[i]!;
    const bj = B[j]!;
    const bk = B[k]!;
    if ((bi > mi && bj > mj && bk > mk) || (-bi > mi && -bj > mj && -bk > mk)) continue;
    clippedA[0] = mi;
    clippedA[1] = ai;
    clippedA[2] = bi;
    clippedA[3] = mj;
    clippedA[4] = aj;
    clippedA[5] = bj;
    clippedA[6] = mk;
    clippedA[7] = ak;
    clippedA[8] = bk;
    let [now, next] = [clippedA, clippedB];
    let count = 3;
    for (let plane = 0; plane < 4 && count > 0; plane++) {
      const q = plane < 2 ? 1 : 2;
      const s = plane % 2 === 0 ? 1 : -1;
      let kept = 0;
      for (let n = 0; n < count; n++) {
        const a = n * 3;
        const b = ((n + 1) % count) * 3;
        const da = now[a]! - s * now[a + q]!;
        const db = now[b]! - s * now[b + q]!;
        if (da >= 0) {
          next[kept * 3] = now[a]!;
          next[kept * 3 + 1] = now[a + 1]!;
          next[kept * 3 + 2] = now[a + 2]!;
          kept++;
        }
        if (da >= 0 !== db >= 0) {
          const share = da / (da - db);
          next[kept * 3] = now[a]! + share * (now[b]! - now[a]!);
          next[kept * 3 + 1] = now[a + 1]! + share * (now[b + 1]! - now[a + 1]!);
          next[kept * 3 + 2] = now[a + 2]! + share * (now[b + 2]! - now[a + 2]!);
          kept++;
        }
      }
      [now, next] = [next, now];
      count = kept;
    }
    if (count === 0) continue;
    let [lowU, highU, lowW, highW] = [size, 0, size, 0];
    for (let n = 0; n < count; n++) {
      const m = now[n * 3]!;
      // At the lens itself it may lie anywhere on the face.
      const u = m > 1e-12 ? (now[n * 3 + 1]! / m) * half + half : NaN;
      const w = m > 1e-12 ? (now[n * 3 + 2]! / m) * half + half : NaN;
      if (Number.isNaN(u)) {
        [lowU, highU, lowW, highW] = [0, size, 0, size];
        break;
      }
      lowU = min(lowU, u);
      highU = max(highU, u);
      lowW = min(lowW, w);
      highW = max(highW, w);
    }
    const u0 = centred ? ceil(lowU - 0.5 - EDGE) : floor(lowU - EDGE);
    const u1 = centred ? floor(highU - 0.5 + EDGE) : floor(highU + EDGE);
    const w0 = centred ? ceil(lowW - 0.5 - EDGE) : floor(lowW - EDGE);
    const w1 = centred ? floor(highW - 0.5 + EDGE) : floor(highW + EDGE);
    const window = windows[face]!;
    if (u0 > u1 || w0 > w1 || u0 > window.highU || u1 < window.lowU || w0 > window.highW || w1 < window.lowW) continue;
    fill(seen, i, j, k, triangle, window, u0, u1, w0, w1, bins, hits, index);
  }
}
