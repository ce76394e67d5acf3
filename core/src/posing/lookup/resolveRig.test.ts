import { newCarrier } from '../../deciding/outing/newOuting';
import { resolveRig } from './resolveRig';

const { rig } = newCarrier('c', 'road-bike', 1.6);

it('a rig has the measures of its rider’s size, the same object each time it is asked', () => {
  const { fit } = resolveRig(rig);
  expect(fit.saddleHeightM).toBeLessThan(0.7);
  expect(resolveRig(rig).fit).toBe(fit);
  expect(resolveRig({ ...rig, statureM: 1.75 }).fit.saddleHeightM).toBeCloseTo(0.73, 9);
  expect(resolveRig({ ...rig, fit: { saddleHeightM: 0.8 } }).fit.saddleHeightM).toBe(0.8);
});

it('a name that the catalogue lacks is told', () => {
  expect(() => resolveRig({ ...rig, machineId: 'raft' })).toThrow('no machine "raft"');
  expect(() => resolveRig({ ...rig, wornIds: ['crown'] })).toThrow('nothing worn called "crown"');
});
