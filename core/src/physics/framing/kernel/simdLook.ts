import type { Vec3 } from '../../../mathematics/geometry/vec3';
import { poseAt } from '../../../mathematics/geometry/pose';
import type { RayGrid } from '../../../mathematics/lens/rayGrid';
import type { PosedPart } from '../../../words/carrier/posedPart';
import { cubeBins } from '../rayBins';
import type { RayCone } from '../rayHits';
import { kernelHere, type Kernel } from './kernelHere';
import { CUBES, GRIDS, MOST_IN_CUBE, padded, SCRATCH, type Placed } from './memory';
import { heldBySimd } from './simdRaster';

/** Where a cube lies in the kernel's memory, and the same as lists that read it there. Given back once only. */
export interface CubeSlot {
  readonly at: number;
  readonly part: Int16Array;
  readonly distanceM: Float32Array;
}

const distancesOf = (at: number, cells: number): number => (at + 2 * cells + 15) & ~15;

/**
 * The first part in each direction of a cube, cast into the kernel's memory; null where there is no kernel or no room.
 * @param cone of the directions that count, world frame
 */
export function cubeBySimd(parts: readonly PosedPart[], from: Vec3, size: number, cone: RayCone): CubeSlot | null {
  const here = kernelHere();
  const cells = 6 * size * size;
  if (!here || cells > MOST_IN_CUBE) return null;
  const at = CUBES.take();
  if (at === null) return null;
  if (!heldBySimd(here, parts, poseAt(from), cubeBins(size), cone)) {
    CUBES.give(at);
    return null;
  }
  const far = distancesOf(at, cells);
  here.keep(cells, at, far);
  const { buffer } = here.memory;
  return { at, part: new Int16Array(buffer, at, cells), distanceM: new Float32Array(buffer, far, cells) };
}

export const giveBack = ({ at }: CubeSlot): void => CUBES.give(at);

/** Numbers of four bytes: before the first part's tallies, and of one part; see core/kernel/assembly/look.ts. */
export const TALLY = { head: 8, part: 10 } as const;

const gridsPlaced = new WeakMap<Float64Array, Placed>();

/** Directions one after the other as the kernel takes them: three lists, each padded. @returns where the first lies; null where they don't fit */
function placeGrid({ memory }: Kernel, directions: Float64Array): number | null {
  const known = gridsPlaced.get(directions);
  if (known?.round === GRIDS.round) return known.at;
  const count = directions.length / 3;
  const list = padded(count);
  const at = GRIDS.take(12 * list);
  if (at === null) return null;
  const to = new Float32Array(memory.buffer, at, 3 * list);
  for (let axis = 0; axis < 3; axis++) {
    for (let i = 0; i < count; i++) to[axis * list + i] = directions[i * 3 + axis]!;
  }
  gridsPlaced.set(directions, { round: GRIDS.round, at });
  return at;
}

/**
 * Tallies of a picture that is looked up in a cube of the kernel's memory, as whole and as real numbers of the same bytes: read them at once. Null where
 * there is no room for so many cells or parts. @param asked see core/kernel/assembly/look.ts
 */
export function lookBySimd(
  { at, part }: CubeSlot,
  size: number,
  { columns, rows, directions }: RayGrid,
  corners: Float64Array,
  parts: number,
  asked: readonly number[],
): { readonly whole: Int32Array; readonly real: Float32Array } | null {
  const here = kernelHere()!;
  const numbers = TALLY.head + parts * TALLY.part;
  if (SCRATCH.tallies + 4 * numbers > SCRATCH.end) return null;
  if (SCRATCH.corners + 4 * padded(corners.length / 3) > SCRATCH.tallies) return null;
  const cells = placeGrid(here, directions);
  const edges = placeGrid(here, corners);
  // Bringing the second may have thrown out the first.
  if (cells === null || edges === null || gridsPlaced.get(directions)!.round !== GRIDS.round) return null;
  const { buffer } = here.memory;
  new Float32Array(buffer, here.asked(), asked.length).set(asked);
  const cellList = 4 * padded(columns * rows);
  const edgeList = 4 * padded(corners.length / 3);
  here.look(
    size,
    at,
    distancesOf(at, part.length),
    columns,
    rows,
    cells,
    cells + cellList,
    cells + 2 * cellList,
    edges,
    edges + edgeList,
    edges + 2 * edgeList,
    SCRATCH.corners,
    SCRATCH.tallies,
    parts,
  );
  return {
    whole: new Int32Array(buffer, SCRATCH.tallies, numbers),
    real: new Float32Array(buffer, SCRATCH.tallies, numbers),
  };
}
