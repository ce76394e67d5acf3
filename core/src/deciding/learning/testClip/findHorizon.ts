import { cross, dot, length, scale, type Vec3 } from '../../../mathematics/geometry/vec3';
import { resized, unprojectPixelToDirection, type Lens } from '../../../mathematics/lens/lens';
import { toRad } from '../../../mathematics/units/angle';

/** A picture as a canvas gives it: four bytes a pixel, rows from the top. */
export interface PixelPicture {
  readonly rgba: Uint8ClampedArray | Uint8Array;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** A horizon found in a picture: two points of it as fractions of width and height, and how much of the picture bears it out. */
export type FoundHorizon =
  | {
      readonly kind: 'found';
      readonly left: readonly [number, number];
      readonly right: readonly [number, number];
      /** How strongly an edge runs along it, over the width of the picture, 0 to 1. */
      readonly borneOut: number;
    }
  | { readonly kind: "can't say"; readonly because: string };

/** How the camera is thought to point; it may be off by as much as `within` says. */
export interface ExpectedLook {
  readonly tiltDeg: number;
  readonly rollDeg: number;
}
const WITHIN = { tiltDeg: 24, rollDeg: 16 } as const;
const STEP_DEG = 1;
const CELLS_ACROSS = 64;
/** What is borne out less, or parts the colours less, is not told: below it lie edges of machines and trees (tried on the demo's shots). */
const LEAST_BORNE_OUT = 0.45;
const LEAST_PARTED = 0.15;
/** Guesses that are looked at closely, so far apart. */
const GUESSES = { count: 6, apartDeg: 2.5 } as const;
/** So far to either side of the last fit edges are looked for, degrees; each round nearer. */
const ROUNDS_DEG = [1.6, 1, 0.6] as const;
const COLUMNS = 96;
/** Least step of brightness of an edge, and the one from which on more says no more; of 255. */
const LEAST_STEP = 8;
const FULL_STEP = 40;

/** The world's up seen by a camera (+x lens axis, +y picture up, +z picture right) that is tilted and rolled. */
const upSeen = ({ tiltDeg, rollDeg }: ExpectedLook): Vec3 => {
  const [t, r] = [toRad(tiltDeg), toRad(rollDeg)];
  return [Math.sin(t), Math.cos(t) * Math.cos(r), -Math.cos(t) * Math.sin(r)];
};

/**
 * Finds the level horizon in a picture by itself. First the tilt and roll that part the picture best into two (Otsu 1979, over three colours,
 * with the plane of the horizon in place of a threshold, as Ettinger, Nechyba, Ifju and Waszak 2002 did for flying models), then edges near it,
 * column by column, and the plane through them by least squares with Tukey's weights. Exact for every projection, since directions are fitted
 * instead of pixels.
 * @param lens of the picture as recorded, of any size of the same shape
 * @param expected how the set-up should point: looked for up to 24° of tilt and 16° of roll from there
 */
export function findHorizon(picture: PixelPicture, lens: Lens, expected: ExpectedLook): FoundHorizon {
  const sized = resized(lens, picture.widthPx);
  const cells = cellsOf(picture, sized);
  const columns = columnsOf(picture, sized);
  const worth = (up: Vec3): number => edgesAlong(columns, up) + betweenClasses(cells, up);
  let best: { up: Vec3; borneOut: number; parted: number } | null = null;
  for (const guess of guesses(worth, expected)) {
    const up = ROUNDS_DEG.reduce(
      (last, within) => planeThrough(edgesNear(picture, sized, last, within), last, toRad(within) / 2),
      guess,
    );
    const found = { up, borneOut: supportOf(picture, sized, up), parted: betweenClasses(cells, up) };
    if (!best || found.borneOut + found.parted > best.borneOut + best.parted) best = found;
  }
  const ends = [0.12, 0.88].map((share) => best && heightAt(sized, best.up, share * picture.widthPx));
  const [left, right] = ends;
  if (!best || best.borneOut < LEAST_BORNE_OUT || best.parted < LEAST_PARTED || left == null || right == null)
    return { kind: "can't say", because: 'no clear line between sky and land runs through this picture' };
  return {
    kind: 'found',
    left: [0.12, left / picture.heightPx],
    right: [0.88, right / picture.heightPx],
    borneOut: best.borneOut,
  };
}

/** The looks that are worth most, none close to another. */
function guesses(worth: (up: Vec3) => number, expected: ExpectedLook): readonly Vec3[] {
  const all: { up: Vec3; value: number }[] = [];
  for (let tilt = -WITHIN.tiltDeg; tilt <= WITHIN.tiltDeg; tilt += STEP_DEG) {
    for (let roll = -WITHIN.rollDeg; roll <= WITHIN.rollDeg; roll += STEP_DEG) {
      const up = upSeen({ tiltDeg: expected.tiltDeg + tilt, rollDeg: expected.rollDeg + roll });
      all.push({ up, value: worth(up) });
    }
  }
  all.sort((a, b) => b.value - a.value);
  const near = Math.cos(toRad(GUESSES.apartDeg));
  const kept: Vec3[] = [];
  for (const { up } of all) {
    if (kept.length === GUESSES.count) break;
    if (kept.every((other) => dot(up, other) < near)) kept.push(up);
  }
  return kept;
}

/** Columns of the picture: directions from the top down, and how strong an edge runs across there. */
interface Columns {
  readonly rows: number;
  readonly directions: readonly Float64Array[];
  readonly edges: readonly Float32Array[];
}

const COARSE_COLUMNS = 48;

function columnsOf(picture: PixelPicture, lens: Lens): Columns {
  const { widthPx, heightPx } = picture;
  const rows = Math.min(heightPx, 240);
  const pooled = Math.max(1, Math.round((lens.focalPx * toRad(STEP_DEG / 2) * rows) / heightPx));
  const directions: Float64Array[] = [];
  const edges: Float32Array[] = [];
  for (let k = 0; k < COARSE_COLUMNS; k++) {
    const x = Math.min(widthPx - 1, Math.floor(((k + 0.5) / COARSE_COLUMNS) * widthPx));
    const way = new Float64Array(rows * 3).fill(NaN);
    const steps = new Float32Array(rows);
    for (let j = 0; j < rows; j++) {
      const v = ((j + 0.5) / rows) * heightPx;
      const direction = unprojectPixelToDirection(lens, { u: x + 0.5, v });
      if (direction) way.set(direction, j * 3);
      steps[j] = Math.min(1, Math.abs(stepAt(picture, x, Math.round(v))) / FULL_STEP);
    }
    directions.push(way);
    edges.push(steps.map((_, j) => Math.max(...steps.subarray(Math.max(0, j - pooled), j + pooled + 1))));
  }
  return { rows, directions, edges };
}

/** Mean strength of the edges along a plane, 0 to 1. */
function edgesAlong({ rows, directions, edges }: Columns, up: Vec3): number {
  let sum = 0;
  for (let k = 0; k < directions.length; k++) {
    const way = directions[k]!;
    const isAbove = (j: number) => way[j * 3]! * up[0] + way[j * 3 + 1]! * up[1] + way[j * 3 + 2]! * up[2] > 0;
    let [low, high] = [0, rows - 1];
    if (!isAbove(low) || isAbove(high)) continue;
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (isAbove(middle)) low = middle;
      else high = middle;
    }
    sum += edges[k]![high]!;
  }
  return sum / directions.length;
}

