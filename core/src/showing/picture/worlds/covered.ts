import { groundsFor, usualRide } from '../../../posing/lookup/grounds';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import type { Ground } from '../../../words/carrier/land';
import type { RideConditions } from '../../../words/ride/rideConditions';
import type { RigSpec } from '../../../words/rig/rigSpec';

/** The ground of a carrier with what covers it where it is ridden; its usual one where nobody says. */
export function covered(ground: Ground, rig: RigSpec, ride?: Pick<RideConditions, 'groundId'>): Ground {
  const { groundId } = ride ?? usualRide(resolveRig(rig).machine);
  const cover = groundsFor(ground.world).find(({ id }) => id === groundId)?.cover;
  return cover ? { ...ground, cover } : ground;
}
