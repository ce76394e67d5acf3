import type { ClearReport } from '../../../../physics/clearance/clearReport';
import type { Finding } from '../../../../words/check/result';
import { finding } from '../../../check/finding';

export const NECK_MINUTES = 60;

/** What it does to the body that wears it. */
export function bodyFindings(report: ClearReport): readonly Finding[] {
  const found: Finding[] = [];
  if (report.liesOn !== null) {
    const { stanceName, partName } = report.liesOn;
    found.push(
      finding({
        id: 'lies',
        label: 'lying on it',
        verdict: 'stop',
        value: 0,
        unit: '',
        limit: [null, 0],
        because: `in ${stanceName.toLowerCase()} whoever wears it lies on it, on the ${partName}: something hard under the body`,
        mend: 'the head, the mouth, or the machine itself',
      }),
    );
  }
  if (report.onSpine) {
    found.push(
      finding({
        id: 'spine',
        label: 'on the back',
        verdict: 'watch',
        value: 1,
        unit: '',
        limit: [null, 0],
        because: 'in a fall backward it lies under the spine: something hard under the body',
        mend: 'behind on the machine, or at the side of the pack',
      }),
    );
  }
  if (report.headBurden !== null) {
    found.push(
      finding({
        id: 'head',
        label: 'on the head',
        verdict: 'stop',
        value: 0,
        unit: '',
        limit: [null, 0],
        because: report.headBurden,
        mend: 'a lighter, smaller camera, or the chest',
      }),
    );
  }
  if (report.neck !== null) {
    const { minutes, low, high, mostly } = report.neck;
    const tens = (m: number) => Math.max(5, m < 30 ? Math.round(m / 5) * 5 : Math.round(m / 10) * 10);
    found.push(
      finding({
        id: 'neck',
        label: 'neck',
        verdict: minutes < NECK_MINUTES ? 'watch' : 'good',
        value: minutes,
        unit: 'min',
        limit: [NECK_MINUTES, null],
        because:
          low === high
            ? 'so light that a neck hardly feels it'
            : `a neck bears it for about ${tens(minutes)} minutes (estimate, ${tens(low)} to ${tens(high)}); it is felt most in ${mostly}`,
      }),
    );
  }
  return found;
}
