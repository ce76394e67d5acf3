import { newCarrier } from '../outing/newOuting';
import { intentOf } from '../../posing/lookup/intentOf';
import { usualRide } from '../../posing/lookup/grounds';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { placedSpots } from '../../posing/rig/spots';
import { standardCamera } from '../../posing/strut/plainSetUp';
import { shotReport } from '../../judging/report/shotReport';
import { firstPlacement } from './firstPlacement';
import { asRidden } from './handFree';

const placed = (machineId: string, intentId: string) => {
  const { rig } = newCarrier('c', machineId, 1.75);
  const { machine } = resolveRig(rig);
  const asked = { rig, actionStanceId: machine.actionStanceId, ride: usualRide(machine) };
  return { asked, placement: firstPlacement({ ...asked, intent: intentOf(intentId), camera: standardCamera() }) };
};

it.each([
  ['mountain-bike', 'hands-and-trail'],
  ['motorcycle', 'clear-ahead'],
  ['buggy', 'look-back-at-the-face'],
  ['kayak', 'hands-and-trail'],
  ['longboard', 'machine-at-work'],
  // Nothing plain shows it: a pole in both hands does, in the stance for it.
  ['snowboard', 'whole-craft'],
] as const)('%s, %s: what a shot begins with is stopped by no check', (machineId, intentId) => {
  const { asked, placement } = placed(machineId, intentId);
  expect(placement).toMatchObject({ stopped: false });
  const { setUp, horizonAt, onlyIn } = placement!;
  const report = shotReport({ ...asRidden(asked, onlyIn), setUp, intentId, horizonAt });
  // The full checks look finer than the placement did; what they find may be a watch, not a stop.
  expect(report.checks.filter((c) => c.verdict === 'stop').map((c) => c.check)).toEqual([]);
});

it('is the same each time, on a spot that the carrier has, with pieces of the kit', () => {
  const [first, again] = [placed('snowboard', 'clear-ahead'), placed('snowboard', 'clear-ahead')];
  expect(first.placement).toEqual(again.placement);
  expect(placedSpots(first.asked.rig).map((p) => p.spot.id)).toContain(first.placement!.spotId);
});

it('is nothing where nothing shows what is asked', () => {
  expect(placed('multirotor', 'look-back-at-the-face').placement).toBeNull();
});
