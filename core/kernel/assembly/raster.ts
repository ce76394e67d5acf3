/**
 * First hits of rays from one point, four at a time: what physics/framing/raster.ts does in TypeScript, in AssemblyScript with SIMD. Plain memory, nothing
 * is allocated here; where things lie is told by physics/framing/kernel.
 */

import { corner, CUT, cutToFace } from './cut';

/** Corners of one patch seen from the lens: place, face of the cube, and where on that face, in bins: (u, w, −u, −w), so that the greatest of several bounds them. */
const MOST = 256;
const X = memory.data(MOST * 4, 16);
const Y = memory.data(MOST * 4, 16);
const Z = memory.data(MOST * 4, 16);
const F = memory.data(MOST * 4, 16);
const BOUND = memory.data(MOST * 16, 16);

/** Rounding on a face, in bins. */
const EDGE: f32 = 1e-4;
/** How far outside an edge a ray still counts, as a share of the whole. */
const SLACK: f32 = -2e-6;
const INSIDE_M: f32 = 0.001;

// The rays, see `rays`.
let size: i32 = 0;
let half: f32 = 0;
/** From bounds to last bins, and to first ones with their sign turned, by rounding down. */
let margin: v128 = f32x4.splat(0);
let axisX: f32 = 1;
let axisY: f32 = 0;
let axisZ: f32 = 0;
let leastCos: f32 = 0;
let leastSin: f32 = 0;
let faces: usize = 0;
let start: usize = 0;
let dirX: usize = 0;
let dirY: usize = 0;
let dirZ: usize = 0;
let hitPart: usize = 0;
let hitTriangle: usize = 0;
let hitDistance: usize = 0;
let part: i32 = 0;

/** Rays that the next parts are held against. @param cos of their widest angle from an axis (ax, ay, az) @param windows per face: highU, highW, −lowU, −lowW, base, width and two to spare */
export function rays(
  binsAlong: i32,
  inTheMiddle: i32,
  cos: f32,
  ax: f32,
  ay: f32,
  az: f32,
  windows: usize,
  starts: usize,
  x: usize,
  y: usize,
  z: usize,
  parts: usize,
  triangles: usize,
  distances: usize,
): void {
  size = binsAlong;
  half = <f32>binsAlong / 2;
  // A ray in the middle of its bin is reached half a bin later; one that may lie anywhere in it, as soon as the bin is.
  margin = inTheMiddle != 0 ? f32x4(EDGE - 0.5, EDGE - 0.5, EDGE + 0.5, EDGE + 0.5) : f32x4(EDGE, EDGE, EDGE + 1, EDGE + 1);
  leastCos = cos;
  axisX = ax;
  axisY = ay;
  axisZ = az;
  leastSin = sqrt<f32>(max<f32>(0, 1 - cos * cos));
  faces = windows;
  start = starts;
  dirX = x;
  dirY = y;
  dirZ = z;
  hitPart = parts;
  hitTriangle = triangles;
  hitDistance = distances;
}

/** Empties so many hits. */
export function clear(count: i32): void {
  const nothing = i32x4.splat(-1);
  const far = f32x4.splat(Infinity);
  for (let i = 0; i < count; i += 4) {
    const at = <usize>i << 2;
    v128.store(hitPart + at, nothing);
    v128.store(hitTriangle + at, nothing);
    v128.store(hitDistance + at, far);
  }
}

/** Puts the hits of so many rays, a multiple of eight, where they stay: parts in two bytes each, and distances. */
export function keep(count: i32, parts: usize, distances: usize): void {
  for (let i = 0; i < count; i += 8) {
    const from = <usize>i << 2;
    const low = v128.load(hitPart + from);
    const high = v128.load(hitPart + from, 16);
    v128.store(parts + (<usize>i << 1), i16x8.narrow_i32x4_s(low, high));
    v128.store(distances + from, v128.load(hitDistance + from));
    v128.store(distances + from, v128.load(hitDistance + from, 16), 16);
  }
}

// @ts-ignore: decorator
@inline
function outOfSight(x: f32, square: f32, radius: f32): bool {
  if (leastCos <= -1 || square <= radius * radius) return false;
  return sqrt<f32>(max<f32>(0, square - x * x)) * leastCos - x * leastSin > radius;
}

