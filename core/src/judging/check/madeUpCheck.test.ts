/** Adding a check touches its own folder and the list: a made-up one is found in a report, in a search, and among the mends. */
import { asking, pieces } from '../../../testing/asking';
import { shakeAt } from '../../../testing/shakes';
import { exactCandidate } from '../../deciding/search/exactCandidate';
import { scoreOf } from '../../deciding/search/score';
import { searchSpot } from '../../deciding/search/searchSpot';
import { weightsOf } from '../../deciding/search/weights';
import { findingsOf, worstCheck, worstFirst, type Verdict } from '../../words/check/result';
import { mendsOf } from '../advice/mends';
import { CHECKS } from '../checks';
import { reportIn } from '../report/shotReport';
import { shotScene } from '../scene/shotScene';
import type { Check } from './check';

/** Says how red a camera is: the thumb camera alone is red enough. */
const redness: Check<{ readonly red: number }> = {
  id: 'redness',
  name: 'Redness',
  question: 'Is it red?',
  units: ['%'],
  limits: [{ what: 'red enough', value: 50, unit: '%', source: 'made up' }],
  report: ({ resolved }) => ({ red: resolved.camera.id === 'thumb-camera' ? 90 : 10 }),
  judge: ({ red }) =>
    worstFirst('redness', [
      {
        id: 'red',
        label: 'red',
        verdict: verdictOf(red),
        value: red,
        unit: '%',
        limit: [50, null],
        margin: red - 50,
        because: `it is ${red} % red`,
        mend: null,
      },
    ]),
  searchTerm: {
    cost: 'cheap',
    judge({ resolved }) {
      const red = resolved.camera.id === 'thumb-camera' ? 90 : 10;
      return {
        verdict: verdictOf(red),
        rejection: null,
        terms: [{ id: 'red', value: red / 100, text: `${red} % red` }],
      };
    },
  },
  mend: ({ question }) => [
    {
      id: 'paint',
      text: 'take the red one',
      setUp: { ...question.setUp, cameraId: 'thumb-camera', modeId: 'wide', stabiliserId: 'off' },
      effort: 1,
      costs: 'nothing',
    },
  ],
};
const verdictOf = (red: number): Verdict => (red >= 50 ? 'good' : 'watch');

const checks = [...CHECKS, redness];
const question = { ...shakeAt('mountain-bike', 'chest'), intentId: 'hands-and-trail', horizonAt: null };

it('is in the report, in its place, with what it found', () => {
  const report = reportIn(shotScene(question), { checks });
  expect(report.checks.map((c) => c.check)).toEqual(['frame', 'steady', 'hold', 'clear', 'light', 'last', 'redness']);
  expect(report.found.redness).toEqual({ red: 10 });
  expect(findingsOf(report.checks.at(-1)!)[0]!.because).toBe('it is 10 % red');
});

it('left out or asked for alone like any other', () => {
  expect(reportIn(shotScene(question), { checks, only: ['redness'] }).checks.map((c) => c.check)).toEqual(['redness']);
  expect(reportIn(shotScene(question)).found).not.toHaveProperty('redness');
});

it('has its term in a search, rough and exact, and counts in the score', () => {
  const asked = asking('mountain-bike', 'hands-and-trail', {
    pieceIds: pieces({ cameras: ['cube-camera', 'thumb-camera'], links: [] }),
  });
  const { candidates } = searchSpot(asked, { carrierId: 'c', spotId: 'chest' }, { checks });
  const redOf = (c: (typeof candidates)[number]) => c.terms.find((t) => t.id === 'red')!.value;
  expect(new Set(candidates.map(redOf))).toEqual(new Set([0.9, 0.1]));
  const [first] = candidates;
  expect(first!.verdicts.redness).toBe(redOf(first!) > 0.5 ? 'good' : 'watch');
  const exact = exactCandidate(asked, first!, checks);
  expect(exact.checks.at(-1)!.check).toBe('redness');
  const weights = weightsOf(asked.ask);
  const without = { ...first!, terms: first!.terms.filter((t) => t.id !== 'red') };
  expect(scoreOf(first!, weights)).not.toBeCloseTo(scoreOf(without, weights), 6);
});

it('has its mend tried against every other check', () => {
  const scene = shotScene(question);
  const { checks: results } = reportIn(scene, { checks });
  const [mend] = mendsOf(
    scene,
    results.filter((r) => r.check === 'redness'),
    checks,
  );
  expect(mend).toMatchObject({ id: 'paint', check: 'redness', elsewhere: false });
  expect(mend!.setUp!.cameraId).toBe('thumb-camera');
});

it('decides for the shot when it is the worst', () => {
  const worst = worstCheck([
    { check: 'frame', verdict: 'good', findings: [] },
    { check: 'redness', verdict: 'watch', findings: [] },
    { check: 'hold', verdict: "can't say", missing: 'nothing' },
  ]);
  expect(worst!.check).toBe('redness');
});
