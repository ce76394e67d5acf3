import { dot, type Vec3 } from '../../../mathematics/geometry/vec3';
import { beforeSky, dome } from '../colours/sky';
import type { Rgb } from '../worlds/world';
import { mixedColour } from './painting';

/** Edge of the squares at whose corners the sky is worked out, pixels. */
export const SKY_SQUARE_PX = 4;

/**
 * The sky of a whole picture: the dome at the corners of small squares and between them in a straight line, hills and disc at each pixel.
 * @param directions unit vectors of the pixels, three numbers each, row by row; NaN where there is no picture
 * @param hills height of the hills on the skyline, 1 = as in the forest, 0 = open @param toSun unit vector; null = behind clouds
 * @returns the colour of a pixel by its number
 */
export function skyOver(
  directions: Float32Array | Float64Array,
  widthPx: number,
  hills: number,
  toSun: Vec3 | null,
): (index: number) => Rgb {
  const square = SKY_SQUARE_PX;
  const heightPx = directions.length / 3 / widthPx;
  const columns = Math.ceil(widthPx / square);
  const corners = new Float32Array(columns * Math.ceil(heightPx / square) * 3).fill(NaN);
  const [sunX, sunY, sunZ] = toSun ?? [0, 0, 0];
  const at = (index: number): Vec3 => [directions[index * 3]!, directions[index * 3 + 1]!, directions[index * 3 + 2]!];
  const domeAt = ([x, y, z]: Vec3): Rgb => {
    dome(x, y, z, toSun !== null, sunX, sunY, sunZ);
    return mixedColour();
  };
  /** Where a corner's colour lies. */
  const corner = (column: number, row: number): number => {
    const k = (row * columns + column) * 3;
    if (corners[k] !== corners[k]) {
      const direction = at(row * square * widthPx + column * square);
      // Of a corner without a picture nothing is known: below it no colour is.
      const known = dot(direction, direction) > 0.5;
      corners.set(known ? domeAt(direction) : [-1, -1, -1], k);
    }
    return k;
  };
  return (index) => {
    const direction = at(index);
    if (beforeSky(direction[0], direction[1], direction[2], hills, toSun !== null, sunX, sunY, sunZ))
      return mixedColour();
    const x = index % widthPx;
    const y = (index - x) / widthPx;
    const [column, row] = [(x / square) | 0, (y / square) | 0];
    if ((column + 1) * square >= widthPx || (row + 1) * square >= heightPx) return domeAt(direction);
    const [a, b, c, d] = [
      corner(column, row),
      corner(column + 1, row),
      corner(column, row + 1),
      corner(column + 1, row + 1),
    ];
    if (corners[a]! < 0 || corners[b]! < 0 || corners[c]! < 0 || corners[d]! < 0) return domeAt(direction);
    const [u, v] = [(x % square) / square, (y % square) / square];
    const [wa, wb, wc, wd] = [(1 - u) * (1 - v), u * (1 - v), (1 - u) * v, u * v];
    const mixed = (i: number): number =>
      corners[a + i]! * wa + corners[b + i]! * wb + corners[c + i]! * wc + corners[d + i]! * wd;
    return [mixed(0), mixed(1), mixed(2)];
  };
}