// @ts-ignore: decorator
@inline
function at(list: usize, index: i32): f32 {
  return load<f32>(list + (<usize>index << 2));
}

/**
 * Holds all triangles of a mesh against the rays. @param mesh its patches: count, then where x, y, z, first corners, corners, three corners of each
 * triangle, planes (x, y, z, product), balls, cones and box lie @param r, t lensFromPart
 */
export function hold(
  mesh: usize,
  index: i32,
  r0: f32,
  r1: f32,
  r2: f32,
  r3: f32,
  r4: f32,
  r5: f32,
  r6: f32,
  r7: f32,
  r8: f32,
  tx: f32,
  ty: f32,
  tz: f32,
): void {
  part = index;
  const patches = load<i32>(mesh);
  const triangles = load<i32>(mesh + 4);
  const px = load<usize>(mesh + 8);
  const py = load<usize>(mesh + 12);
  const pz = load<usize>(mesh + 16);
  const firstCorner = load<usize>(mesh + 20);
  const corners = load<usize>(mesh + 24);
  const first = load<usize>(mesh + 28);
  const second = load<usize>(mesh + 32);
  const third = load<usize>(mesh + 36);
  const nx = load<usize>(mesh + 40);
  const ny = load<usize>(mesh + 44);
  const nz = load<usize>(mesh + 48);
  const nd = load<usize>(mesh + 52);
  const balls = load<usize>(mesh + 56);
  const cones = load<usize>(mesh + 60);
  const box = load<usize>(mesh + 64);
  // The lens in the part's frame.
  const ox = -(r0 * tx + r3 * ty + r6 * tz);
  const oy = -(r1 * tx + r4 * ty + r7 * tz);
  const oz = -(r2 * tx + r5 * ty + r8 * tz);
  // The rays' axis in the part's frame.
  const alongX = axisX * r0 + axisY * r3 + axisZ * r6;
  const alongY = axisX * r1 + axisY * r4 + axisZ * r7;
  const alongZ = axisX * r2 + axisY * r5 + axisZ * r8;
  const within =
    ox > at(box, 0) - INSIDE_M &&
    oy > at(box, 1) - INSIDE_M &&
    oz > at(box, 2) - INSIDE_M &&
    ox < at(box, 3) + INSIDE_M &&
    oy < at(box, 4) + INSIDE_M &&
    oz < at(box, 5) + INSIDE_M;
  const R0 = f32x4.splat(r0);
  const R1 = f32x4.splat(r1);
  const R2 = f32x4.splat(r2);
  const R3 = f32x4.splat(r3);
  const R4 = f32x4.splat(r4);
  const R5 = f32x4.splat(r5);
  const R6 = f32x4.splat(r6);
  const R7 = f32x4.splat(r7);
  const R8 = f32x4.splat(r8);
  const TX = f32x4.splat(tx);
  const TY = f32x4.splat(ty);
  const TZ = f32x4.splat(tz);
  const OX = f32x4.splat(ox);
  const OY = f32x4.splat(oy);
  const OZ = f32x4.splat(oz);
  const HALF = f32x4.splat(half);
  const NONE = f32x4.splat(0);
  const ONE = i32x4.splat(1);
  const TWO = i32x4.splat(2);
  const FOUR = i32x4.splat(4);
  for (let patch = 0; patch < patches; patch++) {
    const bx = at(balls, patch * 4) - ox;
    const by = at(balls, patch * 4 + 1) - oy;
    const bz = at(balls, patch * 4 + 2) - oz;
    const radius = at(balls, patch * 4 + 3);
    const square = bx * bx + by * by + bz * bz;
    if (!within) {
      // Turned away as a whole: every normal of the patch points away from every place that looks at it from the lens.
      const along = bx * at(cones, patch * 4) + by * at(cones, patch * 4 + 1) + bz * at(cones, patch * 4 + 2);
      if (along >= at(cones, patch * 4 + 3) * sqrt<f32>(square) + radius) continue;
    }
    if (outOfSight(alongX * bx + alongY * by + alongZ * bz, square, radius)) continue;
    const c0 = load<i32>(firstCorner + (<usize>patch << 2));
    const count = load<i32>(corners + (<usize>patch << 2));
    for (let i = 0; i < count; i += 4) {
      const from = <usize>(c0 + i) << 2;
      const to = <usize>i << 2;
      const x0 = v128.load(px + from);
      const y0 = v128.load(py + from);
      const z0 = v128.load(pz + from);
      const x = f32x4.add(f32x4.add(f32x4.mul(R0, x0), f32x4.mul(R1, y0)), f32x4.add(f32x4.mul(R2, z0), TX));
      const y = f32x4.add(f32x4.add(f32x4.mul(R3, x0), f32x4.mul(R4, y0)), f32x4.add(f32x4.mul(R5, z0), TY));
      const z = f32x4.add(f32x4.add(f32x4.mul(R6, x0), f32x4.mul(R7, y0)), f32x4.add(f32x4.mul(R8, z0), TZ));
      v128.store(X + to, x);
      v128.store(Y + to, y);
      v128.store(Z + to, z);
      const ax = f32x4.abs(x);
      const ay = f32x4.abs(y);
      const az = f32x4.abs(z);
      const onX = v128.and(f32x4.ge(ax, ay), f32x4.ge(ax, az));
      const onY = v128.andnot(f32x4.ge(ay, az), onX);
      const largest = v128.bitselect(ax, v128.bitselect(ay, az, onY), onX);
      const own = v128.bitselect(x, v128.bitselect(y, z, onY), onX);
      const face = v128.bitselect(i32x4.splat(0), v128.bitselect(TWO, FOUR, onY), onX);
      v128.store(F + to, i32x4.add(face, v128.and(f32x4.lt(own, NONE), ONE)));
      const u = v128.bitselect(y, x, onX);
      const w = v128.bitselect(z, v128.bitselect(z, y, onY), onX);
      const scale = f32x4.div(HALF, largest);
      const placeU = f32x4.add(f32x4.mul(u, scale), HALF);
      const placeW = f32x4.add(f32x4.mul(w, scale), HALF);
      const low = v128.shuffle<i32>(placeU, placeW, 0, 4, 1, 5);
      const high = v128.shuffle<i32>(placeU, placeW, 2, 6, 3, 7);
      const lowest = f32x4.neg(low);
      const highest = f32x4.neg(high);
      const bound = BOUND + (<usize>i << 4);
      v128.store(bound, v128.shuffle<i64>(low, lowest, 0, 2));
      v128.store(bound, v128.shuffle<i64>(low, lowest, 1, 3), 16);
      v128.store(bound, v128.shuffle<i64>(high, highest, 0, 2), 32);
      v128.store(bound, v128.shuffle<i64>(high, highest, 1, 3), 48);
    }
    const t0 = patch << 6;
    const t1 = min<i32>(triangles, t0 + 64);
    for (let t = t0; t < t1; t += 4) {
      const q = <usize>t << 2;
      let facing = 15;
      if (!within) {
        const off = f32x4.add(
          f32x4.add(f32x4.mul(v128.load(nx + q), OX), f32x4.mul(v128.load(ny + q), OY)),
          f32x4.mul(v128.load(nz + q), OZ),
        );
        facing = i32x4.bitmask(f32x4.gt(off, v128.load(nd + q)));
        if (facing == 0) continue;
      }
      if (t + 4 > t1) facing &= (1 << (t1 - t)) - 1;
      while (facing != 0) {
        const number = t + ctz<i32>(facing);
        facing &= facing - 1;
        const at = <usize>number << 1;
        const i = <i32>load<u16>(first + at);
        const j = <i32>load<u16>(second + at);
        const k = <i32>load<u16>(third + at);
        const face = load<i32>(F + (<usize>i << 2));
        if (face != load<i32>(F + (<usize>j << 2)) || face != load<i32>(F + (<usize>k << 2))) {
          acrossFaces(i, j, k, number);
          continue;
        }
        const bounds = f32x4.pmax(
          v128.load(BOUND + (<usize>i << 4)),
          f32x4.pmax(v128.load(BOUND + (<usize>j << 4)), v128.load(BOUND + (<usize>k << 4))),
        );
        inBounds(face, bounds, i, j, k, number);
      }
    }
  }
}

