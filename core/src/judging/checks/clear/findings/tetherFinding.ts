import { millimetres } from '../../../../mathematics/units/millimetres';
import type { TetherReach } from '../../../../physics/clearance/tetherReach';
import type { Finding } from '../../../../words/check/result';
import { finding } from '../../../check/finding';

/** What is said of a tether that is named: whether it reaches, and what it would let the camera reach. */
export function tetherFinding(reach: TetherReach | 'lost'): Finding {
  if (reach === 'lost')
    return told({
      verdict: 'stop',
      value: -1,
      because: 'what the tether was tied to is not on this carrier now',
      mend: 'tie it to something else',
    });
  const { anchorName, lengthM, turning, lacksM, tight } = reach;
  const goes = `the tether of ${millimetres(lengthM)} to the ${anchorName}`;
  if (lacksM > 0)
    return told({
      verdict: 'stop',
      value: -lacksM,
      because: `${goes} is ${millimetres(lacksM)} too short`,
      mend: 'a longer one, or something nearer to tie it to',
    });
  if (turning && turning.leftM < 0)
    return told({
      beside: turning.partName,
      verdict: 'stop',
      value: turning.leftM,
      because: `come off, on ${goes} the camera gets into the ${turning.partName}, ${millimetres(-turning.leftM)} too far`,
      mend: 'shorter, or tied to something farther from what turns',
    });
  if (tight)
    return told({
      verdict: 'watch',
      value: -tight.lacksM,
      because: `${goes} pulls tight in ${tight.stanceName.toLowerCase()}, ${millimetres(tight.lacksM)} too short`,
      mend: 'longer, or tied to what moves along',
    });
  return turning
    ? told({
        beside: turning.partName,
        verdict: 'good',
        value: turning.leftM,
        because: `come off, on ${goes} the camera stays ${millimetres(turning.leftM)} away from the ${turning.partName}`,
      })
    : told({ verdict: 'good', value: lengthM, because: `${goes} lets it reach nothing that turns` });
}

/** @param beside what turns there, where it is about that */
const told = ({
  beside,
  ...said
}: Pick<Finding, 'verdict' | 'value' | 'because'> & { readonly beside?: string; readonly mend?: string }): Finding =>
  finding({
    id: 'tethered',
    label: beside === undefined ? 'tether' : `tether: ${beside}`,
    unit: 'm',
    limit: [0, null],
    ...said,
  });
