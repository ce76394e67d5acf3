/**
 * Colours the pixels of some rows by day: what showing/picture/painting/paintPlainly.ts does in TypeScript, with the same colours
 * (showing/picture/colours is compiled into both).
 */
import { haze } from '../../src/showing/picture/colours/distance';
import { landSeen } from '../../src/showing/picture/colours/lands';
import { blue, darken, green, red, start } from '../../src/showing/picture/colours/mixed';
import { beforeSky, dome } from '../../src/showing/picture/colours/sky';
import { creased, wash } from '../../src/showing/picture/colours/surface';
import { at, FOLD, MARK, PART, real, whole } from './parts';
import { inShade, noneYet } from './shade';

/**
 * What is asked, numbers of eight bytes: 0 from where, 3 normal of the ground, 6 its point, 9 the way ahead (x and z, flat), 11 the land, 12 how far it is
 * drawn, 13 haze, 14 hills, 15 whether the sky's sun is seen, 16 where it stands, 19 toward the light, 22 what is left of it, 23 whether there are shadows,
 * 24 toward the sun that throws them, 27 whether one's own is told, 28 width, 29 how many parts, 30 every how many pixels ask the sun, 31 whether there
 * is land, 32 what is left in the shade, 33 how far shadows are looked for, 34 off the surface, 35 to 37 ink.
 */
const GIVEN = memory.data(40 * 8, 16);

export function painted(): usize {
  return GIVEN;
}

// @ts-ignore: decorator
@inline
function given(index: usize): f64 {
  return load<f64>(GIVEN + (index << 3));
}

/** Edge of the squares at whose corners the sky is worked out, pixels. */
const SQUARE: i32 = 4;
const NO_PART: i32 = -1;
const NO_IMAGE: i32 = -2;
const IN_SHADOW: u8 = 1;
const NO_GROUND: u8 = 2;

// Where the rows' lists lie, see `paint`.
let directions: usize = 0;
let parts: usize = 0;
let asked: usize = 0;
let corners: usize = 0;
let scene: usize = 0;
let width: i32 = 0;
let further: i32 = 0;

/** The pixel that is painted: along which direction it looks. */
let dx: f64 = 0;
let dy: f64 = 0;
let dz: f64 = 0;

function look(index: i32): void {
  const from = directions + <usize>index * 24;
  dx = load<f64>(from);
  dy = load<f64>(from, 8);
  dz = load<f64>(from, 16);
}

function mixDome(x: f64, y: f64, z: f64): void {
  dome(x, y, z, given(15) != 0, given(16), given(17), given(18));
}

/** Where the colour of a square's corner lies, red below 0 where nothing is known of it. */
function corner(column: i32, row: i32, columns: i32): usize {
  const to = corners + <usize>(row * columns + column) * 12;
  if (isNaN(load<f32>(to))) {
    const from = directions + <usize>(row * SQUARE * width + column * SQUARE) * 24;
    const x = load<f64>(from);
    const y = load<f64>(from, 8);
    const z = load<f64>(from, 16);
    if (x * x + y * y + z * z > 0.5) {
      mixDome(x, y, z);
      store<f32>(to, <f32>red);
      store<f32>(to, <f32>green, 4);
      store<f32>(to, <f32>blue, 8);
    } else store<f32>(to, -1);
  }
  return to;
}

/** Mixes the sky at a pixel: the dome between corners of squares in a straight line, hills and disc as they are. */
function mixSky(x: i32, y: i32): void {
  if (beforeSky(dx, dy, dz, given(14), given(15) != 0, given(16), given(17), given(18))) return;
  const column = x / SQUARE;
  const row = y / SQUARE;
  if ((column + 1) * SQUARE < width && (row + 1) * SQUARE < further) {
    const columns = (width + SQUARE - 1) / SQUARE;
    const a = corner(column, row, columns);
    const b = corner(column + 1, row, columns);
    const c = corner(column, row + 1, columns);
    const d = corner(column + 1, row + 1, columns);
    if (load<f32>(a) >= 0 && load<f32>(b) >= 0 && load<f32>(c) >= 0 && load<f32>(d) >= 0) {
      const u = <f64>(x % SQUARE) / <f64>SQUARE;
      const v = <f64>(y % SQUARE) / <f64>SQUARE;
      const wa = (1 - u) * (1 - v);
      const wb = u * (1 - v);
      const wc = (1 - u) * v;
      const wd = u * v;
      start(
        at(a, 0) * wa + at(b, 0) * wb + at(c, 0) * wc + at(d, 0) * wd,
        at(a, 1) * wa + at(b, 1) * wb + at(c, 1) * wc + at(d, 1) * wd,
        at(a, 2) * wa + at(b, 2) * wb + at(c, 2) * wc + at(d, 2) * wd,
      );
      return;
    }
  }
  mixDome(dx, dy, dz);
}

