import { keepLatest } from '../caching/keepLatest';
import { type Lens, unprojectPixelToDirection } from './lens';

/** Directions through the middles of a grid of cells over the picture, camera frame, three numbers a cell, row by row from the top. */
export interface RayGrid {
  readonly columns: number;
  readonly rows: number;
  readonly directions: Float64Array;
}

const grids = keepLatest<RayGrid>(40);

/** Cells outside the image circle hold NaN. The same lens and size give the same object; do not write to it. */
export const rayGrid = (lens: Lens, columns: number, rows: number): RayGrid =>
  grids(JSON.stringify([lens, columns, rows]), () => buildRayGrid(lens, columns, rows));

function buildRayGrid(lens: Lens, columns: number, rows: number): RayGrid {
  const directions = new Float64Array(columns * rows * 3).fill(NaN);
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const u = ((column + 0.5) / columns) * lens.widthPx;
      const v = ((row + 0.5) / rows) * lens.heightPx;
      const direction = unprojectPixelToDirection(lens, { u, v });
      if (direction) directions.set(direction, (row * columns + column) * 3);
    }
  }
  return { columns, rows, directions };
}

/** Rows that make cells nearly square for a number of columns. */
export const rowsFor = (lens: Lens, columns: number): number =>
  Math.max(1, Math.round((columns * lens.heightPx) / lens.widthPx));
