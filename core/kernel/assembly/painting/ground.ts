/** Ground and country, and the sky over them. */
import { landSeen } from '../../../src/showing/picture/colours/lands';
import { blue, darken, green, red, start } from '../../../src/showing/picture/colours/mixed';
import { beforeSky, dome } from '../../../src/showing/picture/colours/sky';
import { lightAt, shaded } from './light';
import { at } from './parts';
import { corners, directions, dx, dy, dz, further, given, width } from './pixel';

/** Edge of the squares at whose corners the sky is worked out, pixels. */
export const SQUARE: i32 = 4;
const IN_SHADOW: u8 = 1;

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
export function mixSky(x: i32, y: i32): void {
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

/** Ground and country. @param shadow where it is told whether one's own shadow lies there */
export function mixGround(index: i32, x: i32, y: i32, shadow: usize): void {
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
