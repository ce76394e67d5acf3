import { coarseMesh } from '../geometry/coarseMesh';
import { poseAt, transformPoint } from '../geometry/pose';
import type { Rotation } from '../geometry/rotation';
import { distance, type Vec3 } from '../geometry/vec3';
import type { RayGrid } from '../lens/rayGrid';
import type { PosedPart } from '../rig/types';
import { NO_IMAGE, NO_PART, type CastFrame } from './castFrame';
import { patchesOf } from './patches';
import { rasterise } from './raster';
import { cubeBins } from './rayBins';

/**
 * Everything that is seen from one place, whichever way one looks: the first part in each of 6 × size² directions, world frame.
 * What a lens there shows, turned and cropped anyhow, is then a matter of looking up.
 */
export interface VisibilityCube {
  readonly size: number;
  readonly part: Int16Array;
  readonly distanceM: Float64Array;
}

/** Directions along a face's edge: 1.9° apart in its middle. */
export const CUBE_SIZE = 48;

// Hot enough that looking up Math each time counts.
const { abs } = Math;

/** Parts farther than this are cast with fewer triangles: a cell of the grid is then no wider than a direction of the cube. */
const FAR_M = 0.4;
const CELL_M = 0.01;

/** The part with fewer triangles where it is far enough from the lens. */
function asSeenFrom(part: PosedPart, from: Vec3): PosedPart {
  const { centre, radiusM } = patchesOf(part.mesh);
  const away = distance(transformPoint(part.worldFromPart, centre), from) - radiusM;
  return away > FAR_M ? { ...part, mesh: coarseMesh(part.mesh, CELL_M) } : part;
}

/** @param exact every triangle of every part, near or far */
export function castCube(
  parts: readonly PosedPart[],
  from: Vec3,
  { size = CUBE_SIZE, exact = false }: { size?: number; exact?: boolean } = {},
): VisibilityCube {
  const cells = 6 * size * size;
  const part = new Int16Array(cells).fill(NO_PART);
  const distanceM = new Float64Array(cells).fill(Infinity);
  rasterise(exact ? parts : parts.map((part) => asSeenFrom(part, from)), poseAt(from), cubeBins(size), {
    part,
    distanceM,
    triangle: new Int32Array(cells),
  });
  return { size, part, distanceM };
}

const NO_TRIANGLES = new Int32Array(0);
const rooms = new Map<string, CastFrame>();

function roomFor(columns: number, rows: number): CastFrame {
  const key = `${columns}/${rows}`;
  const kept = rooms.get(key);
  if (kept) return kept;
  const cells = columns * rows;
  const made: CastFrame = {
    columns,
    rows,
    part: new Int16Array(cells),
    distanceM: new Float64Array(cells),
    directions: new Float64Array(cells * 3),
    triangle: NO_TRIANGLES,
  };
  rooms.set(key, made);
  return made;
}

/**
 * The picture of a lens at the cube's place, each cell by the nearest direction of the cube; triangles are not known. The answer is
 * written over by the next look-up of the same size: measure it at once.
 */
export function lookUpFrame(
  { size, part: seen, distanceM: far }: VisibilityCube,
  rotation: Rotation,
  grid: RayGrid,
): CastFrame {
  const { columns, rows, directions: inCamera } = grid;
  const cells = columns * rows;
  const room = roomFor(columns, rows);
  const { part, distanceM, directions } = room;
  const [r0, r1, r2, r3, r4, r5, r6, r7, r8] = rotation;
  const half = size / 2;
  const last = size - 1;
  for (let i = 0; i < cells; i++) {
    const cx = inCamera[i * 3]!;
    const cy = inCamera[i * 3 + 1]!;
    const cz = inCamera[i * 3 + 2]!;
    const x = r0 * cx + r1 * cy + r2 * cz;
    const y = r3 * cx + r4 * cy + r5 * cz;
    const z = r6 * cx + r7 * cy + r8 * cz;
    directions[i * 3] = x;
    directions[i * 3 + 1] = y;
    directions[i * 3 + 2] = z;
    if (cx !== cx) {
      part[i] = NO_IMAGE;
      distanceM[i] = Infinity;
      continue;
    }
    const ax = abs(x);
    const ay = abs(y);
    const az = abs(z);
    let face: number;
    let u: number;
    let w: number;
    if (ax >= ay && ax >= az) {
      face = x >= 0 ? 0 : 1;
      u = (y / ax) * half + half;
      w = (z / ax) * half + half;
    } else if (ay >= az) {
      face = y >= 0 ? 2 : 3;
      u = (x / ay) * half + half;
      w = (z / ay) * half + half;
    } else {
      face = z >= 0 ? 4 : 5;
      u = (x / az) * half + half;
      w = (y / az) * half + half;
    }
    const bin = (face * size + (w > last ? last : w | 0)) * size + (u > last ? last : u | 0);
    part[i] = seen[bin]!;
    distanceM[i] = far[bin]!;
  }
  return room;
}
