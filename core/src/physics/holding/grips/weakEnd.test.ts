import { estimated } from '../../../words/sourced/estimated';
import { weakEnd } from './weakEnd';

const [a, b] = [estimated(2, 1, 4), estimated(3, 1.5, 6)];

it('one estimate by itself: a tenth of its lognormal range', () => {
  expect(weakEnd((pick) => pick(a))).toBeCloseTo(2 * 2 ** (-1.282 / 1.645), 9);
});

it('two on their own count as squares, not both at their worst; what is known counts nothing', () => {
  const both = weakEnd((pick) => pick(a) * pick(b));
  expect(both).toBeCloseTo(6 * 2 ** (-Math.SQRT2 * (1.282 / 1.645)), 9);
  expect(weakEnd((pick) => pick({ value: 5, source: { kind: 'common practice' } }))).toBe(5);
});

it('takes the end that is worse, whichever that is, and leaves what holds nothing', () => {
  expect(weakEnd((pick) => 1 / pick(a))).toBeCloseTo(0.5 * 2 ** (-1.282 / 1.645), 9);
  expect(weakEnd((pick) => 0 * pick(a))).toBe(0);
});
