import { newCarrier } from '../../../deciding/outing/newOuting';
import { usualRide } from '../../../posing/lookup/grounds';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import { placedSpot } from '../../../posing/rig/spots';
import { routeTo } from './route';

function routeOn(machineId: string, spotId: string) {
  const { rig } = newCarrier('c', machineId, 1.75);
  const { machine } = resolveRig(rig);
  return routeTo({ rig, ride: usualRide(machine), placed: placedSpot(rig, spotId)!, stanceId: machine.actionStanceId });
}
const stagesOn = (machineId: string, spotId: string) => routeOn(machineId, spotId).stages.map(({ name }) => name);

it('a tailgate swings with the wheel that hangs on it, as that does; the bonnet of the same car does not', () => {
  expect(stagesOn('four-by-four', 'boot-lid')).toEqual(stagesOn('four-by-four', 'spare-wheel'));
  expect(stagesOn('four-by-four', 'boot-lid')).toHaveLength(1);
  expect([stagesOn('four-by-four', 'bonnet'), stagesOn('coupe', 'boot-lid')]).toEqual([[], []]);
});

it('on a body shaking comes through its limbs, and the more of them the farther up; on a machine by what swings there', () => {
  const [boot, hip, chest, head] = ['boot', 'hip', 'chest', 'helmet-top'].map((id) => routeOn('mountain-bike', id));
  expect([boot, hip, chest, head].map((route) => route!.zone)).toEqual(['foot', 'hips', 'chest', 'head']);
  expect(hip!.stages.length).toBeGreaterThanOrEqual(boot!.stages.length);
  expect(chest!.stages.length).toBeGreaterThanOrEqual(hip!.stages.length);
  expect(head!.stages.length).toBeGreaterThan(chest!.stages.length);
  const bar = routeOn('mountain-bike', 'handlebar');
  expect([bar.zone, bar.steered]).toEqual([null, true]);
});

it('is measured along the machine: the front of a car stands ahead of its rear axle, a head higher than a boot', () => {
  const at = (spotId: string) => routeOn('coupe', spotId);
  expect(at('front-bumper').xM).toBeGreaterThan(1.5);
  expect(at('rear-bumper').xM).toBeLessThan(-1.5);
  const [boot, head] = ['boot', 'helmet-top'].map((id) => routeOn('mountain-bike', id).aboveM);
  expect(head! - boot!).toBeGreaterThan(1);
});