function shaded(px: f64, py: f64, pz: f64, own: bool): bool {
  return inShade(scene, <i32>given(29), px, py, pz, given(24), given(25), given(26), own);
}

/** How much of the light is left at a pixel's point. */
function lightAt(index: i32, x: i32, y: i32, px: f64, py: f64, pz: f64, nx: f64, ny: f64, nz: f64): f64 {
  if (given(23) == 0) return 1;
  const sx = given(24);
  const sy = given(25);
  const sz = given(26);
  const shade = given(32);
  if (nx * sx + ny * sy + nz * sz <= 0) return shade;
  const stride = <i32>given(30);
  const from = index - (y % stride) * width - (x % stride);
  const known = load<f32>(asked + (<usize>from << 2));
  if (known > 0 && load<i16>(parts + (<usize>from << 1)) == load<i16>(parts + (<usize>index << 1)))
    return known == 1 ? 1 : shade;
  const off = given(34);
  const dark = shaded(px + (nx + sx) * off, py + (ny + sy) * off, pz + (nz + sz) * off, false);
  store<f32>(asked + (<usize>index << 2), dark ? 0.5 : 1);
  return dark ? shade : 1;
}

// @ts-ignore: decorator
@inline
function channel(value: f64): u8 {
  return <u8>max<f64>(0, min<f64>(255, nearest<f64>(value)));
}

function put(to: usize): void {
  store<u8>(to, channel(red));
  store<u8>(to, channel(green), 1);
  store<u8>(to, channel(blue), 2);
  store<u8>(to, 255, 3);
}

/** Ground and country. @param shadow where it is told whether one's own shadow lies there */
function mixGround(index: i32, x: i32, y: i32, shadow: usize): void {
  const nx = given(3);
  const ny = given(4);
  const nz = given(5);
  const down = dx * nx + dy * ny + dz * nz;
  const ox = given(0);
  const oy = given(1);
  const oz = given(2);
  const distance = down < -1e-9 ? ((given(6) - ox) * nx + (given(7) - oy) * ny + (given(8) - oz) * nz) / down : -1;
  let along: f64 = 0;
  let across: f64 = 0;
  let lit: f64 = 1;
  if (distance > 0) {
    const px = ox + dx * distance;
    const py = oy + dy * distance;
    const pz = oz + dz * distance;
    const fx = px - given(6);
    const fy = py - given(7);
    const fz = pz - given(8);
    across = fz * given(9) - fx * given(10);
    const ahead = fx * given(9) + fz * given(10);
    along = sqrt<f64>(max<f64>(0, fx * fx + fy * fy + fz * fz - across * across));
    if (ahead < 0) along = -along;
    const near = distance < given(33);
    if (near) lit = lightAt(index, x, y, px, py, pz, nx, ny, nz);
    if (given(27) != 0) {
      const off = given(34);
      const own = near && lit < 1 && shaded(px + given(24) * off, py + given(25) * off, pz + given(26) * off, true);
      store<u8>(shadow, own ? IN_SHADOW : 0);
    }
  }
  landSeen(given(11), dx, dy, dz, distance > 0 ? distance : -1, along, across, given(12), given(13));
  darken(lit * given(22));
}

