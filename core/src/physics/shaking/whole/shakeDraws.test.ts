import { shakeAt, link } from '../../../../testing/shakes';
import { seededNumbers } from '../../../mathematics/numbers/seededNumbers';
import { standardNormalAt } from '../../../mathematics/numbers/standardNormal';
import { drawnAt } from '../../../words/sourced/ends';
import { estimated } from '../../../words/sourced/estimated';
import { draws } from '../ends/draws';
import { ESTIMATE_GROUPS, type RangeEnds } from '../ends/rangeEnds';
import { shakeDraws, steadierIn100 } from './shakeDraws';
import { shakeOf } from './shakeOf';
import { shakeRanges } from './shakeRange';

describe('an estimate as it may be', () => {
  const figure = estimated(10, 5, 40);
  it('lies at its ends for a twentieth on either side, at its usual value in the middle', () => {
    expect(drawnAt(0)(figure)).toBe(10);
    expect(drawnAt(1.645)(figure)).toBeCloseTo(40, 9);
    expect(drawnAt(-1.645)(figure)).toBeCloseTo(5, 9);
    expect(drawnAt(-3)(estimated(0.5, 0, 1))).toBe(0);
    expect(drawnAt(2)({ value: 3, source: { kind: 'common practice' } })).toBe(3);
  });
});

describe('the draws', () => {
  it('are spread as the normal distribution is, in each group and in each two together', () => {
    const all = draws(256);
    for (const group of ESTIMATE_GROUPS) {
      const off = all.map((d) => d.off[group]);
      const mean = off.reduce((a, b) => a + b, 0) / off.length;
      expect(Math.abs(mean)).toBeLessThan(0.05);
      expect(Math.abs(off.reduce((sum, z) => sum + (z - mean) ** 2, 0) / off.length - 1)).toBeLessThan(0.1);
      for (const other of ESTIMATE_GROUPS.filter((o) => o !== group)) {
        const together = all.reduce((sum, d) => sum + d.off[group] * d.off[other], 0) / all.length;
        expect(Math.abs(together)).toBeLessThan(0.12);
      }
    }
  });
});

const onTheBars = shakeAt('mountain-bike', 'handlebar', {}, { groundId: 'rooty-trail' });

it('eight of ten lie in the range, as when three hundred cases are thrown at random (Monte Carlo, seeded)', () => {
  const random = seededNumbers(5);
  const thrown = Array.from({ length: 300 }, () => {
    const ends = Object.fromEntries(
      ESTIMATE_GROUPS.map((group) => [group, drawnAt(standardNormalAt(0.0005 + 0.999 * random()))]),
    ) as unknown as RangeEnds;
    return shakeOf(onTheBars, { coarse: true, picks: ends }).jelly;
  });
  const { low, high } = shakeRanges(onTheBars).jelly;
  const inside = thrown.filter((px) => px >= low && px <= high).length / thrown.length;
  expect(Math.abs(inside - 0.8)).toBeLessThan(0.06);
});

it('two set-ups drawn alike are told apart more surely than their ranges would', () => {
  const onAHook = { ...onTheBars, setUp: { ...onTheBars.setUp, links: [link('stand-off-hook', 0.03)] } };
  const [plain, hooked] = [shakeDraws(onTheBars, 50), shakeDraws(onAHook, 50)];
  expect(steadierIn100(hooked, plain)).toBeGreaterThanOrEqual(80);
  expect(steadierIn100(hooked, plain) + steadierIn100(plain, hooked)).toBe(100);
  expect(steadierIn100(plain, plain)).toBe(50);
  const [ofPlain, ofHooked] = [shakeRanges(onTheBars).jump, shakeRanges(onAHook).jump];
  expect(ofPlain.high).toBeGreaterThan(ofHooked.low);
});