/** The triangle against the rays of a face within these bounds (u, w, −u, −w); many a small one lies between the rays. */
// @ts-ignore: decorator
@inline
function inBounds(face: i32, bounds: v128, i: i32, j: i32, k: i32, number: i32): void {
  const window = faces + (<usize>face << 5);
  // Last bins, and first ones with their sign turned: within the window, and none where they have crossed.
  const bins = i32x4.min_s(i32x4.trunc_sat_f32x4_s(f32x4.floor(f32x4.add(bounds, margin))), v128.load(window));
  if (i32x4.bitmask(i32x4.add(bins, v128.shuffle<i64>(bins, bins, 1, 0))) != 0) return;
  const lastU = i32x4.extract_lane(bins, 0);
  const lastW = i32x4.extract_lane(bins, 1);
  const firstU = -i32x4.extract_lane(bins, 2);
  let w = -i32x4.extract_lane(bins, 3);
  const width = <usize>load<i32>(window, 20) << 2;
  // Counted from the window's own first bins.
  let row =
    start + (<usize>(load<i32>(window, 16) + load<i32>(window, 8) + firstU) << 2) + <usize>(w + load<i32>(window, 12)) * width;
  const across = <usize>(lastU - firstU + 1) << 2;
  while (load<i32>(row) == load<i32>(row + across)) {
    if (++w > lastW) return;
    row += width;
  }
  fill(row, across, width, lastW - w, i, j, k, number);
}

