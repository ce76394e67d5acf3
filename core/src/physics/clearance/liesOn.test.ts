import { shakeAt } from '../../../testing/shakes';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { liesOn } from './liesOn';

const at = (machineId: string, spotId: string) => {
  const { rig, setUp } = shakeAt(machineId, spotId);
  return liesOn(rig, resolveSetUp(rig, setUp));
};

it('who paddles prone lies on a chest camera; who crouches over a bar does not (common practice, no source)', () => {
  expect(at('surfboard', 'chest')).toEqual({ stanceName: 'Paddling', partName: 'board' });
  for (const machineId of ['road-bike', 'mountain-bike', 'motorcycle', 'kayak', 'glider'])
    expect(at(machineId, 'chest')).toBeNull();
  expect(at('surfboard', 'mouth')).toBeNull();
});
