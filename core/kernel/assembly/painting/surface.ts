/** A part's surface. */
import { haze } from '../../../src/showing/picture/colours/distance';
import { darken } from '../../../src/showing/picture/colours/mixed';
import { creased, wash } from '../../../src/showing/picture/colours/surface';
import { lightAt } from './light';
import { at, FOLD, MARK, real, whole } from './parts';
import { dx, dy, dz, given } from './pixel';

/** A part's point. @param normals where it is told how it faces */
export function mixPart(index: i32, x: i32, y: i32, part: usize, distance: f64, triangle: i32, normals: usize): void {
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
