/** A matrix as its rows. */
export type Matrix = readonly (readonly number[])[];

export const sumOf = (...matrices: readonly Matrix[]): Matrix =>
  matrices[0]!.map((row, i) => row.map((_, j) => matrices.reduce((sum, m) => sum + m[i]![j]!, 0)));

export const product = (a: Matrix, b: Matrix): Matrix =>
  a.map((row) => b[0]!.map((_, j) => row.reduce((sum, value, k) => sum + value * b[k]![j]!, 0)));

export const applied = (a: Matrix, v: readonly number[]): readonly number[] =>
  a.map((row) => row.reduce((sum, value, k) => sum + value * v[k]!, 0));

export const transposed = (a: Matrix): Matrix => a[0]!.map((_, j) => a.map((row) => row[j]!));

/**
 * Inverse by Gauss and Jordan's elimination with row pivots.
 * @throws RangeError where the matrix has none
 */
export function inverse(a: Matrix): Matrix {
  const n = a.length;
  const rows = a.map((row, i) => [...row, ...Array.from({ length: n }, (_, j) => (i === j ? 1 : 0))]);
  for (let column = 0; column < n; column++) {
    let pivot = column;
    for (let i = column + 1; i < n; i++) if (Math.abs(rows[i]![column]!) > Math.abs(rows[pivot]![column]!)) pivot = i;
    const lead = rows[pivot]!;
    if (!(Math.abs(lead[column]!) > 0)) throw new RangeError('inverse: the matrix has no inverse');
    rows[pivot] = rows[column]!;
    rows[column] = lead.map((value) => value / lead[column]!);
    for (let i = 0; i < n; i++) {
      if (i === column) continue;
      const by = rows[i]![column]!;
      if (by !== 0) rows[i] = rows[i]!.map((value, j) => value - by * rows[column]![j]!);
    }
  }
  return rows.map((row) => row.slice(n));
}
