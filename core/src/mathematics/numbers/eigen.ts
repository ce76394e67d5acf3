import type { Matrix } from './matrix';

export interface EigenPair {
  readonly value: number;
  /** Of length 1. */
  readonly vector: readonly number[];
}

const SWEEPS = 30;

/**
 * Eigenvalues and vectors of a symmetric matrix by Jacobi's rotations, greatest value first; meant for a handful of rows.
 * Right to rounding errors of its greatest value (Golub and Van Loan, section 8.5, from memory).
 */
export function symmetricEigen(matrix: Matrix): readonly EigenPair[] {
  const n = matrix.length;
  const a = matrix.map((row) => [...row]);
  const v = matrix.map((_, i) => matrix.map((__, j) => (i === j ? 1 : 0)));
  const scale = Math.max(...a.map((row, i) => Math.abs(row[i]!)));
  for (let sweep = 0; sweep < SWEEPS; sweep++) {
    let off = 0;
    for (let p = 0; p < n; p++) for (let q = p + 1; q < n; q++) off = Math.max(off, Math.abs(a[p]![q]!));
    if (!(off > 1e-16 * scale)) break;
    for (let p = 0; p < n; p++) for (let q = p + 1; q < n; q++) rotatePair(a, v, p, q);
  }
  return a
    .map((row, i) => ({ value: row[i]!, vector: v.map((component) => component[i]!) }))
    .sort((x, y) => y.value - x.value);
}

/** Turns rows and columns p and q so that what couples them is gone. */
function rotatePair(a: number[][], v: number[][], p: number, q: number): void {
  const apq = a[p]![q]!;
  if (apq === 0) return;
  const theta = (a[q]![q]! - a[p]![p]!) / (2 * apq);
  const t = (theta < 0 ? -1 : 1) / (Math.abs(theta) + Math.hypot(theta, 1));
  const c = 1 / Math.hypot(t, 1);
  const s = t * c;
  for (const row of [...a, ...v]) {
    const [x, y] = [row[p]!, row[q]!];
    row[p] = c * x - s * y;
    row[q] = s * x + c * y;
  }
  for (let k = 0; k < a.length; k++) {
    const [x, y] = [a[p]![k]!, a[q]![k]!];
    a[p]![k] = c * x - s * y;
    a[q]![k] = s * x + c * y;
  }
}