/**
 * Holds the triangle against the rays of a rectangle of bins. With i its first corner, e1 and e2 its edges from there and n their product, a
 * ray d meets its plane at (i·n)/(d·n), and lies inside where d·(e2 × i), d·(i × e1) and what is left of d·n have one sign: products of edges, so that
 * a small triangle far away is as well told as a near one. @param row where the first row's starts lie @param across from there to its end, bytes
 * @param width from one row to the next, bytes @param further rows after the first
 */
function fill(row: usize, across: usize, width: usize, further: i32, i: i32, j: i32, k: i32, number: i32): void {
  const xi = at(X, i);
  const yi = at(Y, i);
  const zi = at(Z, i);
  const px = at(X, j) - xi;
  const py = at(Y, j) - yi;
  const pz = at(Z, j) - zi;
  const qx = at(X, k) - xi;
  const qy = at(Y, k) - yi;
  const qz = at(Z, k) - zi;
  const nx = py * qz - pz * qy;
  const ny = pz * qx - px * qz;
  const nz = px * qy - py * qx;
  const volume = xi * nx + yi * ny + zi * nz;
  if (volume == 0) return;
  const sign: f32 = volume < 0 ? -1 : 1;
  const NX = f32x4.splat(nx * sign);
  const NY = f32x4.splat(ny * sign);
  const NZ = f32x4.splat(nz * sign);
  const BX = f32x4.splat((qy * zi - qz * yi) * sign);
  const BY = f32x4.splat((qz * xi - qx * zi) * sign);
  const BZ = f32x4.splat((qx * yi - qy * xi) * sign);
  const CX = f32x4.splat((yi * pz - zi * py) * sign);
  const CY = f32x4.splat((zi * px - xi * pz) * sign);
  const CZ = f32x4.splat((xi * py - yi * px) * sign);
  const VOLUME = f32x4.splat(volume * sign);
  const slack = f32x4.splat(SLACK);
  const nought = f32x4.splat(0);
  const nearest = f32x4.splat(1e-9);
  const PART = i32x4.splat(part);
  const NUMBER = i32x4.splat(number);
  for (; further >= 0; further--, row += width) {
    const from = load<i32>(row);
    const to = load<i32>(row + across);
    for (let s = from; s < to; s += 4) {
      const q = <usize>s << 2;
      const x = v128.load(dirX + q);
      const y = v128.load(dirY + q);
      const z = v128.load(dirZ + q);
      const sum = f32x4.add(f32x4.add(f32x4.mul(x, NX), f32x4.mul(y, NY)), f32x4.mul(z, NZ));
      const b = f32x4.add(f32x4.add(f32x4.mul(x, BX), f32x4.mul(y, BY)), f32x4.mul(z, BZ));
      const c = f32x4.add(f32x4.add(f32x4.mul(x, CX), f32x4.mul(y, CY)), f32x4.mul(z, CZ));
      const a = f32x4.sub(f32x4.sub(sum, b), c);
      const outside = f32x4.mul(slack, sum);
      let inside = v128.and(
        v128.and(f32x4.gt(sum, nought), f32x4.ge(a, outside)),
        v128.and(f32x4.ge(b, outside), f32x4.ge(c, outside)),
      );
      if (!v128.any_true(inside)) continue;
      const distance = f32x4.div(VOLUME, sum);
      const before = v128.load(hitDistance + q);
      inside = v128.and(inside, v128.and(f32x4.lt(distance, before), f32x4.gt(distance, nearest)));
      const left = to - s;
      if (left < 4) inside = v128.and(inside, i32x4.lt_s(i32x4(0, 1, 2, 3), i32x4.splat(left)));
      if (!v128.any_true(inside)) continue;
      v128.store(hitDistance + q, v128.bitselect(distance, before, inside));
      v128.store(hitPart + q, v128.bitselect(PART, v128.load(hitPart + q), inside));
      v128.store(hitTriangle + q, v128.bitselect(NUMBER, v128.load(hitTriangle + q), inside));
    }
  }
}

