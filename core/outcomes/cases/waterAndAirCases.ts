import { open, sheetFor, shotAt, spotsOf, steadyAt, verdictAt, wordsOf } from '../ask';
import { foundBy, shotReport } from '../../src/judging/report/shotReport';
import { outcome, type OutcomeCase } from '../case';

const HEAD = ['helmet-top', 'helmet-side', 'under-visor', 'chin-bar', 'head-front', 'mouth'];
const onHead = (spotId: string) => HEAD.includes(spotId);

/** Where it ends up on water, on snow and in the air: cases 20 to 35. */
export const WATER_AND_AIR_CASES: readonly OutcomeCase[] = [
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
    id: '22 offered',
    asked: 'multirotor, clear ahead',
    expected: 'belly and frame offered',
    find() {
      const sheet = sheetFor('multirotor', 'clear-ahead');
      const first = spotsOf(open(sheet));
      return outcome(first.includes('belly') && first.includes('nose'), wordsOf(sheet));
    },
  },
  {
    id: '22 felt',
    asked: 'multirotor, belly: direct, on thin felt, on soft grommets',
    expected: 'felt no worse than direct, hanging soft grommets worst',
    find() {
      const of = (links: readonly string[]) => {
        const { px } = steadyAt(
          shotAt('multirotor', 'belly', 'clear-ahead', {
            setUp: {
              links: links.map((linkId) => ({
                linkId,
                lengthM: linkId === 'felt-pad' ? 0.003 : 0.024,
                bendDeg: 0,
                turnDeg: 0,
              })),
            },
          }),
        );
        return px.jump / 14 + px.jelly / 2.5 + px.blur / 4;
      };
      const [direct, felt, soft] = [of([]), of(['felt-pad']), of(['soft-grommets'])];
      return outcome(
        felt <= direct * 1.05 && soft >= Math.max(direct, felt),
        `direct ${direct.toFixed(2)}, felt ${felt.toFixed(2)}, soft ${soft.toFixed(2)}`,
      );
    },
  },
  {
    id: '23 cups',
    asked: 'glider, a cup with a long lever on the canopy; a cup outside',
    expected: 'both stop',
    find() {
      const lever = verdictAt(
        shotAt('glider', 'canopy-inside', 'over-the-shoulder', {
          setUp: { baseId: 'suction-single', links: [{ linkId: 'long-arm', lengthM: 0.28, bendDeg: 0, turnDeg: 0 }] },
        }),
        'hold',
      );
      const outside = verdictAt(
        shotAt('glider', 'wing-left', 'whole-craft', { setUp: { baseId: 'suction-single' } }),
        'hold',
      );
      return outcome(lever === 'stop' && outside === 'stop', `lever ${lever}, outside ${outside}`);
    },
  },
  {
    id: '25',
    asked: 'glider, whole craft from outside',
    expected: 'wing or fin with a bolted, made-to-fit base; nothing inside the cockpit is offered',
    find() {
      const sheet = sheetFor('glider', 'whole-craft');
      const first = open(sheet);
      return outcome(
        first.length > 0 &&
          first.every(
            (p) => ['wing-left', 'fin-top'].includes(p.spotId) && p.candidate.setUp.baseId === 'bolted-plate',
          ),
        wordsOf(sheet),
      );
    },
  },
  {
    id: '26',
    asked: 'glider, another aircraft at 100 m',
    expected: 'the narrowest lens first',
    find() {
      const sheet = sheetFor('glider', 'far-subject', {
        rig: { subject: { machineId: 'glider', distanceM: 100, bearingDeg: 10, headingDeg: 0, aboveM: 0 } },
        everything: true,
        only: ['panel-top', 'head-front', 'side-wall-left', 'side-wall-right'],
      });
      const best = open(sheet)[0];
      return outcome(
        (best?.candidate.facts.horizontalFovDeg ?? 99) < 40,
        `${wordsOf(sheet)}; ${best?.candidate.facts.horizontalFovDeg.toFixed(0)}° wide`,
      );
    },
    notYet: 'a narrow lens shows the slow steering as jump (Steady): a drift below 2 Hz should not count as that',
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
  {
    id: '30',
    asked: 'paramotor, clear ahead',
    expected: 'helmet or chest offered; no inspector asked about a chest harness',
    find() {
      const sheet = sheetFor('paramotor', 'clear-ahead');
      const first = spotsOf(open(sheet));
      const { rules } = holdRules('paramotor', 'chest');
      return outcome(
        first.some((id) => id === 'chest' || onHead(id)) && !rules.some((r) => r.id === 'aircraft-outside'),
        `${wordsOf(sheet)}; ${rules.map((r) => r.id).join(', ')}`,
      );
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

const holdRules = (machineId: string, spotId: string) => {
  const question = shotAt(machineId, spotId, 'clear-ahead');
  return foundBy(shotReport(question, { only: ['hold'] }), 'hold');
};
