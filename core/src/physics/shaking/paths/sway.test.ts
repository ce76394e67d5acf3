import { toRad } from '../../../mathematics/units/angle';
import { estimated } from '../../../words/sourced/estimated';
import { usual } from '../../../words/sourced/ends';
import { swayWeight } from './sway';

const rmsDeg = estimated(1.2, 0.6, 2.5);
const density = (cornerHz: number) => swayWeight({ rmsDeg, cornerHz }, usual);

it.each([0.5, 1, 1.8, 4])('with its corner at %d Hz all above 1 Hz adds up to the rms that is given', (cornerHz) => {
  let variance = 0;
  for (let f = 1; f < 60; f += 0.01) variance += density(cornerHz)(f + 0.005, 0.01);
  expect(Math.sqrt(variance) / toRad(1.2)).toBeCloseTo(1, 2);
});

it('an octave higher a sixteenth is left past the corner, and 256 times less past what muscles follow', () => {
  const at = (f: number) => density(0.2)(f, 1);
  expect(at(1) / at(2)).toBeGreaterThan(15);
  expect(at(1) / at(2)).toBeLessThan(17);
  expect(at(40) / at(80)).toBeGreaterThan(250);
  expect(at(40) / at(80)).toBeLessThan(257);
});
