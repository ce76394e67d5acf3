import { knownMachines, type Dimension } from '@strut-spot/core';
import { dimensionShown } from './dimensionShown';

const measure = (over: Partial<Dimension> = {}): Dimension => ({
  id: 'd',
  name: 'D',
  unit: 'm',
  standard: 1,
  low: 0.5,
  high: 1.2,
  step: 0.01,
  source: { kind: 'common practice' },
  ...over,
});

it('what is short is told in millimetres or inches, what is long in metres or feet, an angle in degrees', () => {
  expect(dimensionShown(measure(), true)).toMatchObject({ unit: 'mm', scale: 1000, digits: 0 });
  expect(dimensionShown(measure(), false)).toMatchObject({ unit: 'in', digits: 2 });
  expect(dimensionShown(measure({ high: 18 }), true)).toMatchObject({ unit: 'm', scale: 1, digits: 2 });
  expect(dimensionShown(measure({ unit: 'deg', high: 80 }), false)).toMatchObject({ unit: '°', scale: 1 });
});

it('an inch is 25.4 mm and a foot twelve of them (by definition)', () => {
  expect(0.0254 * dimensionShown(measure(), false).scale).toBeCloseTo(1, 9);
  expect(0.3048 * dimensionShown(measure({ high: 9 }), false).scale).toBeCloseTo(1, 9);
});

it('no machine of the catalogue has a measure of five figures', () => {
  for (const metric of [true, false]) {
    for (const { dimensions } of knownMachines()) {
      for (const d of dimensions) expect(d.high * dimensionShown(d, metric).scale).toBeLessThan(10_000);
    }
  }
});
