import { dot, type Vec3 } from '../../../mathematics/geometry/vec3';
import { noise2 } from './noise';
import { blend, SUN, type Rgb } from './world';

// Taken out of Math once: some hosts look the global up at every use.
const { abs, atan2, ceil, hypot, max, min, sin } = Math;

/** Cosine of the half angle that the drawn sun's disc has. */
const DISC = 0.9988;
/** No hill of the skyline is higher, as the sine of its height, at hills of 1. */
const HIGHEST_HILL = 0.078;

/** Sine of the hills' height over the horizon; the way ahead and behind is left open to the sea. */
function hillHeight(azimuth: number): number {
  const open = min(1, max(0, (abs(sin(azimuth)) - 0.34) * 3));
  return open * (0.015 + 0.05 * noise2(azimuth * 4.3, 0, 41) + 0.012 * noise2(azimuth * 17, 0, 42));
}

const nightOf = (toSun: Vec3): number => min(1, max(0, -toSun[1]) / 0.2);

/** What has a sharp edge before the sky: hills, and the sun's disc; null = neither. */
function before(direction: Vec3, hills: number, toSun: Vec3 | null): Rgb | null {
  if (direction[1] < hills * HIGHEST_HILL) {
    const hill = hills * hillHeight(atan2(direction[2], direction[0]));
    if (direction[1] < hill)
      return toSun
        ? blend(blend([176, 188, 184], [196, 206, 200], direction[1] / hill), [24, 30, 40], nightOf(toSun) * 0.85)
        : blend([166, 174, 172], [186, 192, 192], direction[1] / hill);
  }
  return toSun && dot(direction, toSun) > DISC ? [255, 250, 228] : null;
}

/** The sky itself, without an edge in it: light, clouds, and the glow round the sun. */
function dome(direction: Vec3, toSun: Vec3 | null): Rgb {
  const up = max(0, direction[1]);
  // Over the round of the sky, so that there is no seam behind.
  const flat = hypot(direction[0], direction[2]) || 1;
  const [cx, cz] = [direction[0] / flat, direction[2] / flat];
  const bank = noise2(cx * 2.4 + up * 7, cz * 2.4 - up * 6, 31);
  if (!toSun)
    return blend(blend([222, 224, 222], [186, 192, 196], min(1, up * 1.4)), [170, 176, 182], 0.5 * max(0, bank - 0.4));
  // Low it warms the sky's edge, and once it is down all of it grows dark.
  const low = max(0, 1 - max(0, toSun[1]) / 0.18);
  const night = nightOf(toSun);
  const sun = dot(direction, toSun);
  const edge = blend([232, 236, 230], [246, 206, 160], low * max(0, 0.5 + 0.5 * sun));
  const day = blend(edge, [168, 194, 206], min(1, up * 1.5) ** 0.8);
  const base = blend(day, [38, 48, 72], night * 0.85);
  const glow = max(0, sun) ** 60 * 0.55;
  const banks = bank * 0.65 + noise2(cx * 6 + up * 15, cz * 6 + up * 14, 32) * 0.35;
  const cloud = max(0, banks - 0.56) * 2;
  const lit = blend([248, 247, 240], [58, 66, 86], night * 0.9);
  return blend(blend(base, lit, min(0.8, cloud * (1 - up))), [255, 246, 222], glow);
}

/**
 * Colour of the sky and of the hills before it.
 * @param direction unit vector from the camera
 * @param hills height of the hills on the skyline, 1 = as in the forest, 0 = open
 * @param toSun unit vector; null = behind clouds
 */
export const skyColour = (direction: Vec3, hills: number, toSun: Vec3 | null = SUN): Rgb =>
  before(direction, hills, toSun) ?? dome(direction, toSun);

/** Edge of the squares at whose corners the sky is worked out, pixels. */
const SQUARE = 4;

/**
 * The sky of a whole picture: the dome at the corners of small squares and between them in a straight line, hills and disc at each pixel.
 * @param directions unit vectors of the pixels, three numbers each, row by row; NaN where there is no picture
 * @returns the colour of a pixel by its number
 */
export function skyOver(
  directions: Float32Array | Float64Array,
  widthPx: number,
  hills: number,
  toSun: Vec3 | null,
): (index: number) => Rgb {
  const heightPx = directions.length / 3 / widthPx;
  const columns = ceil(widthPx / SQUARE);
  const corners = new Float32Array(columns * ceil(heightPx / SQUARE) * 3).fill(NaN);
  const at = (index: number): Vec3 => [directions[index * 3]!, directions[index * 3 + 1]!, directions[index * 3 + 2]!];
  /** Where a corner's colour lies. */
  const corner = (column: number, row: number): number => {
    const k = (row * columns + column) * 3;
    if (corners[k] !== corners[k]) {
      const direction = at(row * SQUARE * widthPx + column * SQUARE);
      // Of a corner without a picture nothing is known: below it no colour is.
      const known = dot(direction, direction) > 0.5;
      corners.set(known ? dome(direction, toSun) : [-1, -1, -1], k);
    }
    return k;
  };
  return (index) => {
    const direction = at(index);
    const front = before(direction, hills, toSun);
    if (front) return front;
    const x = index % widthPx;
    const y = (index - x) / widthPx;
    const [column, row] = [(x / SQUARE) | 0, (y / SQUARE) | 0];
    if ((column + 1) * SQUARE >= widthPx || (row + 1) * SQUARE >= heightPx) return dome(direction, toSun);
    const [a, b, c, d] = [
      corner(column, row),
      corner(column + 1, row),
      corner(column, row + 1),
      corner(column + 1, row + 1),
    ];
    if (corners[a]! < 0 || corners[b]! < 0 || corners[c]! < 0 || corners[d]! < 0) return dome(direction, toSun);
    const [u, v] = [(x % SQUARE) / SQUARE, (y % SQUARE) / SQUARE];
    const [wa, wb, wc, wd] = [(1 - u) * (1 - v), u * (1 - v), (1 - u) * v, u * v];
    const mixed = (i: number): number =>
      corners[a + i]! * wa + corners[b + i]! * wb + corners[c + i]! * wc + corners[d + i]! * wd;
    return [mixed(0), mixed(1), mixed(2)];
  };
}
