import { shakeAt } from '../../../../testing/shakes';
import { frameSetUp } from '../../../physics/framing/frameSetUp';
import type { SetUp } from '../../../words/setUp/setUp';
import { shotScene } from '../../scene/shotScene';
import { frameTerm } from './frameTerm';
import { overShoulderFindings, overShoulderMet } from './overShoulder';

const stanceAt = (machineId: string, spotId: string, over: Partial<SetUp> = {}) => {
  const { rig, setUp, actionStanceId } = shakeAt(machineId, spotId, { links: [], ...over });
  return frameSetUp(rig, setUp, actionStanceId, 24, actionStanceId).stances[0]!;
};
const told = (stance: ReturnType<typeof stanceAt>) =>
  overShoulderFindings(stance).flatMap((f) => (f && f.verdict !== 'good' ? [`${f.verdict} ${f.id}`] : []));

it('between the heads of a closed car the lens looks over a shoulder', () => {
  const headrest = stanceAt('coupe', 'headrest');
  expect(told(headrest)).toEqual([]);
  expect(overShoulderMet(headrest)).toEqual([1, 1]);
});

it('a chest stands ahead of the neck: so far off nothing of it is met', () => {
  const chest = stanceAt('coupe', 'chest');
  expect(told(chest).join()).toMatch(/behind|shoulder/);
  expect(Math.min(...overShoulderMet(chest))).toBeLessThan(0.6);
});

it('a search and the trial of mends hear of the cabin too', () => {
  const scene = shotScene({ ...shakeAt('coupe', 'boot-lid'), intentId: 'over-the-shoulder', horizonAt: null });
  expect(frameTerm.judge(scene).verdict).toBe('stop');
});