interface Cells {
  readonly count: number;
  /** Unit directions, three numbers each. */
  readonly directions: Float64Array;
  readonly colours: Float64Array;
}

/** The picture in coarse cells, each with its mean colour. */
function cellsOf({ rgba, widthPx, heightPx }: PixelPicture, lens: Lens): Cells {
  const across = Math.min(CELLS_ACROSS, widthPx);
  const down = Math.max(2, Math.round((across * heightPx) / widthPx));
  const directions = new Float64Array(across * down * 3);
  const colours = new Float64Array(across * down * 3);
  let count = 0;
  for (let j = 0; j < down; j++) {
    for (let i = 0; i < across; i++) {
      const direction = unprojectPixelToDirection(lens, {
        u: ((i + 0.5) / across) * widthPx,
        v: ((j + 0.5) / down) * heightPx,
      });
      if (!direction) continue;
      directions.set(direction, count * 3);
      const [x0, x1] = [Math.floor((i * widthPx) / across), Math.floor(((i + 1) * widthPx) / across)];
      const [y0, y1] = [Math.floor((j * heightPx) / down), Math.floor(((j + 1) * heightPx) / down)];
      let n = 0;
      for (let y = y0; y < y1; y++) {
        for (let x = x0; x < x1; x++, n++) {
          for (let c = 0; c < 3; c++) colours[count * 3 + c]! += rgba[(y * widthPx + x) * 4 + c]!;
        }
      }
      for (let c = 0; c < 3; c++) colours[count * 3 + c]! /= Math.max(1, n);
      count++;
    }
  }
  return { count, directions, colours };
}

