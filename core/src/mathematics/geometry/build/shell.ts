import { facingOutward, meshOf, withoutLoosePoints, type Mesh } from '../mesh';
import type { Vec3 } from '../vec3';

interface ShellOptions {
  columns: number;
  rows: number;
  /** Outer and inner skin at grid corner (column, row); columns wrap round when `wraps` is set. */
  outer: (column: number, row: number) => Vec3;
  inner: (column: number, row: number) => Vec3;
  /** Leaves a cell open (a face opening, a vent). */
  isOpen?: (column: number, row: number) => boolean;
  wraps?: boolean;
}

/** Closed skin with thickness over a grid, with openings: helmet shells, visors, fenders. Rims are closed. */
export function shell({ columns, rows, outer, inner, isOpen = () => false, wraps = false }: ShellOptions): Mesh {
  const across = wraps ? columns : columns + 1;
  const points: Vec3[] = [];
  for (const skin of [outer, inner]) {
    for (let row = 0; row <= rows; row++)
      for (let column = 0; column < across; column++) points.push(skin(column, row));
  }
  const layer = across * (rows + 1);
  const at = (column: number, row: number, skin: 0 | 1) => skin * layer + row * across + (column % across);
  const solid = (column: number, row: number): boolean => {
    const c = wraps ? (column + columns) % columns : column;
    return c >= 0 && c < columns && row >= 0 && row < rows && !isOpen(c, row);
  };
  const triangles: [number, number, number][] = [];
  const quad = (a: number, b: number, c: number, d: number) => triangles.push([a, b, c], [a, c, d]);
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      if (!solid(column, row)) continue;
      const [c, r] = [column, row];
      quad(at(c, r, 0), at(c + 1, r, 0), at(c + 1, r + 1, 0), at(c, r + 1, 0));
      quad(at(c, r, 1), at(c, r + 1, 1), at(c + 1, r + 1, 1), at(c + 1, r, 1));
      if (!solid(c, r - 1)) quad(at(c, r, 0), at(c, r, 1), at(c + 1, r, 1), at(c + 1, r, 0));
      if (!solid(c, r + 1)) quad(at(c, r + 1, 0), at(c + 1, r + 1, 0), at(c + 1, r + 1, 1), at(c, r + 1, 1));
      if (!solid(c - 1, r)) quad(at(c, r, 0), at(c, r + 1, 0), at(c, r + 1, 1), at(c, r, 1));
      if (!solid(c + 1, r)) quad(at(c + 1, r, 0), at(c + 1, r, 1), at(c + 1, r + 1, 1), at(c + 1, r + 1, 0));
    }
  }
  return facingOutward(withoutLoosePoints(meshOf(points, triangles)));
}
