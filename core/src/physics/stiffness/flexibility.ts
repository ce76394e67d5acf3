import type { Matrix } from '../../mathematics/numbers/matrix';
import { product, transposed } from '../../mathematics/numbers/matrix';
import { distance, normalize, subtract, type Vec3 } from '../../mathematics/geometry/vec3';

/**
 * How far something gives and turns for forces and moments: 6 × 6, rows and columns x, y, z (metres for newtons), then turns about x, y, z
 * (radians for newton metres). Of pieces in a row the flexibilities at one point add up (Przemieniecki, Theory of Matrix Structural Analysis,
 * 1968, chapter 8; from memory).
 */
export type Flexibility = Matrix;

/** v × as a matrix. */
const crossOf = ([x, y, z]: Vec3): Matrix => [
  [0, -z, y],
  [z, 0, -x],
  [-y, x, 0],
];
const outer = (e: Vec3): Matrix => e.map((a) => e.map((b) => a * b));

const blocks = (uu: Matrix, ut: Matrix, tu: Matrix, tt: Matrix): Matrix => [
  ...uu.map((row, i) => [...row, ...ut[i]!]),
  ...tu.map((row, i) => [...row, ...tt[i]!]),
];
const diagonal = (value: number): Matrix => [0, 1, 2].map((i) => [0, 1, 2].map((j) => (i === j ? value : 0)));
const scaledBy = (m: Matrix, by: number): Matrix => m.map((row) => row.map((value) => value * by));
const minus = (a: Matrix, b: Matrix): Matrix => a.map((row, i) => row.map((value, j) => value - b[i]![j]!));
const NOUGHT = diagonal(0);

/** A flexibility known at one point as it is at another that rides rigidly on it: u = u₀ + θ × r, and the load there brings F and M + r × F. */
export function movedTo(known: Flexibility, from: Vec3, to: Vec3): Flexibility {
  const shift = blocks(diagonal(1), scaledBy(crossOf(subtract(to, from)), -1), NOUGHT, diagonal(1));
  return product(product(shift, known), transposed(shift));
}

/** A place that gives alike in all directions. @param mPerN metres a newton @param radPerNm radians a newton metre, the same about every axis */
export const spring = (mPerN: number, radPerNm: number): Flexibility =>
  blocks(diagonal(mPerN), NOUGHT, NOUGHT, diagonal(radPerNm));

/** A solid round bar's torsional stiffness against its bending stiffness: GJ/EI = 2G/E = 1/(1 + ν), ν = 0.33 of aluminium. */
const TWIST_SHARE = 1 / 1.33;

/**
 * A straight round bar at its far end, the near one held fast: gives L³/3EI across and L/EA along, turns L/EI and L/GJ.
 * @param eiNm2 bending stiffness @param radiusM of its section: EA = 4·EI/r² of a solid round bar
 */
export function bar(from: Vec3, to: Vec3, eiNm2: number, radiusM: number): Flexibility {
  const lengthM = Math.max(distance(from, to), 1e-6);
  const e = normalize(subtract(to, from));
  const along = outer(e);
  const across = minus(diagonal(1), along);
  const coupling = scaledBy(crossOf(e), lengthM ** 2 / 2 / eiNm2);
  return blocks(
    minus(scaledBy(across, lengthM ** 3 / 3 / eiNm2), scaledBy(along, (-lengthM * radiusM ** 2) / 4 / eiNm2)),
    scaledBy(coupling, -1),
    coupling,
    minus(scaledBy(across, lengthM / eiNm2), scaledBy(along, -lengthM / (eiNm2 * TWIST_SHARE))),
  );
}
