import { shakeAt } from '../../../../testing/shakes';
import { frameSetUp } from '../../../physics/framing/frameSetUp';
import type { SetUp } from '../../../words/setUp/setUp';
import { shotScene } from '../../scene/shotScene';
import { frameTerm } from './frameTerm';
import { fromOutside } from './fromOutside';
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

it('from outside a closed cabin it looks over no shoulder; where people sit in the open there is no outside', () => {
  const outside = (machineId: string, spotId: string, intentId = 'over-the-shoulder') =>
    fromOutside(shotScene({ ...shakeAt(machineId, spotId), intentId, horizonAt: null }))?.verdict ?? null;
  expect([outside('coupe', 'boot-lid'), outside('coupe', 'rear-body'), outside('four-by-four', 'roof')]).toEqual(['stop', 'stop', 'stop']);
  expect([outside('coupe', 'headrest'), outside('glider', 'canopy-frame'), outside('light-aircraft', 'window')]).toEqual([null, null, null]);
  expect([outside('buggy', 'cage-rear'), outside('motorcycle', 'helmet-top'), outside('coupe', 'boot-lid', 'who-follows')]).toEqual([null, null, null]);
}); // prettier-ignore

it('a chest stands ahead of the neck: so far off nothing of it is met', () => {
  const chest = stanceAt('coupe', 'chest');
  expect(told(chest).join()).toMatch(/behind|shoulder/);
  expect(Math.min(...overShoulderMet(chest))).toBeLessThan(0.6);
});

it('a search and the trial of mends hear of the cabin too', () => {
  const scene = shotScene({ ...shakeAt('coupe', 'boot-lid'), intentId: 'over-the-shoulder', horizonAt: null });
  expect(frameTerm.judge(scene).verdict).toBe('stop');
});