/** A triangle whose corners lie on different faces: cut to the pyramid of each for its rectangle of bins there. */
function acrossFaces(i: i32, j: i32, k: i32, number: i32): void {
  for (let face = 0; face < 6; face++) {
    const window = faces + (<usize>face << 5);
    // Holds no ray.
    if (load<i32>(window) < 0) continue;
    const axis = face >> 1;
    const own = axis == 0 ? X : axis == 1 ? Y : Z;
    const u = axis == 0 ? Y : X;
    const w = axis == 2 ? Y : Z;
    const sign: f32 = (face & 1) == 0 ? 1 : -1;
    const mi = sign * at(own, i);
    const mj = sign * at(own, j);
    const mk = sign * at(own, k);
    // Most faces have the whole triangle on the far side of one of their edges.
    if (mi <= 0 && mj <= 0 && mk <= 0) continue;
    const ui = at(u, i);
    const uj = at(u, j);
    const uk = at(u, k);
    if ((ui > mi && uj > mj && uk > mk) || (-ui > mi && -uj > mj && -uk > mk)) continue;
    const wi = at(w, i);
    const wj = at(w, j);
    const wk = at(w, k);
    if ((wi > mi && wj > mj && wk > mk) || (-wi > mi && -wj > mj && -wk > mk)) continue;
    if (mi > 0 && mj > 0 && mk > 0) {
      // In front of the face as a whole: its corners bound it, no cut is needed.
      const si = half / mi;
      const sj = half / mj;
      const sk = half / mk;
      inBounds(
        face,
        f32x4(
          max<f32>(ui * si, max<f32>(uj * sj, uk * sk)) + half,
          max<f32>(wi * si, max<f32>(wj * sj, wk * sk)) + half,
          -min<f32>(ui * si, min<f32>(uj * sj, uk * sk)) - half,
          -min<f32>(wi * si, min<f32>(wj * sj, wk * sk)) - half,
        ),
        i,
        j,
        k,
        number,
      );
      continue;
    }
    corner(0, mi, ui, wi);
    corner(1, mj, uj, wj);
    corner(2, mk, uk, wk);
    const count = cutToFace();
    if (count == 0) continue;
    let lowU: f32 = <f32>size;
    let highU: f32 = 0;
    let lowW: f32 = <f32>size;
    let highW: f32 = 0;
    for (let n = 0; n < count; n++) {
      const m = at(CUT, n * 3);
      // At the lens itself it may lie anywhere on the face.
      if (m <= 1e-9) {
        lowU = 0;
        highU = <f32>size;
        lowW = 0;
        highW = <f32>size;
        break;
      }
      const placeU = (at(CUT, n * 3 + 1) / m) * half + half;
      const placeW = (at(CUT, n * 3 + 2) / m) * half + half;
      lowU = min<f32>(lowU, placeU);
      highU = max<f32>(highU, placeU);
      lowW = min<f32>(lowW, placeW);
      highW = max<f32>(highW, placeW);
    }
    inBounds(face, f32x4(highU, highW, -lowU, -lowW), i, j, k, number);
  }
}
