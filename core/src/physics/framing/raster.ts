import { CubePoint, FACE_AXES, faceSign } from '../../mathematics/geometry/cubeFace';
import type { Pose } from '../../mathematics/geometry/pose';
import type { PosedPart } from '../../words/carrier/posedPart';
import { cutToFace, MOST_CORNERS } from './cutToFace';
import type { RayBins } from './rayBins';
import type { Patches } from './patches';
import { coneOfRays, leastSinOf, outOfSight, partsInSight, type Hits } from './rayHits';
import { rasteriseBySimd } from './kernel/simdRaster';

// Hot enough that looking up Math each time counts.
const { ceil, floor, max, min, sqrt } = Math;

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

/** Rounding on a face, in bins. */
const EDGE = 1e-9;
/** Of the bins along an edge that an image covers the first: where each bin has its ray in the middle those whose middle it covers, else all that it touches. */
const firstBin = (low: number, centred: boolean): number => (centred ? ceil(low - 0.5 - EDGE) : floor(low - EDGE));
const lastBin = (high: number, centred: boolean): number => (centred ? floor(high - 0.5 + EDGE) : floor(high + EDGE));

/**
 * First hit of every ray that starts at one point, by rasterising: each triangle is held against the rays in the bins that its
 * image on the cube round the lens covers. A ray is inside where its products with the three planes through the lens and an edge have
 * one sign; their sum and the triangle's volume give the distance (the numerators of Möller & Trumbore 1997, divided once).
 * @param bins rays in the frame of the lens @param worldFromLens where they start and how they are turned
 */
export function rasterise(parts: readonly PosedPart[], worldFromLens: Pose, bins: RayBins, hits: Hits): void {
  if (!rasteriseBySimd(parts, worldFromLens, bins, hits)) rasterisePlainly(parts, worldFromLens, bins, hits);
}

/** The same in TypeScript: where there is no SIMD, and what the kernel is held against. */
export function rasterisePlainly(parts: readonly PosedPart[], worldFromLens: Pose, bins: RayBins, hits: Hits): void {
  new Raster(bins, hits).parts(parts, worldFromLens);
}

/** One lens's rays, and the part, triangle and rectangle of bins that are being held against them. */
class Raster {
  private readonly leastSin: number;
  private readonly point = new CubePoint();
  /** Of the part that is held against the rays. */
  private index = 0;
  /** Of the triangle: its corners in the room. */
  private i = 0;
  private j = 0;
  private k = 0;
  /** Bins that its image may cover on a face, the last included. */
  private u0 = 0;
  private u1 = 0;
  private w0 = 0;
  private w1 = 0;

  constructor(
    private readonly bins: RayBins,
    private readonly hits: Hits,
  ) {
    this.leastSin = leastSinOf(bins);
  }

  parts(parts: readonly PosedPart[], worldFromLens: Pose): void {
    partsInSight(parts, worldFromLens, coneOfRays(this.bins), (index, patches, lensFromPart) => {
      this.index = index;
      this.patches(patches, lensFromPart);
    });
  }

  private patches(patches: Patches, lensFromPart: Pose): void {
    const { positions, indices, planes, balls, cones, firstCorner, firstTriangle, low, high, most } = patches;
    const { size, onFace, windows, centred, leastCos } = this.bins;
    const { leastSin, point } = this;
    const half = size / 2;
    if (room.x.length < most) room = cornersFor(most * 2);
    const { x: X, y: Y, z: Z, u: U, w: W, face: F } = room;
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
        point.put(x, y, z);
        F[i] = point.face;
        U[i] = point.u * half + half;
        W[i] = point.w * half + half;
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
          this.hold(i, j, k);
          this.acrossFaces(t);
          continue;
        }
        if (onFace[face] === 0) continue;
        const { lowU, highU, lowW, highW } = windows[face]!;
        const a = U[i]!;
        const b = U[j]!;
        const c = U[k]!;
        let low = a < b ? a : b;
        let high = a < b ? b : a;
        const u0 = firstBin(c < low ? c : low, centred);
        const u1 = lastBin(c > high ? c : high, centred);
        if (u0 > u1 || u0 > highU || u1 < lowU) continue;
        const d = W[i]!;
        const e = W[j]!;
        const f = W[k]!;
        low = d < e ? d : e;
        high = d < e ? e : d;
        const w0 = firstBin(f < low ? f : low, centred);
        const w1 = lastBin(f > high ? f : high, centred);
        if (w0 > w1 || w0 > highW || w1 < lowW) continue;
        this.hold(i, j, k);
        this.span(u0, u1, w0, w1);
        this.fill(face, t);
      }
    }
  }

  private hold(i: number, j: number, k: number): void {
    this.i = i;
    this.j = j;
    this.k = k;
  }

  private span(u0: number, u1: number, w0: number, w1: number): void {
    this.u0 = u0;
    this.u1 = u1;
    this.w0 = w0;
    this.w1 = w1;
  }

  /** Holds the triangle against the rays of its rectangle of bins on a face. */
  private fill(face: number, triangle: number): void {
    const { start, rays, directions, windows } = this.bins;
    const { lowU, highU, lowW, highW, base, width } = windows[face]!;
    const u0 = this.u0 < lowU ? lowU : this.u0;
    const w0 = this.w0 < lowW ? lowW : this.w0;
    const u1 = this.u1 > highU ? highU : this.u1;
    const w1 = this.w1 > highW ? highW : this.w1;
    const { part, distanceM, triangle: triangleOf } = this.hits;
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
        const { x: X, y: Y, z: Z } = room;
        const { i, j, k } = this;
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
        part[ray] = this.index;
        triangleOf[ray] = triangle;
      }
    }
  }

  /** A triangle whose corners lie on different faces: cut to the pyramid of each for its rectangle of bins there. */
  private acrossFaces(triangle: number): void {
    const { i, j, k } = this;
    const { size, onFace, centred } = this.bins;
    const half = size / 2;
    const seen = [room.x, room.y, room.z];
    for (let face = 0; face < 6; face++) {
      if (onFace[face] === 0) continue;
      const [own, first, second] = FACE_AXES[face >> 1]!;
      const [M, A, B] = [seen[own]!, seen[first]!, seen[second]!];
      const sign = faceSign(face);
      cut[0] = sign * M[i]!;
      cut[1] = A[i]!;
      cut[2] = B[i]!;
      cut[3] = sign * M[j]!;
      cut[4] = A[j]!;
      cut[5] = B[j]!;
      cut[6] = sign * M[k]!;
      cut[7] = A[k]!;
      cut[8] = B[k]!;
      const count = cutToFace(cut);
      if (count === 0) continue;
      let [lowU, highU, lowW, highW] = [size, 0, size, 0];
      for (let n = 0; n < count; n++) {
        const m = cut[n * 3]!;
        // At the lens itself it may lie anywhere on the face.
        if (m <= 1e-12) {
          [lowU, highU, lowW, highW] = [0, size, 0, size];
          break;
        }
        const u = (cut[n * 3 + 1]! / m) * half + half;
        const w = (cut[n * 3 + 2]! / m) * half + half;
        lowU = min(lowU, u);
        highU = max(highU, u);
        lowW = min(lowW, w);
        highW = max(highW, w);
      }
      this.span(firstBin(lowU, centred), lastBin(highU, centred), firstBin(lowW, centred), lastBin(highW, centred));
      this.fill(face, triangle);
    }
  }
}

/** Room for a triangle cut to a face. */
const cut = new Float64Array(MOST_CORNERS * 3);