/** A part's point. @param normals where it is told how it faces */
function mixPart(index: i32, x: i32, y: i32, part: usize, distance: f64, triangle: i32, normals: usize): void {
  const r0 = real(part, 0);
  const r1 = real(part, 1);
  const r2 = real(part, 2);
  const r3 = real(part, 3);
  const r4 = real(part, 4);
  const r5 = real(part, 5);
  const r6 = real(part, 6);
  const r7 = real(part, 7);
  const r8 = real(part, 8);
  const px = given(0) + dx * distance;
  const py = given(1) + dy * distance;
  const pz = given(2) + dz * distance;
  const fx = px - real(part, 9);
  const fy = py - real(part, 10);
  const fz = pz - real(part, 11);
  const lx = r0 * fx + r3 * fy + r6 * fz;
  const ly = r1 * fx + r4 * fy + r7 * fz;
  const lz = r2 * fx + r5 * fy + r8 * fz;
  // The smoothed normal: between those of the triangle's corners, by the areas opposite to them.
  const positions = whole(part, 22);
  const three = whole(part, 23) + <usize>triangle * 12;
  const a = positions + <usize>load<u32>(three) * 12;
  const b = positions + <usize>load<u32>(three, 4) * 12;
  const c = positions + <usize>load<u32>(three, 8) * 12;
  const ax = at(a, 0);
  const ay = at(a, 1);
  const az = at(a, 2);
  const bx = at(b, 0);
  const by = at(b, 1);
  const bz = at(b, 2);
  const cx = at(c, 0);
  const cy = at(c, 1);
  const cz = at(c, 2);
  const mx = (by - ay) * (cz - az) - (bz - az) * (cy - ay);
  const my = (bz - az) * (cx - ax) - (bx - ax) * (cz - az);
  const mz = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
  const area = mx * mx + my * my + mz * mz;
  let wa: f64 = 1;
  let wb: f64 = 0;
  if (area != 0) {
    wa =
      (mx * ((cy - by) * (lz - bz) - (cz - bz) * (ly - by)) +
        my * ((cz - bz) * (lx - bx) - (cx - bx) * (lz - bz)) +
        mz * ((cx - bx) * (ly - by) - (cy - by) * (lx - bx))) /
      area;
    wb =
      (mx * ((ay - cy) * (lz - cz) - (az - cz) * (ly - cy)) +
        my * ((az - cz) * (lx - cx) - (ax - cx) * (lz - cz)) +
        mz * ((ax - cx) * (ly - cy) - (ay - cy) * (lx - cx))) /
      area;
  }
  const wc = area != 0 ? 1 - wa - wb : 0;
  const faces = whole(part, 24) + <usize>triangle * 36;
  let ux = at(faces, 0) * wa + at(faces, 3) * wb + at(faces, 6) * wc;
  let uy = at(faces, 1) * wa + at(faces, 4) * wb + at(faces, 7) * wc;
  let uz = at(faces, 2) * wa + at(faces, 5) * wb + at(faces, 8) * wc;
  const long = sqrt<f64>(ux * ux + uy * uy + uz * uz);
  if (long > 0) {
    ux /= long;
    uy /= long;
    uz /= long;
  }
  let nx = r0 * ux + r1 * uy + r2 * uz;
  let ny = r3 * ux + r4 * uy + r5 * uz;
  let nz = r6 * ux + r7 * uy + r8 * uz;
  const behind = nx * dx + ny * dy + nz * dz > 0;
  if (behind) {
    nx = -nx;
    ny = -ny;
    nz = -nz;
  }
  store<f32>(normals, <f32>nx);
  store<f32>(normals, <f32>ny, 4);
  store<f32>(normals, <f32>nz, 8);
  const lampX = given(19);
  const lampY = given(20);
  const lampZ = given(21);
  if (real(part, 16) != 0) {
    wash(real(part, 12), real(part, 13), real(part, 14), nx, 0.4 + 0.5 * ny, nz, dx, dy, dz, 0, lampX, lampY, lampZ);
    haze(distance * 2, given(13));
    darken(given(22));
    return;
  }
  const lit = lightAt(index, x, y, px, py, pz, nx, ny, nz);
  const tone = toneAt(part, lx, ly, lz, uy, uz);
  const folds = <i32>real(part, 31);
  if (folds > 0 && !behind) {
    let tilt: f64 = 0;
    let fold = whole(part, 32);
    for (let i = 0; i < folds; i++, fold += FOLD) tilt += creased(lx, ly, lz, real(fold, 0), real(fold, 1), real(fold, 2));
    if (tilt != 0) {
      uy += tilt;
      const stretched = sqrt<f64>(ux * ux + uy * uy + uz * uz);
      nx = (r0 * ux + r1 * uy + r2 * uz) / stretched;
      ny = (r3 * ux + r4 * uy + r5 * uz) / stretched;
      nz = (r6 * ux + r7 * uy + r8 * uz) / stretched;
    }
  }
  const gloss = lit < 1 ? 0 : real(part, 15);
  wash(real(tone, 0), real(tone, 1), real(tone, 2), nx, ny, nz, dx, dy, dz, gloss, lampX, lampY, lampZ);
  darken(lit * given(22));
}

