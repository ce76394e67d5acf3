import { millimetres } from '../../../../mathematics/units/millimetres';
import type { ClearReport } from '../../../../physics/clearance/clearReport';
import type { Approach } from '../../../../physics/clearance/strikes';
import { agree } from '../../../../words/carrier/inSentences';
import { worseThan, type Finding, type Verdict } from '../../../../words/check/result';
import { finding } from '../../../check/finding';

/** Nearer than this it strikes; nearer than the second it may, as bodies give and figures are estimates. */
export const STRIKES_M = 0.004;
export const NEAR_M = 0.03;
/** Below a millimetre nothing is measured. */
const TOUCHES_M = 0.001;

/** Whether it is met softly: cloth and limbs that brush a camera are felt and lived with. */
const brushes = (near: Pick<Approach, 'soft'>): boolean => near.soft;

/** What something that comes near is called: hard things that meet strike, soft ones on a body brush. */
export const contactVerdict = (near: Pick<Approach, 'distanceM' | 'soft'>): Verdict =>
  near.distanceM < STRIKES_M ? (brushes(near) ? 'watch' : 'stop') : near.distanceM < NEAR_M ? 'watch' : 'good';

/** What comes nearest under way, and as the head or the legs of whoever films move. */
export function contactFindings({ approaches }: ClearReport): readonly Finding[] {
  // What matters most first: something hard a little farther off counts before cloth that brushes.
  const nearest = approaches
    .filter((a) => !a.sweeping?.own)
    .reduce<Approach | undefined>(
      (worst, a) => (worst && !worseThan(contactVerdict(a), contactVerdict(worst)) ? worst : a),
      undefined,
    );
  const byHead = approaches.find((a) => a.sweeping?.own === 'head');
  const byLegs = approaches.find((a) => a.sweeping?.own === 'legs');
  return [
    nearest ? contactFinding(nearest, { id: 'strike', label: 'nearest that moves' }) : NOTHING_NEAR,
    // A head can be held back where bars and sails can't.
    ...(byHead ? [contactFinding(byHead, { id: 'nod', label: 'as the head moves', atWorst: 'watch' })] : []),
    ...(byLegs ? [contactFinding(byLegs, { id: 'knees', label: 'as the legs pedal', atWorst: 'watch' })] : []),
  ];
}

const NOTHING_NEAR = finding({
  id: 'strike',
  label: 'nearest that moves',
  verdict: 'good',
  value: 0.6,
  unit: 'm',
  limit: [NEAR_M, null],
  because: 'nothing that moves comes within 0.6 m',
});

function contactFinding(
  near: Approach,
  { id, label, atWorst = 'stop' }: Pick<Finding, 'id' | 'label'> & { readonly atWorst?: Verdict },
): Finding {
  const { distanceM: d, partName, sweeping, stanceName } = near;
  const met = contactVerdict(near);
  const verdict = met === 'stop' ? atWorst : met;
  const meets = brushes(near)
    ? agree(partName, 'brushes', 'brush')
    : d < TOUCHES_M
      ? agree(partName, 'touches', 'touch')
      : agree(partName, 'strikes', 'strike');
  const how = sweeping ? `as the ${sweeping.name} ${sweeping.verb}` : `in ${stanceName.toLowerCase()}`;
  return finding({
    id,
    label: `${label}: ${partName}`,
    verdict,
    value: d,
    unit: 'm',
    limit: [NEAR_M, null],
    because: `${partName} ${d < STRIKES_M ? `${meets} camera or strut` : `${agree(partName, 'comes', 'come')} within ${millimetres(d)} of camera or strut`} ${how}`,
    mend:
      verdict === 'good'
        ? null
        : sweeping?.own === 'legs'
          ? 'turn the cranks once round by hand and look; another place, or another turn of the strut'
          : 'another place, a shorter strut or another turn of it',
  });
}
