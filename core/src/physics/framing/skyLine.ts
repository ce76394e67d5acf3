import { inverseRotation, rotate, type Rotation } from '../../mathematics/geometry/rotation';
import { UP, type Vec3 } from '../../mathematics/geometry/vec3';
import { unprojectPixelToDirection, type Lens } from '../../mathematics/lens/lens';
import type { Ground } from '../../words/carrier/land';

/** The two planes that a direction in the camera frame is held against for the sky: the local ground's and the level one. */
export interface SkyPlanes {
  readonly ground: Vec3;
  readonly level: Vec3;
}

export function skyPlanes(worldFromCamera: Rotation, ground: Ground): SkyPlanes {
  const cameraFromWorld = inverseRotation(worldFromCamera);
  return { ground: rotate(cameraFromWorld, ground.normal), level: rotate(cameraFromWorld, UP) };
}

/** See skyness in ground.ts; here for a direction in the camera frame. */
const skyAt = ({ ground: [a, b, c], level: [d, e, f] }: SkyPlanes, x: number, y: number, z: number): number =>
  Math.min(x * a + y * b + z * c, x * d + y * e + z * f);

/** Skyness at the cells' corners, (columns + 1) × (rows + 1). */
export function cornerSkyness(lens: Lens, sky: SkyPlanes, columns: number, rows: number): Float64Array {
  const directions = cornerDirections(lens, columns, rows);
  const out = new Float64Array(directions.length / 3);
  const [a, b, c] = sky.ground;
  const [d, e, f] = sky.level;
  for (let i = 0; i < out.length; i++) {
    const x = directions[i * 3]!;
    const y = directions[i * 3 + 1]!;
    const z = directions[i * 3 + 2]!;
    const overGround = x * a + y * b + z * c;
    const overLevel = x * d + y * e + z * f;
    out[i] = x === x ? (overGround < overLevel ? overGround : overLevel) : -1;
  }
  return out;
}

const corners = new WeakMap<Lens, Map<string, Float64Array>>();

/** Directions of the cells' corners, three numbers each; NaN where the lens has no image. */
export function cornerDirections(lens: Lens, columns: number, rows: number): Float64Array {
  const known = corners.get(lens) ?? new Map<string, Float64Array>();
  corners.set(lens, known);
  const key = `${columns}/${rows}`;
  const kept = known.get(key);
  if (kept) return kept;
  const directions = new Float64Array((columns + 1) * (rows + 1) * 3).fill(NaN);
  for (let row = 0; row <= rows; row++) {
    for (let column = 0; column <= columns; column++) {
      const pixel = { u: (column / columns) * lens.widthPx, v: (row / rows) * lens.heightPx };
      const direction = unprojectPixelToDirection(lens, pixel);
      if (direction) directions.set(direction, (row * (columns + 1) + column) * 3);
    }
  }
  known.set(key, directions);
  return directions;
}

/** One of so many cells of a picture. */
interface Cell {
  readonly column: number;
  readonly row: number;
  readonly columns: number;
  readonly rows: number;
}

/** Share of sky where the sky line runs straight between the corners of a cell. */
export function straightShare(a: number, b: number, c: number, d: number): number {
  const upright = Math.abs(a + b - c - d) >= Math.abs(a + c - b - d);
  const first = upright ? a + b : a + c;
  const second = upright ? c + d : b + d;
  if (first >= 0 === second >= 0) return first >= 0 ? 1 : 0;
  const crossing = first / (first - second);
  return first >= 0 ? crossing : 1 - crossing;
}

/**
 * Share of a cell that is sky where the sky line runs through it: the exact crossing along the cell's middle line, upright
 * or level, whichever the sky line crosses more squarely.
 */
export function crossedShare(
  lens: Lens,
  sky: SkyPlanes,
  cell: Cell,
  [a, b, c, d]: readonly [number, number, number, number],
): number {
  const upright = Math.abs(a + b - c - d) >= Math.abs(a + c - b - d);
  const at = (t: number): number => {
    const u = (cell.column + (upright ? 0.5 : t)) / cell.columns;
    const v = (cell.row + (upright ? t : 0.5)) / cell.rows;
    const direction = unprojectPixelToDirection(lens, { u: u * lens.widthPx, v: v * lens.heightPx });
    return direction ? skyAt(sky, ...direction) : -1;
  };
  let [low, high] = [0, 1];
  let [atLow, atHigh] = [at(0), at(1)];
  if (atLow >= 0 === atHigh >= 0) return atLow >= 0 ? 1 : 0;
  const skyFirst = atLow >= 0;
  // Regula falsi, Illinois form: the line is nearly straight within a cell, so a few steps reach full precision.
  for (let step = 0; step < 40 && high - low > 1e-13; step++) {
    const t = high - (atHigh * (high - low)) / (atHigh - atLow);
    const value = at(t);
    if (Math.abs(value) < 1e-14) {
      [low, high] = [t, t];
    } else if (value >= 0 === atHigh >= 0) {
      [high, atHigh] = [t, value];
      atLow /= 2;
    } else {
      [low, atLow, high, atHigh] = [high, atHigh, t, value];
    }
    if (low > high) [low, high, atLow, atHigh] = [high, low, atHigh, atLow];
  }
  const crossing = (low + high) / 2;
  return skyFirst ? crossing : 1 - crossing;
}
