import { inverse, Matrix } from 'ml-matrix';
import { seededNumbers } from './seededNumbers';
import { gaussianPosterior } from './gaussianPosterior';

it('nothing measured leaves what was expected before', () => {
  expect(gaussianPosterior([], 1, [], [], 9)).toEqual({ mean: 0, sd: 3 });
});

it('one measurement of the quantity itself: conjugate normal (worked by hand)', () => {
  // Prior variance 4, noise 1: weight 4/5, variance 4/5.
  const { mean, sd } = gaussianPosterior([[4]], 1, [5], [4], 4);
  expect(mean).toBeCloseTo(4, 12);
  expect(sd).toBeCloseTo(Math.sqrt(0.8), 12);
});

it('three measurements of one quantity: precision is the sum of the precisions (worked by hand)', () => {
  const four = [4, 4, 4];
  const { mean, sd } = gaussianPosterior([four, four, four], 2, [3, 6, 9], four, 4);
  // 1/4 + 3/4 = 1; mean = (18/4)/1.
  expect(mean).toBeCloseTo(4.5, 12);
  expect(sd).toBeCloseTo(1, 12);
});

it('the same as by the inverse of a general-purpose matrix package (ml-matrix), for random covariances', () => {
  const random = seededNumbers(5);
  for (let round = 0; round < 20; round++) {
    const n = 1 + Math.floor(random() * 7);
    const root = new Matrix(Array.from({ length: n + 1 }, () => Array.from({ length: n + 1 }, () => random() - 0.5)));
    const all = root.mmul(root.transpose()).to2DArray();
    const covariances = all.slice(0, n).map((row) => row.slice(0, n));
    const [k, prior] = [all[n]!.slice(0, n), all[n]![n]!];
    const y = Array.from({ length: n }, () => random() * 4 - 2);
    const noisy = covariances.map((row, i) => row.map((value, j) => value + (i === j ? 0.09 : 0)));
    const weights = inverse(new Matrix(noisy)).mmul(Matrix.columnVector(k)).to1DArray();
    const weighed = (values: readonly number[]) => weights.reduce((sum, weight, i) => sum + weight * values[i]!, 0);
    const { mean, sd } = gaussianPosterior(covariances, 0.3, y, k, prior);
    expect(mean).toBeCloseTo(weighed(y), 9);
    expect(sd * sd).toBeCloseTo(prior - weighed(k), 9);
  }
});

it('a measurement without any error is refused', () => {
  expect(() => gaussianPosterior([[1]], 0, [1], [1], 1)).toThrow(/noiseSd 0/);
});
