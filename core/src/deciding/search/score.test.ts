import type { Verdict } from '../../words/check/result';
import { countedTerms, isStopped, meanOf, OPEN, scoreOf } from './score';

const terms = (values: Readonly<Record<string, number>>) =>
  Object.entries(values).map(([id, value]) => ({ id, value, text: id }));
const found = (values: Readonly<Record<string, number>>, verdicts: Readonly<Record<string, Verdict>> = {}) =>
  ({ terms: terms(values), verdicts }) as unknown as Parameters<typeof scoreOf>[0];
const weights = { picture: 10, steady: 5, hold: 3 } as never;

it('is the weighted geometric mean: two equal terms give that, weights are exponents', () => {
  expect(meanOf(found({ picture: 0.6, steady: 0.6 }), weights)).toBeCloseTo(0.6, 12);
  expect(meanOf(found({ picture: 0.8, steady: 0.5 }), weights)).toBeCloseTo((0.8 ** 10 * 0.5 ** 5) ** (1 / 15), 12);
  expect(meanOf(found({ picture: 1, steady: 1, hold: 1 }), weights)).toBe(1);
  expect(meanOf(found({}), weights)).toBe(0);
});

it('what is spoilt by one thing is not saved by the others', () => {
  const sum = (10 * 1 + 5 * 0.02 + 3 * 1) / 18;
  const mean = meanOf(found({ picture: 1, steady: 0, hold: 1 }), weights);
  expect(mean).toBeLessThan(0.5);
  expect(mean).toBeLessThan(sum);
  // Yet two spoilt are worse than one.
  expect(meanOf(found({ picture: 1, steady: 0, hold: 0 }), weights)).toBeLessThan(mean);
});

it('never falls when a term rises', () => {
  for (const id of ['picture', 'steady', 'hold']) {
    let before = -1;
    for (let value = 0; value <= 1; value += 0.05) {
      const score = scoreOf(found({ picture: 0.7, steady: 0.7, hold: 0.7, [id]: value }), weights);
      expect(score).toBeGreaterThanOrEqual(before);
      before = score;
    }
  }
});

it('the worst without a stop stands above the best with one', () => {
  const stopped = found({ picture: 1, steady: 1 }, { frame: 'good', hold: 'stop' });
  const open = found({ picture: 0, steady: 0 }, { frame: 'watch', hold: 'good' });
  expect([isStopped(stopped), isStopped(open)]).toEqual([true, false]);
  expect(scoreOf(stopped, weights)).toBe(0.25);
  expect(scoreOf(open, weights)).toBeGreaterThan(0.25);
  expect(scoreOf(found({ picture: 1 }), weights)).toBe(0.25 + OPEN);
});

it('the factors of the terms multiply to the mean; a weight of nothing counts for nothing; a new check counts one', () => {
  const all = found({ picture: 0.9, steady: 0.4, hold: 0.7, brandNew: 0.5 });
  const factors = countedTerms(all, weights).map((t) => t.factor);
  expect(factors.reduce((a, b) => a * b, 1)).toBeCloseTo(meanOf(all, weights), 12);
  expect(countedTerms(all, { ...(weights as object), steady: 0 } as never).map((t) => t.id)).not.toContain('steady');
  expect(meanOf(found({ brandNew: 0.5 }), weights)).toBeCloseTo(0.5, 12);
});
