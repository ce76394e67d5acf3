import type { Pose } from '../../mathematics/geometry/pose';
import type { RayGrid } from '../../mathematics/lens/rayGrid';
import type { PosedPart } from '../../words/carrier/posedPart';
import { rasterise } from './raster';
import { rayBins } from './rayBins';

/** What each cell of the picture hits first. */
export interface CastFrame {
  readonly columns: number;
  readonly rows: number;
  /** Index into the parts that were cast, -1 = none (sky or ground), -2 = outside the image circle. */
  readonly part: Int16Array;
  /** Metres along the ray; Infinity where no part is hit. */
  readonly distanceM: Float64Array;
  /** Triangle of the part's mesh, -1 where none. */
  readonly triangle: Int32Array;
  /** Unit directions in the world, three numbers a cell. */
  readonly directions: Float64Array;
}

export const NO_PART = -1;
export const NO_IMAGE = -2;

/** Room for a picture of so many cells. */
export const emptyFrame = (columns: number, rows: number): CastFrame => ({
  columns,
  rows,
  part: new Int16Array(columns * rows),
  distanceM: new Float64Array(columns * rows),
  triangle: new Int32Array(columns * rows),
  directions: new Float64Array(columns * rows * 3),
});

/** First hit of every ray of the grid; parts are numbered as they come. @param room a picture of the same size to be written over */
export function castFrame(
  parts: readonly PosedPart[],
  worldFromCamera: Pose,
  grid: RayGrid,
  room = emptyFrame(grid.columns, grid.rows),
): CastFrame {
  const { part, directions, distanceM, triangle } = room;
  const { directions: local } = grid;
  part.fill(NO_PART);
  distanceM.fill(Infinity);
  triangle.fill(-1);
  const [r0, r1, r2, r3, r4, r5, r6, r7, r8] = worldFromCamera.rotation;
  for (let i = 0; i < local.length; i += 3) {
    const x = local[i]!;
    const y = local[i + 1]!;
    const z = local[i + 2]!;
    if (x !== x) part[i / 3] = NO_IMAGE;
    directions[i] = r0 * x + r1 * y + r2 * z;
    directions[i + 1] = r3 * x + r4 * y + r5 * z;
    directions[i + 2] = r6 * x + r7 * y + r8 * z;
  }
  rasterise(parts, worldFromCamera, rayBins(grid), { part, distanceM, triangle });
  return room;
}
