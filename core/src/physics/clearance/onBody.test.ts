import { shakeAt } from '../../../testing/shakes';
import { newCarrier } from '../../deciding/outing/newOuting';
import { poseRig } from '../../posing/rig/poseRig';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { transformPoint } from '../../mathematics/geometry/pose';
import { armReach } from './armReach';
import { clearReport } from './clearReport';

it('a hand reaches the chest and no button on its own back; where nobody is on board there is no arm', () => {
  const posed = poseRig(newCarrier('c', 'kayak', 1.75).rig, 'set-up');
  const onTrunk = (v: Vec3) => transformPoint(posed.byId.get('ribcage')!.worldFromPart, v);
  expect(armReach(posed, onTrunk([0.15, 0.2, 0]), 1.75)).toBeLessThan(0.7);
  expect(armReach(posed, onTrunk([-0.15, 0.2, 0]), 1.75)).toBeGreaterThan(1);
  expect(armReach(posed, onTrunk([3, 0.2, 0]), 1.75)).toBeGreaterThan(2);
  expect(armReach(poseRig(newCarrier('c', 'multirotor', 1.75).rig, 'set-up'), [0, 0, 0], 1.75)).toBeNull();
});

it('worn on the back it lies under the spine in a fall; on chest and hip it does not', () => {
  const spine = (spotId: string) => clearReport(shakeAt('kayak', spotId)).onSpine;
  expect([spine('back'), spine('chest'), spine('hip')]).toEqual([true, false, false]);
});

it('a boot on land goes through plants, on a board among waves it does not; a hip is above them', () => {
  const low = (machineId: string, spotId: string) => clearReport(shakeAt(machineId, spotId)).wornLowM;
  for (const machineId of ['mountain-bike', 'motorcycle', 'skis']) expect(low(machineId, 'boot')!).toBeLessThan(0.6);
  expect(low('mountain-bike', 'hip')).toBeNull();
  for (const machineId of ['powerboat', 'four-by-four', 'buggy']) expect(low(machineId, 'boot')).toBeNull();
  // Low on the machine itself it is the machine that goes through them.
  expect(low('motorcycle', 'fork-leg')).toBeNull();
});
