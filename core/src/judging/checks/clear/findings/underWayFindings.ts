import { millimetres } from '../../../../mathematics/units/millimetres';
import type { ClearReport } from '../../../../physics/clearance/clearReport';
import { HEARD_WITHIN_M } from '../../../../physics/clearance/noticed';
import type { Finding } from '../../../../words/check/result';
import { finding } from '../../../check/finding';

/** Whether it can be started, and seen or heard running, under way. */
export function underWayFindings({ reachShare, noticed }: ClearReport): readonly Finding[] {
  const found: Finding[] = [];
  if (reachShare !== null) {
    const out = reachShare > 1;
    found.push(
      finding({
        id: 'reach',
        label: 'within reach',
        verdict: out ? 'watch' : 'good',
        value: reachShare * 100,
        unit: '%',
        limit: [null, 100],
        because: out
          ? 'its button is out of reach under way: start it before, by a remote or by voice'
          : 'its button can be reached; not while hands are needed',
      }),
    );
  }
  if (noticed) {
    const { seenShare, fromHeadM } = noticed;
    const heard = fromHeadM <= HEARD_WITHIN_M;
    const seen = seenShare > 0;
    // Seen it need not be heard: what is told is what decides.
    const [value, unit, limit] = seen
      ? ([seenShare * 100, '%', [0, null]] as const)
      : ([fromHeadM, 'm', [null, HEARD_WITHIN_M]] as const);
    found.push(
      finding({
        id: 'noticed',
        label: 'seen or heard running',
        verdict: seen || heard ? 'good' : 'watch',
        value,
        unit,
        limit,
        because: seen
          ? `it can be seen under way${heard ? ', and its beep heard' : ''}`
          : heard
            ? `out of sight, but ${millimetres(fromHeadM)} from the head its beep is heard`
            : 'neither seen nor heard under way: look at it at every stop',
      }),
    );
  }
  return found;
}
