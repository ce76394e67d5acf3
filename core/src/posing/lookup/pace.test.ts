import { resolveRig } from './resolveRig';
import { usualRide } from './grounds';
import { fastestPace, riddenIn } from './pace';
import { bikeRig } from '../../../testing/rigs';

const { machine } = resolveRig(bikeRig());
const ride = usualRide(machine);

it('one hand off is ridden slower; in other stances the ride is the very same', () => {
  expect(riddenIn(machine, ride, 'one-hand').speedMps).toBeCloseTo(0.6 * ride.speedMps, 12);
  expect(riddenIn(machine, ride, 'crouch')).toBe(ride);
});

it('only what is ridden sets the fastest pace', () => {
  expect(fastestPace(machine)).toBe(1);
  const slow = resolveRig(
    bikeRig({ stanceShares: { seated: 0, crouch: 0, steep: 0, lean: 0, 'one-hand': 1 } }),
  ).machine;
  expect(fastestPace(slow)).toBeCloseTo(0.6, 12);
});
