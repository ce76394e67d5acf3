import type { TetherReach } from '../../../physics/clearance/tetherReach';
import type { Finding } from '../../../words/check/result';
import { millimetres } from '../../../mathematics/units/millimetres';

/** What is said of a tether that is named: whether it reaches, and what it would let the camera reach. */
export function tetherFindings(reach: TetherReach | 'lost'): readonly Finding[] {
  const finding = (
    label: string,
    verdict: Finding['verdict'],
    value: number,
    because: string,
    mend: string | null = null,
  ): Finding => ({
    id: 'tethered',
    label,
    verdict,
    value,
    unit: 'm',
    limit: [0, null],
    margin: value,
    because,
    mend: mend === null ? null : { text: mend },
  });
  if (reach === 'lost')
    return [
      finding(
        'tether',
        'stop',
        -1,
        'what the tether was tied to is not on this carrier now',
        'tie it to something else',
      ),
    ];
  const { anchorName, lengthM, turning, lacksM, tight } = reach;
  const goes = `the tether of ${millimetres(lengthM)} to the ${anchorName}`;
  if (lacksM > 0)
    return [
      finding(
        'tether',
        'stop',
        -lacksM,
        `${goes} is ${millimetres(lacksM)} too short`,
        'a longer one, or something nearer to tie it to',
      ),
    ];
  if (turning && turning.leftM < 0)
    return [
      finding(
        `tether: ${turning.partName}`,
        'stop',
        turning.leftM,
        `come off, on ${goes} the camera gets into the ${turning.partName}, ${millimetres(-turning.leftM)} too far`,
        'shorter, or tied to something farther from what turns',
      ),
    ];
  if (tight)
    return [
      finding(
        'tether',
        'watch',
        -tight.lacksM,
        `${goes} pulls tight in ${tight.stanceName.toLowerCase()}, ${millimetres(tight.lacksM)} too short`,
        'longer, or tied to what moves along',
      ),
    ];
  return [
    finding(
      turning ? `tether: ${turning.partName}` : 'tether',
      'good',
      turning?.leftM ?? lengthM,
      turning
        ? `come off, on ${goes} the camera stays ${millimetres(turning.leftM)} away from the ${turning.partName}`
        : `${goes} lets it reach nothing that turns`,
    ),
  ];
}
