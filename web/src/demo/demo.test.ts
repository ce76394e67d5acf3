import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseOuting, shotReport, shotQuestion } from '@strut-spot/core';

const parsed = parseOuting(readFileSync(join(__dirname, 'skerra.json'), 'utf8'));

it('the demo trip is whole: eight shots or more over four carriers or more, and they say what they should', () => {
  if (!parsed.ok) throw new Error(parsed.problems.join());
  const outing = parsed.value;
  expect(outing.shots.length).toBeGreaterThanOrEqual(8);
  expect(new Set(outing.shots.map((s) => s.carrierId)).size).toBeGreaterThanOrEqual(4);
  const verdicts = outing.shots.map((shot) => [
    shot.id,
    ...shotReport(shotQuestion(outing, shot), { columns: 32, only: ['frame', 'steady', 'hold'] }).checks.map(
      (check) => check.verdict,
    ),
  ]);
  // Frame, steady and hold: the evening flight is good in both, two first tries are there to be mended.
  expect(verdicts).toContainEqual(['flight', 'good', 'good', 'good']);
  expect(verdicts.find(([id]) => id === 'first-try')).toEqual(['first-try', 'stop', 'watch', 'good']);
  expect(verdicts.find(([id]) => id === 'buggy-arm')).toEqual(['buggy-arm', 'good', 'stop', 'stop']);
});
