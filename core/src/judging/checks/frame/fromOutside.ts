import { shelterAt, shelteredIn } from '../../../posing/scene/shelter';
import type { PosedRig } from '../../../posing/rig/poseRig';
import type { Finding } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';

const shutIn = new WeakMap<PosedRig, boolean>();

/** Whether whoever films sits in a closed cabin; found once for a stance. */
function sitsInside(rig: PosedRig): boolean {
  const known = shutIn.get(rig);
  if (known !== undefined) return known;
  const head = rig.byId.get('head');
  const made = head !== undefined && shelterAt(rig, head.worldFromPart.position) === 'closed';
  shutIn.set(rig, made);
  return made;
}

/** A shot over the shoulder that is taken from outside a closed cabin: the microphone hears no mouth, and panes and pillars stand between. Null where it is not. */
export function fromOutside({ intent, question, resolved, carrier, pose }: ShotScene): Finding | null {
  const [action] = carrier.ridden;
  if (!intent.fromBehind || !action || !sitsInside(action.rig)) return null;
  if (shelteredIn(question.rig, resolved, action.rig, pose.worldFromCamera.position)) return null;
  return {
    id: 'outside',
    label: 'panes before the filmer',
    verdict: 'stop',
    value: 1,
    unit: '',
    limit: [null, 0],
    margin: -1,
    because: 'it looks into the closed cabin from outside: over no shoulder, and away from the voice',
    mend: { text: 'a place in the cabin behind the seats' },
  };
}
