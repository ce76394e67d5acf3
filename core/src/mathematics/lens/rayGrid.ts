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

/** A lens sees the same to the left and right, above and below: a quarter is worked out and mirrored. */
function buildRayGrid(lens: Lens, columns: number, rows: number): RayGrid {
  const directions = new Float64Array(columns * rows * 3).fill(NaN);
  const put = (row: number, column: number, x: number, y: number, z: number) => {
    const at = (row * columns + column) * 3;
    directions[at] = x;
    directions[at + 1] = y;
    directions[at + 2] = z;
  };
  for (let row = 0; row < rows / 2; row++) {
    for (let column = 0; column < columns / 2; column++) {
      const u = ((column + 0.5) / columns) * lens.widthPx;
      const v = ((row + 0.5) / rows) * lens.heightPx;
      const direction = unprojectPixelToDirection(lens, { u, v });
      if (!direction) continue;
      const [x, y, z] = direction;
      put(rows - 1 - row, columns - 1 - column, x, -y, -z);
      put(rows - 1 - row, column, x, -y, z);
      put(row, columns - 1 - column, x, y, -z);
      put(row, column, x, y, z);
    }
  }
  return { columns, rows, directions };
}

/** Rows that make cells nearly square for a number of columns. */
export const rowsFor = (lens: Lens, columns: number): number =>
  Math.max(1, Math.round((columns * lens.heightPx) / lens.widthPx));
