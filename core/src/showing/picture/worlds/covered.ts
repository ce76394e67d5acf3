import { groundsFor, usualRide } from '../../../posing/lookup/grounds';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import type { Ground } from '../../../words/carrier/land';
import type { RideConditions } from '../../../words/ride/rideConditions';
import type { RigSpec } from '../../../words/rig/rigSpec';

/** The ground of a carrier with what covers it where it is ridden, its usual one where nobody says; cars have a track where others have a footpath. */
export function covered(ground: Ground, rig: RigSpec, ride?: Pick<RideConditions, 'groundId'>): Ground {
  const { machine } = resolveRig(rig);
  const { groundId } = ride ?? usualRide(machine);
  const told = groundsFor(ground.world).find(({ id }) => id === groundId)?.cover;
  const footpath = ground.world === 'trail' && (told ?? 'path') === 'path';
  const cover = machine.family === 'car' && footpath ? 'track' : told;
  return cover ? { ...ground, cover } : ground;
}
