import { at, open, sheetFor, spotsOf, wordsOf } from '../ask';
import { outcome, type OutcomeCase } from '../case';
import { talkingOn } from './talkingOn';

/** On water and beside the course: cases 28, 29, 31 on water, 32 and 35. */
export const WATER_CASES: readonly OutcomeCase[] = [
  {
    id: '28',
    asked: 'beach catamaran, whole craft and crew',
    expected:
      'boom end, mast, bow pole, and two cups on the mast’s flank offered; the sky line in the picture from the mast',
    find() {
      const only = ['boom-end', 'mast', 'bow-pole', 'mast-flank'];
      const sheet = sheetFor('beach-catamaran', 'whole-craft', { only, everything: true });
      const sky = at(sheet, 'mast')?.candidate.facts.shares.sky ?? 0;
      const cups = at(sheet, 'mast-flank')?.candidate.setUp.baseId ?? 'nothing';
      return outcome(
        open(sheet).length === only.length && sky > 0.04 && sky < 0.6 && cups === 'suction-double',
        `${wordsOf(sheet)}; sky from the mast ${Math.round(100 * sky)} %; ${cups} on its flank`,
      );
    },
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
  {
    id: '28 low',
    asked: 'powerboat and catamaran, low and fast',
    expected: 'the side of a hull or a pole before the bows in the first two, close over the water',
    find() {
      const sheets = ['powerboat', 'beach-catamaran'].map((id) => sheetFor(id, 'low-and-fast'));
      return outcome(
        sheets.every((sheet) => spotsOf(open(sheet), 2).some((id) => ['hull-side', 'bow-pole'].includes(id))),
        sheets.map(wordsOf).join(' | '),
      );
    },
  },
  {
    id: '32',
    asked: 'surfboard, look back at the face',
    expected: 'nose facing back in the first three; hands never while paddling',
    find() {
      const sheet = sheetFor('surfboard', 'look-back-at-the-face');
      return outcome(spotsOf(open(sheet), 3).includes('board-nose'), wordsOf(sheet));
    },
  },
  {
    id: '14 surfboard',
    asked: 'surfboard, whole craft from outside',
    expected:
      'a pole in one hand or both, on the wave alone, with the two-lens camera first; paddling keeps both hands',
    find() {
      const sheet = sheetFor('surfboard', 'whole-craft');
      const [first] = open(sheet);
      const { setUp, onlyIn } = first?.candidate ?? {};
      return outcome(
        ['hand', 'both-hands'].includes(first?.spotId ?? '') &&
          setUp?.links.some(({ linkId }) => /pole/.test(linkId)) === true &&
          setUp.cameraId === 'two-lens-360' &&
          ['ride', 'both-hands'].includes(onlyIn?.stanceId ?? ''),
        wordsOf(sheet),
      );
    },
  },
  {
    id: '21 beside',
    asked: 'beside the course, night streaks',
    expected: 'rail, tripod or branch first; nothing that is worn or held',
    find() {
      const sheet = sheetFor('beside-the-course', 'night-streaks');
      const offered = spotsOf(open(sheet));
      return outcome(
        ['rail', 'tripod'].includes(offered[0] ?? '') &&
          !offered.some((spot) => ['hand', 'chest', 'hip', 'boot'].includes(spot)),
        wordsOf(sheet),
      );
    },
  },
  talkingOn('kayak'),
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
