import type { ClearReport } from '../../../../physics/clearance/clearReport';
import { inARow } from '../../../../words/carrier/inSentences';
import type { CarrierFamily } from '../../../../words/carrier/machine';
import type { Finding } from '../../../../words/check/result';
import { finding } from '../../../check/finding';

const littleShare = (share: number): string => (share < 0.001 ? 'less than 0.1 %' : `${(share * 100).toFixed(1)} %`);

/** Of the middle of the field of view; drivers and pilots bear less. Common practice. */
export const SIGHT = { driver: { watch: 0.002, stop: 0.02 }, rider: { watch: 0.03, stop: 0.12 } } as const;
/** Of one mirror, or of the instruments. Common practice: none of it for a driver or pilot. */
const WATCHED = { driver: { watch: 0.02, stop: 0.1 }, rider: { watch: 0.1, stop: 1 } } as const;
export const DRIVERS: readonly CarrierFamily[] = ['car', 'aircraft'];

/** What it hides from the eyes of whoever rides or drives. */
export function sightFindings(report: ClearReport, family: CarrierFamily): readonly Finding[] {
  const found: Finding[] = [];
  if (report.sight) {
    const bears = DRIVERS.includes(family) ? SIGHT.driver : SIGHT.rider;
    const { share, middleShare, at } = report.sight;
    const verdict = middleShare > bears.stop ? 'stop' : middleShare > bears.watch ? 'watch' : 'good';
    found.push(
      finding({
        id: 'sight',
        label: 'hidden from the eyes',
        verdict,
        value: middleShare * 100,
        unit: '%',
        limit: [null, bears.watch * 100],
        because: at
          ? `it hides ${littleShare(share)} of the field of view, ${littleShare(middleShare)} of its middle, about ${Math.round(Math.abs(at.rightDeg))}° ${at.rightDeg < 0 ? 'left' : 'right'} and ${Math.round(Math.abs(at.upDeg))}° ${at.upDeg < 0 ? 'down' : 'up'}`
          : 'it hides nothing from the eyes',
        mend: verdict === 'good' ? null : 'out of the middle of the field of view',
      }),
    );
  }
  const [mostHidden] = report.watched;
  if (mostHidden) {
    const bears = DRIVERS.includes(family) ? WATCHED.driver : WATCHED.rider;
    const { hiddenShare } = mostHidden;
    const verdict = hiddenShare > bears.stop ? 'stop' : hiddenShare > bears.watch ? 'watch' : 'good';
    const hidden = report.watched.filter((w) => w.hiddenShare > bears.watch);
    found.push(
      finding({
        id: 'watched',
        label: 'mirrors and instruments',
        verdict,
        value: hiddenShare * 100,
        unit: '%',
        limit: [null, bears.watch * 100],
        because:
          hidden.length > 0
            ? `it hides ${inARow(hidden.map((w) => `${Math.ceil(w.hiddenShare * 100)} % of the ${w.name}`))} from the eyes`
            : `it leaves ${inARow(report.watched.map((w) => `the ${w.name}`))} in sight`,
        mend: verdict === 'good' ? null : 'beside or below what is looked at, or a shorter strut',
      }),
    );
  }
  return found;
}
