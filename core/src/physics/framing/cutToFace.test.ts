import { cutToFace, MOST_CORNERS } from './cutToFace';

type Corner = readonly [along: number, u: number, w: number];
function cut(...triangle: readonly Corner[]): readonly Corner[] {
  const room = new Float64Array(MOST_CORNERS * 3);
  room.set(triangle.flat());
  const count = cutToFace(room);
  return Array.from({ length: count }, (_, n) => [room[n * 3]!, room[n * 3 + 1]!, room[n * 3 + 2]!] as const);
}
/** Area of a polygon in the plane along = 1, by the shoelace formula. */
const areaOf = (corners: readonly Corner[]): number =>
  Math.abs(
    corners.reduce((sum, [, u, w], i) => {
      const [, u2, w2] = corners[(i + 1) % corners.length]!;
      return sum + (u * w2 - u2 * w) / 2;
    }, 0),
  );

it('a triangle within stays as it is', () => {
  const triangle: readonly Corner[] = [[1, 0, 0], [2, 1, 0.5], [3, -1, -2]]; // prettier-ignore
  expect(cut(...triangle)).toEqual(triangle);
});

it.each<[string, readonly Corner[]]>([
  ['beside', [[1, 2, 0], [1, 3, 0], [1, 2, 0.5]]],
  ['below', [[1, 0, -2], [1, 0.5, -3], [1, -0.5, -3]]],
  ['behind', [[-1, 0, 0], [-2, 0.1, 0], [-1, 0, 0.1]]],
])('nothing is left of one %s', (_, triangle) => {
  expect(cut(...triangle)).toEqual([]);
}); // prettier-ignore

it('one that reaches over an edge is cut along it', () => {
  // Right angle at (0, 0), legs of 2 along u and w: what is over u = 1 and w = 1 is gone.
  const left = cut([1, 0, 0], [1, 2, 0], [1, 0, 2]);
  expect(areaOf(left)).toBeCloseTo(1, 12);
  expect(areaOf(cut([1, -3, -3], [1, 5, -3], [1, -3, 5]))).toBeCloseTo(4, 12);
});

it('what one face loses its neighbours have: cut to all six, a triangle round the corner of the cube spans what it spanned', () => {
  const corners = [[2, 0.2, 0.1], [0.1, 2, 0.3], [0.2, 0.1, 2]] as const; // prettier-ignore
  const axes = [[0, 1, 2], [1, 0, 2], [2, 0, 1]] as const; // prettier-ignore
  /** Solid angle seen from the origin (van Oosterom & Strackee 1983). */
  const solid = (a: readonly number[], b: readonly number[], c: readonly number[]): number => {
    const dot = (p: readonly number[], q: readonly number[]) => p[0]! * q[0]! + p[1]! * q[1]! + p[2]! * q[2]!;
    const [la, lb, lc] = [a, b, c].map((v) => Math.hypot(...v)) as [number, number, number];
    const triple =
      a[0]! * (b[1]! * c[2]! - b[2]! * c[1]!) -
      a[1]! * (b[0]! * c[2]! - b[2]! * c[0]!) +
      a[2]! * (b[0]! * c[1]! - b[1]! * c[0]!);
    return Math.abs(2 * Math.atan2(triple, la * lb * lc + dot(a, b) * lc + dot(b, c) * la + dot(c, a) * lb));
  };
  let sum = 0;
  for (const [own, first, second] of axes) {
    for (const sign of [1, -1]) {
      const left = cut(...corners.map((c): Corner => [sign * c[own], c[first], c[second]]));
      for (let n = 1; n + 1 < left.length; n++) sum += solid(left[0]!, left[n]!, left[n + 1]!);
    }
  }
  expect(sum).toBeCloseTo(solid(...corners), 12);
});
