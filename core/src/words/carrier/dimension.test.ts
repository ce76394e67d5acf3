import { fittedFor, fittedValue, STANDARD_RIDER_M, type Dimension } from './dimension';

const measure = (id: string, perMetreOfRider?: number): Dimension => ({
  id,
  name: id,
  unit: 'm',
  standard: 0.7,
  low: 0.6,
  high: 0.8,
  step: 0.005,
  source: { kind: 'common practice' },
  ...(perMetreOfRider === undefined ? {} : { perMetreOfRider }),
});
const dimensions = [measure('saddle', 0.4), measure('tyre')];
const fitted = (statureM: number, given = {}) => {
  const fit = fittedFor(dimensions, statureM, given);
  return dimensions.map(({ id }) => fittedValue(dimensions, fit, id));
};

it('what comes in sizes is as tall as its rider, in whole steps and within what the machine can be; the rest stays', () => {
  expect(fitted(STANDARD_RIDER_M)).toEqual([0.7, 0.7]);
  expect(fitted(1.85)).toEqual([expect.closeTo(0.74, 6), 0.7]);
  expect(fitted(1.602)[0]).toBeCloseTo(0.64, 6);
  expect(fitted(2.1)[0]).toBe(0.8);
});

it('a measure that is given stays, whoever rides', () => {
  expect(fitted(1.9, { saddle: 0.65 })).toEqual([0.65, 0.7]);
});
