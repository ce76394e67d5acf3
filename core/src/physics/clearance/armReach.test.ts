import { newCarrier } from '../../deciding/outing/newOuting';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { poseRig } from '../../posing/rig/poseRig';
import { placedSpot } from '../../posing/rig/spots';
import { transformPoint } from '../../mathematics/geometry/pose';
import { armReach } from './armReach';

/** In the action stance, the camera a hand's width off the spot. */
function reachAt(machineId: string, spotId: string): number {
  const { rig } = newCarrier('c', machineId, 1.75);
  const posed = poseRig(rig, resolveRig(rig).machine.actionStanceId);
  const { spot, partFromSpot } = placedSpot(rig, spotId)!;
  const on = transformPoint(partFromSpot, [0, 0.06, 0]);
  return armReach(posed, transformPoint(posed.byId.get(spot.partId)!.worldFromPart, on), rig.statureM)!;
}

it.each(['mountain-bike', 'road-bike', 'motorcycle', 'kayak'])(
  'on a %s a hand gets to helmet and chest, however far the rider leans',
  (machineId) => {
    for (const spotId of ['helmet-top', 'helmet-side', 'chest']) expect(reachAt(machineId, spotId)).toBeLessThan(1);
  },
);

it('no hand gets to one’s own back', () => {
  for (const machineId of ['road-bike', 'kayak']) expect(reachAt(machineId, 'back')).toBeGreaterThan(1);
});

it('nobody on board reaches anything', () => {
  const { rig } = newCarrier('c', 'multirotor', 1.75);
  expect(armReach(poseRig(rig, resolveRig(rig).machine.actionStanceId), [0, 0, 0], 1.75)).toBeNull();
});
