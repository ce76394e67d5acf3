import { millimetres } from '../../../../mathematics/units/millimetres';
import type { ClearReport } from '../../../../physics/clearance/clearReport';
import type { Finding } from '../../../../words/check/result';
import { finding } from '../../../check/finding';
import { STRIKES_M } from './contactFindings';

/** Whether whoever sits inside gets out past it. */
export function wayOutFinding({ waysOut }: ClearReport): readonly Finding[] {
  if (waysOut.length === 0) return [];
  const byGap = [...waysOut].sort((a, b) => b.gapM - a.gapM);
  const [best, worst] = [byGap[0]!, byGap.at(-1)!];
  const verdict = best.gapM < 0 ? 'stop' : worst.gapM < 0 ? 'watch' : 'good';
  return [
    finding({
      id: 'way-out',
      label: 'way out',
      verdict,
      value: worst.gapM,
      unit: 'm',
      limit: [0, null],
      because:
        worst.gapM < 0
          ? `it stands in the way out by the ${worst.name}${best.gapM >= 0 ? `; the ${best.name} stays free` : ''}`
          : `every way out stays free, by ${millimetres(worst.gapM)} at the ${worst.name}`,
      mend: verdict === 'good' ? null : 'out of the way of whoever has to get out',
    }),
  ];
}

/** Whether a canopy or a lid still shuts over it. */
export function roomFinding({ room }: ClearReport): readonly Finding[] {
  if (!room) return [];
  const { partName, roomM, standsM } = room;
  const leftM = roomM - standsM;
  return [
    finding({
      id: 'room',
      label: `under the ${partName}`,
      verdict: leftM < 0 ? 'stop' : leftM < STRIKES_M ? 'watch' : 'good',
      value: standsM,
      unit: 'm',
      limit: [null, roomM],
      because: `with the ${partName} shut ${millimetres(roomM)} may stand there, this stands ${millimetres(standsM)}${leftM < STRIKES_M ? ': only what is meant to be pressed on is held by it' : ''}`,
      mend: leftM < 0 ? 'a lower camera, or one that lies flat' : null,
    }),
  ];
}
