import { standardNormalAt } from './standardNormal';

it.each([
  [0.5, 0],
  [0.8413, 1],
  [0.9, 1.2816],
  [0.95, 1.6449],
  [0.975, 1.96],
  [0.995, 2.5758],
  [0.999, 3.0902],
])(
  'the value at %d is %d, and the other side mirrors it (table of the normal distribution, Abramowitz & Stegun 26.1)',
  (p, z) => {
    expect(Math.abs(standardNormalAt(p) - z)).toBeLessThan(6e-4);
    expect(standardNormalAt(1 - p)).toBeCloseTo(-standardNormalAt(p), 6);
  },
);

it.each([0, 1, -0.1, NaN])('has none at %d', (p) => expect(() => standardNormalAt(p)).toThrow(RangeError));
