import { shelterAt, shelterIn } from '../../../posing/scene/shelter';
import type { PosedRig } from '../../../posing/rig/poseRig';
import type { Finding } from '../../../words/check/result';
import { finding } from '../../check/finding';
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

/**
 * A shot taken on the wrong side of a closed cabin in which the filmer sits. Over the shoulder from outside: the microphone hears no mouth, and panes
 * and pillars stand between. Low over the ground from inside: doors and bonnet hide what streams by. Null where it is on the right side.
 */
export function wrongSideOfCabin({ intent, question, resolved, carrier, pose }: ShotScene): Finding | null {
  const [action] = carrier.ridden;
  const low = intent.lensBelowM !== undefined;
  if (!(intent.fromBehind || low) || !action || !sitsInside(action.rig)) return null;
  const shelter = shelterIn(question.rig, resolved, action.rig, pose.worldFromCamera.position);
  if (low)
    return shelter === 'closed'
      ? finding({
          ...WRONG_SIDE,
          id: 'inside',
          label: 'shut in',
          because: 'it sits in the closed cabin, where doors and bonnet hide the ground that streams by',
          mend: 'a place outside, low on the bodywork',
        })
      : null;
  return shelter === 'open'
    ? finding({
        ...WRONG_SIDE,
        id: 'outside',
        label: 'panes before the filmer',
        because: 'it looks into the closed cabin from outside: over no shoulder, and away from the voice',
        mend: 'a place in the cabin behind the seats',
      })
    : null;
}

const WRONG_SIDE = { verdict: 'stop', value: 1, unit: '', limit: [null, 0] } as const;