/** Otsu's between-class variance, summed over the colours, over what is left within the classes. */
function betweenClasses({ count, directions, colours }: Cells, up: Vec3): number {
  let above = 0;
  const [sum, sumAbove] = [
    [0, 0, 0],
    [0, 0, 0],
  ];
  let squares = 0;
  for (let k = 0; k < count * 3; k += 3) {
    const isAbove = directions[k]! * up[0] + directions[k + 1]! * up[1] + directions[k + 2]! * up[2] > 0;
    if (isAbove) above++;
    for (let c = 0; c < 3; c++) {
      const colour = colours[k + c]!;
      sum[c]! += colour;
      squares += colour * colour;
      if (isAbove) sumAbove[c]! += colour;
    }
  }
  const below = count - above;
  if (above < count * 0.01 || below < count * 0.01) return -1;
  let [between, total] = [0, squares];
  for (let c = 0; c < 3; c++) {
    const apart = sumAbove[c]! / above - (sum[c]! - sumAbove[c]!) / below;
    between += ((above * below) / count) * apart * apart;
    total -= (sum[c]! * sum[c]!) / count;
  }
  return total > 0 ? between / total : 0;
}

/** Where a plane crosses a column, pixels from the top; null where it does not. */
function heightAt(lens: Lens, up: Vec3, u: number): number | null {
  const side = (v: number): number | null => {
    const direction = unprojectPixelToDirection(lens, { u, v });
    return direction && dot(direction, up);
  };
  const steps = 64;
  let before: { v: number; side: number } | null = null;
  for (let k = 0; k <= steps; k++) {
    const v = (k / steps) * lens.heightPx;
    const at = side(v);
    if (at !== null && before && before.side > 0 && at <= 0) {
      let [low, high] = [before.v, v];
      for (let round = 0; round < 30; round++) {
        const middle = (low + high) / 2;
        if ((side(middle) ?? 0) > 0) low = middle;
        else high = middle;
      }
      return (low + high) / 2;
    }
    before = at === null ? null : { v, side: at };
  }
  return null;
}

/** Step of brightness across a row of a column, of 255: what is above it less what is below. */
function stepAt({ rgba, widthPx, heightPx }: PixelPicture, x: number, y: number): number {
  const wide = Math.max(1, Math.round(widthPx / 320));
  let step = 0;
  for (let d = 0; d < wide; d++) {
    const above = (Math.max(0, y - 1 - d) * widthPx + x) * 4;
    const below = (Math.min(heightPx - 1, y + d) * widthPx + x) * 4;
    step +=
      0.3 * (rgba[above]! - rgba[below]!) +
      0.5 * (rgba[above + 1]! - rgba[below + 1]!) +
      0.2 * (rgba[above + 2]! - rgba[below + 2]!);
  }
  return step / wide;
}