/** Where the colour lies that a part has at a point which faces so, in its own frame. */
function toneAt(part: usize, x: f64, y: f64, z: f64, up: f64, right: f64): usize {
  const marks = <i32>real(part, 29);
  let mark = whole(part, 30);
  for (let i = 0; i < marks; i++, mark += MARK) {
    const u = (x - real(mark, 0)) / real(mark, 3);
    const v = (y - real(mark, 1)) / real(mark, 4);
    const w = (z - real(mark, 2)) / real(mark, 5);
    if (u * u + v * v + w * w <= 1) return mark + 6 * 8;
  }
  if (real(part, 33) != 0 && up * (real(part, 34) - y) - right * z > 0) return part + 36 * 8;
  return part + 12 * 8;
}

/**
 * Paints rows, as many as are a multiple of a square's edge but for the last ones of a picture.
 * @param rows how many @param known how many rows of directions there are: one more, where the picture goes on
 * @param rays directions, three numbers of eight bytes a pixel @param hitParts two bytes each @param hitDistances eight @param hitTriangles four
 * @param lit room for four bytes a pixel @param squares room for the colours of the squares' corners @param partsAt see parts.ts
 * @param rgba, normals, sky, shadow what becomes of them: four bytes, three numbers of four, one byte, one byte a pixel
 */
export function paint(
  rows: i32,
  known: i32,
  rays: usize,
  hitParts: usize,
  hitDistances: usize,
  hitTriangles: usize,
  lit: usize,
  squares: usize,
  partsAt: usize,
  rgba: usize,
  normals: usize,
  sky: usize,
  shadow: usize,
): void {
  directions = rays;
  parts = hitParts;
  asked = lit;
  corners = squares;
  scene = partsAt;
  width = <i32>given(28);
  further = known;
  noneYet();
  const count = rows * width;
  const cells = <usize>count;
  memory.fill(asked, 0, cells << 2);
  memory.fill(rgba, 0, cells << 2);
  memory.fill(normals, 0, cells * 12);
  memory.fill(sky, 0, cells);
  memory.fill(shadow, NO_GROUND, cells);
  // Of no corner anything is known: not a number.
  memory.fill(corners, 255, <usize>(((width + SQUARE - 1) / SQUARE) * ((known + SQUARE - 1) / SQUARE)) * 12);
  const land = given(31) != 0;
  let x = 0;
  let y = 0;
  for (let index = 0; index < count; index++) {
    const part = <i32>load<i16>(parts + (<usize>index << 1));
    const to = rgba + (<usize>index << 2);
    if (part == NO_IMAGE) {
      start(given(35), given(36), given(37));
      put(to);
    } else if (part != NO_PART) {
      look(index);
      mixPart(
        index,
        x,
        y,
        scene + <usize>part * PART,
        load<f64>(hitDistances + (<usize>index << 3)),
        load<i32>(hitTriangles + (<usize>index << 2)),
        normals + <usize>index * 12,
      );
      put(to);
    } else if (land) {
      look(index);
      // Above the local slope and the level country beyond it.
      if (dx * given(3) + dy * given(4) + dz * given(5) >= 0 && dy >= 0) {
        store<u8>(sky + <usize>index, 1);
        mixSky(x, y);
      } else mixGround(index, x, y, shadow + <usize>index);
      put(to);
    }
    if (++x == width) {
      x = 0;
      y++;
    }
  }
}
