import type { StrutPose } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { RideConditions } from '../../words/ride/rideConditions';
import { usual } from '../../words/sourced/ends';
import { interfacesTried, marginOf } from './interfaces';
import { heldArms } from './loads/armLoads';
import { onSurface, type LoadEnvelope } from './loads/loads';

/**
 * The first interface, from the surface outward, that some moment of the ride tears open; null where all hold. Ends there: for a search, which asks it of
 * thousands. @param margin limit over demand below which it lets go
 */
export function firstToLetGo(
  {
    resolved,
    pose,
    ride,
  }: { readonly resolved: ResolvedSetUp; readonly pose: StrutPose; readonly ride: RideConditions },
  envelope: LoadEnvelope,
  margin = 1,
): string | null {
  for (const { face, arm, ...at } of interfacesTried(resolved, heldArms(resolved, pose), envelope, ride)) {
    for (const { direction, flow } of at.worthTrying()) {
      const load = at.loads(direction, flow);
      const limits = at.limits(load, onSurface(load, arm.normal, arm.ahead), usual);
      if (limits.some((limit) => marginOf(limit) < margin)) return face.name;
    }
  }
  return null;
}
