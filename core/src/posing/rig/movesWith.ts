import type { RigSpec } from '../../words/rig/rigSpec';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { resolveRig } from '../lookup/resolveRig';
import { movingAgainst } from './movingAgainst';
import { poseRig } from './poseRig';

/** Whether two parts keep their places against each other in every stance and movement, so that something may be fixed to both. */
export function movesWith(rig: RigSpec, partId: string, otherId: string): boolean {
  if (partId === otherId) return true;
  const posed = poseRig(rig, SET_UP_STANCE_ID);
  const [part, other] = [posed.byId.get(partId), posed.byId.get(otherId)];
  if (!part || !other || part.on !== other.on || part.bends || other.bends) return false;
  // What one wears bends with the body, and is no scaffold.
  if (part.group !== other.group || part.group !== 'machine') return false;
  const stances = resolveRig(rig).machine.stances.map(({ id }) => poseRig(rig, id));
  return !movingAgainst(posed, stances, partId).has(otherId);
}
