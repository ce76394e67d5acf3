import { open, sheetFor, spotsOf, wordsOf } from '../ask';
import { outcome, type OutcomeCase } from '../case';

const HEAD = ['helmet-top', 'helmet-side', 'under-visor', 'chin-bar', 'head-front', 'mouth'];
const onHead = (spotId: string) => HEAD.includes(spotId);

/** On water, on snow and beside the course: cases 20 and 28 to 35. */
export const WATER_CASES: readonly OutcomeCase[] = [
  {
    id: '20',
    asked: '4×4, who follows',
    expected: 'beside the spare wheel in the first two',
    find() {
      const sheet = sheetFor('four-by-four', 'who-follows');
      return outcome(spotsOf(open(sheet), 2).includes('spare-wheel'), wordsOf(sheet));
    },
  },
  {
    id: '28',
    asked: 'beach catamaran, whole craft and crew',
    expected: 'boom end, mast or bow offered',
    find() {
      const sheet = sheetFor('beach-catamaran', 'whole-craft');
      return outcome(
        spotsOf(open(sheet)).some((id) => ['boom-end', 'mast', 'bow'].includes(id)),
        wordsOf(sheet),
      );
    },
    notYet:
      'the rear beam alone shows boat and crew whole, and little holds there: a pole lashed twice along the boom is missing (Hold)',
  },
  {
    id: '29',
    asked: 'kayak, look back at the face',
    expected: 'fore deck or bow first',
    find() {
      const sheet = sheetFor('kayak', 'look-back-at-the-face');
      return outcome(['fore-deck', 'bow-deck'].includes(spotsOf(open(sheet))[0] ?? ''), wordsOf(sheet));
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
    id: '32',
    asked: 'surfboard, look back at the face',
    expected: 'nose facing back in the first three; hands never while paddling',
    find() {
      const sheet = sheetFor('surfboard', 'look-back-at-the-face');
      return outcome(spotsOf(open(sheet), 3).includes('board-nose'), wordsOf(sheet));
    },
    notYet: 'Hold takes every dip at full speed for the nose: slam by wave and angle is missing',
  },
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
