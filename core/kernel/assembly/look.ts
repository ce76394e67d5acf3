/**
 * What a picture shows, looked up in the cube of its place: what physics/framing/visibilityCube.ts and measureFrame.ts do in TypeScript, four cells at a
 * time where that helps. Plain memory, nothing is allocated here.
 */

/** What is asked, as numbers of four bytes: see `look`. */
const ASKED = memory.data(32 * 4, 16);
/** Directions of four cells, and their places in the cube. */
const DX = memory.data(16, 16);
const DY = memory.data(16, 16);
const DZ = memory.data(16, 16);
const BIN = memory.data(16, 16);
/** Bytes of one part's tallies: see `look`. */
const TALLY: usize = 40;

/** Where the numbers that are asked with go. */
export function asked(): usize {
  return ASKED;
}

// @ts-ignore: decorator
@inline
function given(index: usize): f32 {
  return load<f32>(ASKED + (index << 2));
}

/** Over sky (at least 0) or not, at the corners of the cells: the lower of how far over the local ground and over the level one. */
function skyness(count: i32, x: usize, y: usize, z: usize, out: usize): void {
  const A = f32x4.splat(given(9));
  const B = f32x4.splat(given(10));
  const C = f32x4.splat(given(11));
  const D = f32x4.splat(given(12));
  const E = f32x4.splat(given(13));
  const F = f32x4.splat(given(14));
  const none = f32x4.splat(-1);
  for (let i = 0; i < count; i += 4) {
    const q = <usize>i << 2;
    const dx = v128.load(x + q);
    const dy = v128.load(y + q);
    const dz = v128.load(z + q);
    const ground = f32x4.add(f32x4.add(f32x4.mul(dx, A), f32x4.mul(dy, B)), f32x4.mul(dz, C));
    const level = f32x4.add(f32x4.add(f32x4.mul(dx, D), f32x4.mul(dy, E)), f32x4.mul(dz, F));
    v128.store(out + q, v128.bitselect(f32x4.pmin(ground, level), none, f32x4.eq(dx, dx)));
  }
}

/** Share of sky where the sky line runs straight between the corners of a cell. */
// @ts-ignore: decorator
@inline
function straightShare(a: f32, b: f32, c: f32, d: f32): f32 {
  const upright = abs<f32>(a + b - c - d) >= abs<f32>(a + c - b - d);
  const first: f32 = upright ? a + b : a + c;
  const second: f32 = upright ? c + d : b + d;
  if (first >= 0 == second >= 0) return first >= 0 ? 1 : 0;
  const crossing = first / (first - second);
  return first >= 0 ? crossing : 1 - crossing;
}

/** Whether a direction from the lens meets the way ahead. */
function isWay(x: f32, y: f32, z: f32): bool {
  const down = x * given(15) + y * given(16) + z * given(17);
  const far: f32 = down < -1e-9 ? -given(24) / down : -1;
  const hit = far > 0;
  const px: f32 = hit ? given(21) + x * far : x;
  const py: f32 = hit ? given(22) + y * far : y;
  const pz: f32 = hit ? given(23) + z * far : z;
  const along = px * given(18) + py * given(19) + pz * given(20);
  return along > (hit ? given(25) : 0) && abs<f32>(pz * given(18) - px * given(20)) <= along * given(26);
}

/**
 * Looks a picture up and measures it. Asked with, in ASKED: rotation of the camera row by row (9), normals of the local and the level ground in the
 * camera's frame (6), normal of the ground and direction ahead (6), the lens from the ground's point (3) and its height over it, how far ahead the way
 * begins, and how steeply it widens.
 * @param size of the cube @param parts, distances the cube @param x, y, z directions of the cells, NaN without an image @param cx, cy, cz of their corners
 * @param corners room for as many numbers @param out header of 32 bytes: cells with an image, those of the middle half, then sky, way and ground and the
 * same of the middle; behind it for each part: cells, those of the middle, sums of columns and rows (counted from the cells' middles), first and last
 * column, first and last row, whether it is cut, nearest distance @param known how many parts there are
 */
