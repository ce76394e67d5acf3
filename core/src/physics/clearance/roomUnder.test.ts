import { shotAt } from '../../../outcomes/ask';
import { poseRig } from '../../posing/rig/poseRig';
import { poseStrut } from '../../posing/strut/kinematics';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { SetUp } from '../../words/setUp/setUp';
import { roomUnder } from './roomUnder';

const under = (machineId: string, spotId: string, setUp: Partial<SetUp> = {}) => {
  const { rig, setUp: built, actionStanceId } = shotAt(machineId, spotId, 'clear-ahead', { setUp });
  const resolved = resolveSetUp(rig, built);
  const action = poseRig(rig, actionStanceId);
  return roomUnder(rig, resolved, poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), action), action);
};
const thumb = { cameraId: 'thumb-camera', modeId: 'wide', stabiliserId: 'off' };

it('on top of a panel it tells what may stand there with the canopy shut, whichever camera asks', () => {
  const [low, tall] = [
    under('glider', 'panel-top', thumb)!,
    under('glider', 'panel-top', { cameraId: 'two-lens-360', modeId: 'reframed', stabiliserId: 'sphere' })!,
  ];
  expect(low.partName).toContain('canopy');
  expect(tall.standsM).toBeGreaterThan(low.standsM + 0.03);
  expect(low.standsM).toBeLessThan(low.roomM);
  expect(tall.standsM).toBeGreaterThan(tall.roomM);
  // The same canopy over the same panel; only their corners lie elsewhere under its curve.
  expect(Math.abs(tall.roomM - low.roomM)).toBeLessThan(0.04);
});

it('a riser under the camera takes of the room what it is high', () => {
  const plain = under('glider', 'panel-top', thumb)!;
  const raised = under('glider', 'panel-top', {
    ...thumb,
    links: [{ linkId: 'riser', lengthM: 0.03, bendDeg: 0, turnDeg: 0 }],
  })!;
  expect(raised.standsM - plain.standsM).toBeCloseTo(0.03, 3);
});

it('a wall, an open deck and a closed car have nothing that is shut over them', () => {
  expect(under('glider', 'side-wall-right')).toBeNull();
  expect(under('kayak', 'fore-deck')).toBeNull();
  expect(under('coupe', 'dash')).toBeNull();
});
