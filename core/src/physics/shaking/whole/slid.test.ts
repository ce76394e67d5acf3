import { shotAt } from '../../../../outcomes/ask';
import { shotReport } from '../../../judging/report/shotReport';
import { shakeQuestionOf } from '../../../judging/scene/shotScene';
import { shakeIn } from './shakeOf';
import { shakeScene } from './shakeScene';

/** A camera high or low on the catamaran's mast. */
const onMast = (slideM: number) => shotAt('beach-catamaran', 'mast', 'low-and-fast', { setUp: { slideM } });
const jumpAt = (slideM: number) => shakeIn(shakeScene(shakeQuestionOf(onMast(slideM)))).jump;

it('a place that slides shakes as it does there, whichever place of the same spot was asked for before', () => {
  const [low, high] = [jumpAt(-0.8), jumpAt(0.8)];
  expect(high).not.toBeCloseTo(low, 3);
  expect(jumpAt(-0.8)).toBe(low);
  const told = (slideM: number) => JSON.stringify(shotReport(onMast(slideM), { only: ['steady'] }).checks);
  const first = told(-0.8);
  told(0.8);
  expect(told(-0.8)).toBe(first);
});