/** Mean strength of what lies within a pixel and a half of a plane, 0 to 1. */
function supportOf(picture: PixelPicture, lens: Lens, up: Vec3): number {
  const { widthPx, heightPx } = picture;
  const reach = Math.max(1, Math.round(widthPx / 400));
  let sum = 0;
  for (let k = 0; k < COLUMNS; k++) {
    const x = Math.min(widthPx - 1, Math.floor(((k + 0.5) / COLUMNS) * widthPx));
    const centre = heightAt(lens, up, x + 0.5);
    if (centre === null) continue;
    let strongest = 0;
    for (let d = -reach; d <= reach; d++) {
      const y = Math.round(centre) + d;
      if (y >= 1 && y < heightPx) strongest = Math.max(strongest, Math.abs(stepAt(picture, x, y)));
    }
    sum += Math.min(1, strongest / FULL_STEP);
  }
  return sum / COLUMNS;
}

/** The strongest edge of each column near a plane, as directions. */
function edgesNear(picture: PixelPicture, lens: Lens, up: Vec3, withinDeg: number): Vec3[] {
  const { widthPx, heightPx } = picture;
  const reach = Math.max(2, lens.focalPx * toRad(withinDeg));
  const edges: Vec3[] = [];
  for (let k = 0; k < COLUMNS; k++) {
    const x = Math.min(widthPx - 1, Math.floor(((k + 0.5) / COLUMNS) * widthPx));
    const centre = heightAt(lens, up, x + 0.5);
    if (centre === null) continue;
    let [best, strongest] = [0, LEAST_STEP];
    for (let y = Math.max(2, Math.round(centre - reach)); y <= Math.min(heightPx - 2, centre + reach); y++) {
      const step = Math.abs(stepAt(picture, x, y));
      if (step > strongest) [best, strongest] = [y, step];
    }
    const direction = best > 0 ? unprojectPixelToDirection(lens, { u: x + 0.5, v: best }) : null;
    if (direction) edges.push(direction);
  }
  return edges;
}

/** Plane through the origin nearest to directions, those far from it left out little by little (Tukey's biweight). */
function planeThrough(directions: readonly Vec3[], from: Vec3, within: number): Vec3 {
  let up = from;
  for (let round = 0; round < 8; round++) {
    const sum = new Float64Array(6);
    for (const d of directions) {
      const off = dot(d, up) / within;
      if (Math.abs(off) >= 1) continue;
      const weight = (1 - off * off) ** 2;
      sum[0]! += weight * d[0] * d[0];
      sum[1]! += weight * d[0] * d[1];
      sum[2]! += weight * d[0] * d[2];
      sum[3]! += weight * d[1] * d[1];
      sum[4]! += weight * d[1] * d[2];
      sum[5]! += weight * d[2] * d[2];
    }
    up = leastAxis(sum, up);
  }
  return up;
}

/** The axis along which a symmetric matrix is least, near a first guess: inverse iteration, a little stiffened so that it never divides by nothing. */
function leastAxis([xx, xy, xz, yy, yz, zz]: Float64Array, from: Vec3): Vec3 {
  const soft = 1e-6 * (xx! + yy! + zz!) + 1e-12;
  const rows: [Vec3, Vec3, Vec3] = [
    [xx! + soft, xy!, xz!],
    [xy!, yy! + soft, yz!],
    [xz!, yz!, zz! + soft],
  ];
  const [a, b, c] = [cross(rows[1], rows[2]), cross(rows[2], rows[0]), cross(rows[0], rows[1])];
  let axis = from;
  for (let round = 0; round < 12; round++) {
    const next: Vec3 = [
      a[0] * axis[0] + b[0] * axis[1] + c[0] * axis[2],
      a[1] * axis[0] + b[1] * axis[1] + c[1] * axis[2],
      a[2] * axis[0] + b[2] * axis[1] + c[2] * axis[2],
    ];
    const size = length(next);
    if (!(size > 0)) return from;
    axis = scale(next, (dot(next, axis) < 0 ? -1 : 1) / size);
  }
  return dot(axis, from) < 0 ? scale(axis, -1) : axis;
}
