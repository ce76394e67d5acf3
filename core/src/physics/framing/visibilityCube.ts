import { CubePoint } from '../../mathematics/geometry/cubeFace';
import { poseAt } from '../../mathematics/geometry/pose';
import type { Rotation } from '../../mathematics/geometry/rotation';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { RayGrid } from '../../mathematics/lens/rayGrid';
import type { PosedPart } from '../../words/carrier/posedPart';
import { emptyFrame, NO_IMAGE, NO_PART, type CastFrame } from './castFrame';
import { partsFromAfar } from './fromAfar';
import { cubeBySimd, giveBack, type CubeSlot } from './kernel/simdLook';
import { rasterise } from './raster';
import { cubeBins } from './rayBins';
import { ALL_ROUND, widened, type ViewCone } from './viewCone';

/**
 * Everything that is seen from one place, whichever way one looks: the first part in each of 6 × size² directions, world frame.
 * What a lens there shows, turned and cropped anyhow, is then a matter of looking up.
 */
export interface VisibilityCube {
  readonly size: number;
  readonly part: Int16Array;
  readonly distanceM: Float32Array | Float64Array;
  /** What of it is cast, world frame: only within this cone may it be asked. */
  readonly within: ViewCone;
  /** Where it lies in the kernel's memory; null where it was cast without. */
  readonly slot: CubeSlot | null;
}

/** Directions along a face's edge: 1.9° apart in its middle. */
export const CUBE_SIZE = 36;

/** The same of a cube that places are ranked by. */
export const ROUGH_CUBE_SIZE = 24;

/** What is told apart in the cube of CUBE_SIZE, as a share of the distance: three quarters of a direction. */
const TOLD_APART = 0.033;

interface Room {
  readonly part: Int16Array;
  readonly distanceM: Float64Array;
}

/** Cubes that nobody needs any more, by their number of cells. */
const free = new Map<number, Room[]>();
const room = (cells: number): Room =>
  free.get(cells)?.pop() ?? { part: new Int16Array(cells), distanceM: new Float64Array(cells) };

/** Those that a search which was stopped leaves behind. */
const leftBehind = new FinalizationRegistry(giveBack);

/** Gives a cube's memory to the next one: it must not be looked at again. */
export function recycleCube(cube: VisibilityCube): void {
  const { part, distanceM, slot } = cube;
  if (slot) {
    leftBehind.unregister(cube);
    giveBack(slot);
  } else if (distanceM instanceof Float64Array) {
    const known = free.get(part.length) ?? [];
    free.set(part.length, known);
    known.push({ part, distanceM });
  }
}

/** Written and never read: which triangle it was is of no use here. */
let triangles = new Int32Array(0);

/** The nearest direction of a cube may lie beside the one that is asked, radians: half a bin's diagonal. */
const besideRad = (size: number): number => Math.SQRT2 / size;

/** @param exact every triangle of every part, near or far @param within what will be asked of it: the kernel leaves the rest out */
export function castCube(
  parts: readonly PosedPart[],
  from: Vec3,
  { size = CUBE_SIZE, exact = false, within = ALL_ROUND }: { size?: number; exact?: boolean; within?: ViewCone } = {},
): VisibilityCube {
  const shown = exact ? parts : partsFromAfar(parts, from, (TOLD_APART * CUBE_SIZE) / size);
  const cast = widened(within, besideRad(size));
  const slot = cubeBySimd(shown, from, size, { axis: cast.axis, leastCos: Math.cos(cast.halfRad) });
  if (slot) {
    const cube: VisibilityCube = { size, part: slot.part, distanceM: slot.distanceM, within, slot };
    leftBehind.register(cube, slot, cube);
    return cube;
  }
  const cells = 6 * size * size;
  const { part, distanceM } = room(cells);
  part.fill(NO_PART);
  distanceM.fill(Infinity);
  if (triangles.length < cells) triangles = new Int32Array(cells);
  rasterise(shown, poseAt(from), cubeBins(size), { part, distanceM, triangle: triangles });
  return { size, part, distanceM, within: ALL_ROUND, slot: null };
}

const frames = new Map<string, CastFrame>();

/** One picture of a size, written over again and again: measure it at once. */
export function sharedFrame(columns: number, rows: number): CastFrame {
  const key = `${columns}/${rows}`;
  const kept = frames.get(key) ?? emptyFrame(columns, rows);
  frames.set(key, kept);
  return kept;
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
  const found = sharedFrame(columns, rows);
  const { part, distanceM, directions } = found;
  const [r0, r1, r2, r3, r4, r5, r6, r7, r8] = rotation;
  const point = new CubePoint();
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
    point.put(x, y, z);
    const u = point.u * half + half;
    const w = point.w * half + half;
    const bin = (point.face * size + (w > last ? last : w | 0)) * size + (u > last ? last : u | 0);
    part[i] = seen[bin]!;
    distanceM[i] = far[bin]!;
  }
  return found;
}
