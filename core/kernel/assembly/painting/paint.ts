/**
 * Colours the pixels of some rows by day: what showing/picture/painting/paintPlainly.ts does in TypeScript, with the same colours
 * (showing/picture/colours is compiled into both).
 */
import { blue, green, red, start } from '../../../src/showing/picture/colours/mixed';
import { mixGround, mixSky, SQUARE } from './ground';
import { PART } from './parts';
import { asked, corners, dx, dy, dz, given, look, parts, rowsAre, scene, width } from './pixel';
import { noneYet } from './shade';
import { mixPart } from './surface';

const NO_PART: i32 = -1;
const NO_IMAGE: i32 = -2;
const NO_GROUND: u8 = 2;

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
  rowsAre(known, rays, hitParts, lit, squares, partsAt);
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
