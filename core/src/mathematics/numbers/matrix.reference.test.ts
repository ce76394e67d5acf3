import { inverse as theirInverse, Matrix } from 'ml-matrix';
import { inverse, product } from './matrix';
import { seededNumbers } from './seededNumbers';

it('inverts as ml-matrix does, and a matrix with its inverse is one', () => {
  const next = seededNumbers(7);
  const a = Array.from({ length: 6 }, () => Array.from({ length: 6 }, () => next() - 0.5));
  const ours = inverse(a);
  const theirs = theirInverse(new Matrix(a)).to2DArray();
  theirs.forEach((row, i) => row.forEach((value, j) => expect(ours[i]![j]).toBeCloseTo(value, 9)));
  product(a, ours).forEach((row, i) => row.forEach((value, j) => expect(value).toBeCloseTo(i === j ? 1 : 0, 10)));
});

it('a matrix that has no inverse is refused', () => {
  expect(() =>
    inverse([
      [1, 2],
      [2, 4],
    ]),
  ).toThrow(/no inverse/);
});
