import type { Pose } from '../geometry/pose';
import { transformDirection } from '../geometry/pose';
import { dot, normalize, rejectFrom, subtract, type Vec3 } from '../geometry/vec3';
import { unprojectPixelToDirection, type Lens } from '../lens/lens';
import type { Ground, PartGroup, PosedPart } from '../rig/types';
import { NO_IMAGE, NO_PART, type CastFrame } from './castFrame';
import { groundHit, skyness } from './ground';
import { horizonAtCentre, type Horizon } from './horizon';

/** What a picture consists of: the part groups and the three kinds of background. */
export const FRAME_GROUPS = ['way', 'ground', 'sky', 'hands', 'machine', 'rider', 'face', 'subject', 'own'] as const;
export type FrameGroup = (typeof FRAME_GROUPS)[number];
export type FrameShares = Readonly<Record<FrameGroup, number>>;

export interface PartInFrame {
  readonly id: string;
  readonly name: string;
  readonly group: PartGroup;
  readonly share: number;
  /** Middle of what is seen of it, fractions of the picture from the left and from the top. */
  readonly centroidU: number;
  readonly centroidV: number;
  /** Whether it runs out of the picture. */
  readonly cut: boolean;
  readonly nearestM: number;
}

export interface FrameMeasures {
  /** Shares of the image area; they add up to 1. */
  readonly shares: FrameShares;
  /** Parts seen, largest first. */
  readonly parts: readonly PartInFrame[];
  readonly horizon: Horizon;
  readonly nearest: { readonly name: string; readonly distanceM: number } | null;
}

/** The way: ground more than this far ahead of the place under the carrier and within this bearing of the direction of travel. */
export const WAY = { fromM: 1.5, halfBearingDeg: 45 } as const;
const WAY_SLOPE = Math.tan((WAY.halfBearingDeg * Math.PI) / 180);

export function measureFrame(
  cast: CastFrame,
  parts: readonly PosedPart[],
  lens: Lens,
  worldFromCamera: Pose,
  ground: Ground,
): FrameMeasures {
  const { columns, rows } = cast;
  const shares = Object.fromEntries(FRAME_GROUPS.map((group) => [group, 0])) as Record<FrameGroup, number>;
  const seen = new Map<number, { cells: number; u: number; v: number; cut: boolean; nearestM: number }>();
  const corner = cornerSkyness(lens, worldFromCamera, ground, columns, rows);
  let image = 0;
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const index = row * columns + column;
      const part = cast.part[index]!;
      if (part === NO_IMAGE) continue;
      image++;
      if (part === NO_PART) {
        const at = row * (columns + 1) + column;
        const below = columns + 1;
        const corners = [corner[at]!, corner[at + 1]!, corner[at + below]!, corner[at + below + 1]!] as const;
        const above = corners.filter((value) => value >= 0).length;
        const sky =
          above === 4
            ? 1
            : above === 0
              ? 0
              : crossedShare(lens, worldFromCamera, ground, { column, row, columns, rows }, corners);
        shares.sky += sky;
        if (sky < 1) shares[isWay(cast, index, worldFromCamera.position, ground) ? 'way' : 'ground'] += 1 - sky;
        continue;
      }
      shares[parts[part]!.group]++;
      const entry = seen.get(part) ?? { cells: 0, u: 0, v: 0, cut: false, nearestM: Infinity };
      entry.cells++;
      entry.u += column + 0.5;
      entry.v += row + 0.5;
      entry.cut ||= column === 0 || row === 0 || column === columns - 1 || row === rows - 1;
      entry.nearestM = Math.min(entry.nearestM, cast.distanceM[index]!);
      seen.set(part, entry);
    }
  }
  if (image > 0) for (const group of FRAME_GROUPS) shares[group] /= image;
  const inFrame = [...seen].map(([index, e]): PartInFrame => {
    const { id, name, group } = parts[index]!;
    const centroidU = e.u / e.cells / columns;
    const centroidV = e.v / e.cells / rows;
    return { id, name, group, share: e.cells / image, centroidU, centroidV, cut: e.cut, nearestM: e.nearestM };
  });
  inFrame.sort((a, b) => b.share - a.share);
  const nearest = inFrame.reduce<PartInFrame | null>(
    (best, p) => (!best || p.nearestM < best.nearestM ? p : best),
    null,
  );
  return {
    shares,
    parts: inFrame,
    horizon: horizonAtCentre(lens, worldFromCamera.rotation, ground),
    nearest: nearest && { name: nearest.name, distanceM: nearest.nearestM },
  };
}

function isWay(cast: CastFrame, index: number, origin: Vec3, ground: Ground): boolean {
  const direction: Vec3 = [
    cast.directions[index * 3]!,
    cast.directions[index * 3 + 1]!,
    cast.directions[index * 3 + 2]!,
  ];
  const hit = groundHit(ground, origin, direction);
  const from = hit ? subtract(hit.point, ground.point) : direction;
  const along = dot(from, ground.ahead);
  const across = from[2] * ground.ahead[0] - from[0] * ground.ahead[2];
  return along > (hit ? WAY.fromM : 0) && Math.abs(across) <= along * WAY_SLOPE;
}

/** Skyness at the cells' corners, (columns + 1) × (rows + 1). */
function cornerSkyness(lens: Lens, worldFromCamera: Pose, ground: Ground, columns: number, rows: number): Float64Array {
  const out = new Float64Array((columns + 1) * (rows + 1));
  const directions = cornerDirections(lens, columns, rows);
  for (let i = 0; i < out.length; i++) {
    const direction = directions[i];
    out[i] = direction ? skyness(ground, transformDirection(worldFromCamera, direction)) : -1;
  }
  return out;
}

let lastCorners: { key: string; directions: readonly (Vec3 | null)[] } | null = null;

function cornerDirections(lens: Lens, columns: number, rows: number): readonly (Vec3 | null)[] {
  const key = JSON.stringify([lens, columns, rows]);
  if (lastCorners?.key === key) return lastCorners.directions;
  const directions = Array.from({ length: (columns + 1) * (rows + 1) }, (_, i) =>
    unprojectPixelToDirection(lens, {
      u: ((i % (columns + 1)) / columns) * lens.widthPx,
      v: (Math.floor(i / (columns + 1)) / rows) * lens.heightPx,
    }),
  );
  lastCorners = { key, directions };
  return directions;
}

/**
 * Share of a cell that is sky where the sky line runs through it: the exact crossing along the cell's middle line, upright
 * or level, whichever the sky line crosses more squarely.
 */
function crossedShare(
  lens: Lens,
  worldFromCamera: Pose,
  ground: Ground,
  cell: Cell,
  [a, b, c, d]: readonly [number, number, number, number],
): number {
  const upright = Math.abs(a + b - c - d) >= Math.abs(a + c - b - d);
  const at = (t: number): number => {
    const u = (cell.column + (upright ? 0.5 : t)) / cell.columns;
    const v = (cell.row + (upright ? t : 0.5)) / cell.rows;
    const direction = unprojectPixelToDirection(lens, { u: u * lens.widthPx, v: v * lens.heightPx });
    return direction ? skyness(ground, transformDirection(worldFromCamera, direction)) : -1;
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

interface Cell {
  readonly column: number;
  readonly row: number;
  readonly columns: number;
  readonly rows: number;
}

/** Unit direction of travel along the ground. */
export function travelDirection(ground: Ground): Vec3 {
  return normalize(rejectFrom(ground.ahead, ground.normal));
}
