import { millimetres } from '../../../../mathematics/units/millimetres';
import type { ClearReport } from '../../../../physics/clearance/clearReport';
import { agree } from '../../../../words/carrier/inSentences';
import type { Finding } from '../../../../words/check/result';
import { finding } from '../../../check/finding';
import { NEAR_M, STRIKES_M } from './contactFindings';

/** What turns beside it, and would wind up a loop. */
export function turningFinding({ turning, tethered }: ClearReport): readonly Finding[] {
  // Named it is judged as it is; the camera as it is mounted is still kept off what turns.
  if (!turning || (tethered && turning.distanceM >= NEAR_M)) return [];
  const { partName, distanceM, neededM, tetherM, anchors } = turning;
  const turns = agree(partName, 'turns', 'turn');
  const away = distanceM < STRIKES_M ? 'right at it' : `${millimetres(distanceM)} away`;
  return [
    finding({
      id: 'tether',
      label: 'tether beside what turns',
      verdict: distanceM < NEAR_M ? 'stop' : tetherM === null ? 'watch' : 'good',
      value: distanceM,
      unit: 'm',
      limit: [neededM, null],
      because:
        tetherM === null
          ? `the ${partName} ${turns} ${away}: a loop would be wound up; ${anchors.length > 0 ? `a tie of 20 to 40 mm to the ${anchors[0]!}, or ` : ''}no tether and two fastenings that hold each by itself`
          : `the ${partName} ${turns} ${millimetres(distanceM)} away: a tether of at most ${millimetres(tetherM)}`,
      mend: tetherM === null ? 'two independent fastenings, or a place away from what turns' : null,
    }),
  ];
}
