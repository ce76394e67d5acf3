import { shakeAt } from '../../../../testing/shakes';
import { frameSetUp } from '../../../physics/framing/frameSetUp';
import type { SetUp } from '../../../words/setUp/setUp';
import { overShoulderFindings, overShoulderMet } from './overShoulder';

const stanceAt = (machineId: string, spotId: string, over: Partial<SetUp> = {}) => {
  const { rig, setUp, actionStanceId } = shakeAt(machineId, spotId, { links: [], ...over });
  return frameSetUp(rig, setUp, actionStanceId, 24, actionStanceId).stances[0]!;
};
const told = (stance: ReturnType<typeof stanceAt>) =>
  overShoulderFindings(stance).flatMap((f) => (f && f.verdict !== 'good' ? [`${f.verdict} ${f.id}`] : []));

it('between the heads of a closed car the lens looks over a shoulder; from the boot lid it looks in through glass', () => {
  const headrest = stanceAt('coupe', 'headrest');
  expect(told(headrest)).toEqual([]);
  expect(overShoulderMet(headrest)).toEqual([1, 1]);
  const lid = stanceAt('coupe', 'boot-lid', { angles: { panDeg: 0, tiltDeg: 5, rollDeg: 0 } });
  expect(told(lid)).toContain('stop outside');
  expect(overShoulderMet(lid).at(-1)).toBe(0);
});

it('a visor before one’s own face is no pane between', () => {
  for (const spotId of ['helmet-top', 'helmet-side', 'chin-bar'])
    expect(told(stanceAt('motorcycle', spotId))).not.toContain('stop outside');
});

it('a chest stands ahead of the neck: so far off nothing of it is met', () => {
  const chest = stanceAt('coupe', 'chest');
  expect(told(chest).join()).toMatch(/behind|shoulder/);
  expect(Math.min(...overShoulderMet(chest))).toBeLessThan(0.6);
});