export function look(
  size: i32,
  parts: usize,
  distances: usize,
  columns: i32,
  rows: i32,
  x: usize,
  y: usize,
  z: usize,
  cx: usize,
  cy: usize,
  cz: usize,
  corners: usize,
  out: usize,
  known: i32,
): void {
  memory.fill(out, 0, 32 + <usize>known * TALLY);
  const below = columns + 1;
  skyness(below * (rows + 1), cx, cy, cz, corners);
  const R0 = f32x4.splat(given(0));
  const R1 = f32x4.splat(given(1));
  const R2 = f32x4.splat(given(2));
  const R3 = f32x4.splat(given(3));
  const R4 = f32x4.splat(given(4));
  const R5 = f32x4.splat(given(5));
  const R6 = f32x4.splat(given(6));
  const R7 = f32x4.splat(given(7));
  const R8 = f32x4.splat(given(8));
  const HALF = f32x4.splat(<f32>size / 2);
  const LAST = i32x4.splat(size - 1);
  const SIZE = i32x4.splat(size);
  const NONE = f32x4.splat(0);
  const ONE = i32x4.splat(1);
  const TWO = i32x4.splat(2);
  const FOUR = i32x4.splat(4);
  // The middle half: cells whose middles lie in it.
  const left = <f32>columns / 4;
  const right = <f32>columns * 0.75;
  const top = <f32>rows / 4;
  const bottom = <f32>rows * 0.75;
  const count = columns * rows;
  let column = 0;
  let row = 0;
  let image = 0;
  let innerImage = 0;
  let sky: f32 = 0;
  let way: f32 = 0;
  let ground: f32 = 0;
  let innerSky: f32 = 0;
  let innerWay: f32 = 0;
  let innerGround: f32 = 0;
  for (let i = 0; i < count; i += 4) {
    const q = <usize>i << 2;
    const gx = v128.load(x + q);
    const gy = v128.load(y + q);
    const gz = v128.load(z + q);
    const dx = f32x4.add(f32x4.add(f32x4.mul(R0, gx), f32x4.mul(R1, gy)), f32x4.mul(R2, gz));
    const dy = f32x4.add(f32x4.add(f32x4.mul(R3, gx), f32x4.mul(R4, gy)), f32x4.mul(R5, gz));
    const dz = f32x4.add(f32x4.add(f32x4.mul(R6, gx), f32x4.mul(R7, gy)), f32x4.mul(R8, gz));
    v128.store(DX, dx);
    v128.store(DY, dy);
    v128.store(DZ, dz);
    const ax = f32x4.abs(dx);
    const ay = f32x4.abs(dy);
    const az = f32x4.abs(dz);
    const onX = v128.and(f32x4.ge(ax, ay), f32x4.ge(ax, az));
    const onY = v128.andnot(f32x4.ge(ay, az), onX);
    const largest = v128.bitselect(ax, v128.bitselect(ay, az, onY), onX);
    const own = v128.bitselect(dx, v128.bitselect(dy, dz, onY), onX);
    const face = i32x4.add(
      v128.bitselect(i32x4.splat(0), v128.bitselect(TWO, FOUR, onY), onX),
      v128.and(f32x4.lt(own, NONE), ONE),
    );
    const scale = f32x4.div(HALF, largest);
    const u = v128.bitselect(dy, dx, onX);
    const w = v128.bitselect(dz, v128.bitselect(dz, dy, onY), onX);
    const atU = i32x4.min_s(LAST, i32x4.trunc_sat_f32x4_s(f32x4.add(f32x4.mul(u, scale), HALF)));
    const atW = i32x4.min_s(LAST, i32x4.trunc_sat_f32x4_s(f32x4.add(f32x4.mul(w, scale), HALF)));
    v128.store(BIN, i32x4.add(i32x4.mul(i32x4.add(i32x4.mul(face, SIZE), atW), SIZE), atU));
    const lanes = min<i32>(4, count - i);
    const pictured = i32x4.bitmask(f32x4.eq(gx, gx));
    for (let lane = 0; lane < lanes; lane++) {
      const atColumn = column;
      const atRow = row;
      if (++column == columns) {
        column = 0;
        row++;
      }
      if ((pictured & (1 << lane)) == 0) continue;
      image++;
      const middleU = <f32>atColumn + 0.5;
      const middleV = <f32>atRow + 0.5;
      const inner = middleU > left && middleU < right && middleV > top && middleV < bottom;
      if (inner) innerImage++;
      const four = <usize>lane << 2;
      const bin = <usize>load<i32>(BIN + four);
      const part = <i32>load<i16>(parts + (bin << 1));
      if (part < 0) {
        const corner = corners + (<usize>(atRow * below + atColumn) << 2);
        const under = corner + (<usize>below << 2);
        const a = load<f32>(corner);
        const b = load<f32>(corner, 4);
        const c = load<f32>(under);
        const d = load<f32>(under, 4);
        let share: f32;
        if (a >= 0 && b >= 0 && c >= 0 && d >= 0) share = 1;
        else if (a < 0 && b < 0 && c < 0 && d < 0) share = 0;
        else share = straightShare(a, b, c, d);
        sky += share;
        if (inner) innerSky += share;
        if (share < 1) {
          if (isWay(load<f32>(DX + four), load<f32>(DY + four), load<f32>(DZ + four))) {
            way += 1 - share;
            if (inner) innerWay += 1 - share;
          } else {
            ground += 1 - share;
            if (inner) innerGround += 1 - share;
          }
        }
        continue;
      }
      const to = out + 32 + <usize>part * TALLY;
      const cells = load<i32>(to);
      const distance = load<f32>(distances + (bin << 2));
      store<i32>(to, cells + 1);
      if (inner) store<i32>(to, load<i32>(to, 4) + 1, 4);
      store<i32>(to, load<i32>(to, 8) + atColumn, 8);
      store<i32>(to, load<i32>(to, 12) + atRow, 12);
      if (atColumn == 0 || atRow == 0 || atColumn == columns - 1 || atRow == rows - 1) store<i32>(to, 1, 32);
      if (cells == 0) {
        store<i32>(to, atColumn, 16);
        store<i32>(to, atColumn, 20);
        // Rows come in order: the first one is the uppermost.
        store<i32>(to, atRow, 24);
        store<f32>(to, distance, 36);
      } else {
        if (atColumn < load<i32>(to, 16)) store<i32>(to, atColumn, 16);
        if (atColumn > load<i32>(to, 20)) store<i32>(to, atColumn, 20);
        if (distance < load<f32>(to, 36)) store<f32>(to, distance, 36);
      }
      store<i32>(to, atRow, 28);
    }
  }
  store<i32>(out, image);
  store<i32>(out, innerImage, 4);
  store<f32>(out, sky, 8);
  store<f32>(out, way, 12);
  store<f32>(out, ground, 16);
  store<f32>(out, innerSky, 20);
  store<f32>(out, innerWay, 24);
  store<f32>(out, innerGround, 28);
}
