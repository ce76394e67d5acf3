import { open, sheetFor, spotsOf, wordsOf } from '../ask';
import { outcome, type OutcomeCase } from '../case';

const HEAD = ['helmet-top', 'helmet-side', 'under-visor', 'chin-bar', 'head-front', 'mouth'];
const onHead = (spotId: string) => HEAD.includes(spotId);

/** Who follows, talking, beside the course: cases 20, 31 and 35. */
export const COMPANY_CASES: readonly OutcomeCase[] = [
  {
    id: '20',
    asked: '4×4, who follows',
    expected: 'beside the spare wheel in the first two',
    find() {
      const sheet = sheetFor('four-by-four', 'who-follows');
      return outcome(spotsOf(open(sheet), 2).includes('spare-wheel'), wordsOf(sheet));
    },
  },
  ...['mountain-bike', 'longboard', 'kayak'].map((machineId): OutcomeCase => ({
    id: `31 ${machineId}`,
    asked: `${machineId}, I talk while riding`,
    expected: 'no bite piece anywhere; head or chest first',
    find() {
      const sheet = sheetFor(machineId, 'clear-ahead', { ask: { talking: true } });
      const first = open(sheet);
      return outcome(
        first.length > 0 &&
          !sheet.places.some((p) => p.candidate.setUp.baseId === 'bite-piece') &&
          (onHead(first[0]!.spotId) || first[0]!.spotId === 'chest'),
        wordsOf(sheet),
      );
    },
  })),
  {
    id: '35',
    asked: 'beside the course, the rider passes at 4 m and at 25 m',
    expected: 'near: a wide lens shows a tenth of the height; far: it does not, and a long lens is taken',
    find() {
      const from = (distanceM: number) =>
        sheetFor('beside-the-course', 'pass-by', {
          rig: { subject: { machineId: 'mountain-bike', distanceM, bearingDeg: 0, headingDeg: 90, aboveM: 0 } },
          everything: true,
          only: ['tripod'],
        });
      const width = (distanceM: number) => open(from(distanceM))[0]?.candidate.facts.horizontalFovDeg ?? 0;
      return outcome(
        width(4) > 60 && width(25) < 45 && width(25) > 0,
        `4 m: ${width(4).toFixed(0)}°, 25 m: ${width(25).toFixed(0)}°`,
      );
    },
  },
];
