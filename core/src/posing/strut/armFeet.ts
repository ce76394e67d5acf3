import { distance } from '../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { RigSpec } from '../../words/rig/rigSpec';
import { movesWith } from '../rig/movesWith';
import { poseRig } from '../rig/poseRig';
import { placedSpots, worldFromSpot } from '../rig/spots';
import type { ResolvedSetUp } from './resolvedSetUp';

/** Farther away no arm or pole of a kit reaches with any stiffness. Metres. */
const WITHIN_M = 1.5;

/** Other spots by which a further arm's base can stand: those on whatever moves with the set-up's part, the nearest first. */
export function armFeet(
  rig: RigSpec,
  { placed }: Pick<ResolvedSetUp, 'placed'>,
): readonly { readonly id: string; readonly name: string }[] {
  const posed = poseRig(rig, SET_UP_STANCE_ID);
  const here = worldFromSpot(posed, placed).position;
  return placedSpots(rig)
    .filter(({ spot }) => spot.id !== placed.spot.id && movesWith(rig, placed.spot.partId, spot.partId))
    .map((other) => ({ spot: other.spot, farM: distance(here, worldFromSpot(posed, other).position) }))
    .filter(({ farM }) => farM <= WITHIN_M)
    .sort((a, b) => a.farM - b.farM)
    .map(({ spot: { id, name } }) => ({ id, name }));
}
