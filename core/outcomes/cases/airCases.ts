import { checkOf, onHead, open, sheetFor, shotAt, spotsOf, steadyAt, verdictAt, wordsOf } from '../ask';
import { findingsOf } from '../../src/words/check/result';
import { foundBy, shotReport } from '../../src/judging/report/shotReport';
import type { LinkUse } from '../../src/words/setUp/setUp';
import { outcome, type OutcomeCase } from '../case';

/** In the air: cases 22 to 27 and 30. */
/** Bolted through or laced round the wing, made for that one craft. */
const MADE_TO_FIT = ['bolted-plate', 'wing-sleeve'];

export const AIR_CASES: readonly OutcomeCase[] = [
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
    id: '23 shoulder',
    asked: 'glider, over the shoulder',
    expected: 'first the hoop’s inner side or the wall of the cockpit, inside the canopy, nothing to approve',
    find() {
      const sheet = sheetFor('glider', 'over-the-shoulder');
      const [first] = open(sheet);
      const inside = ['canopy-frame', 'side-wall-left', 'side-wall-right'].includes(first?.spotId ?? '');
      const held = first?.candidate.terms.find((t) => t.id === 'holds')?.value ?? 0;
      return outcome(inside && held > 0.5, `${wordsOf(sheet)}, holds ${held.toFixed(2)}`);
    },
  },
  {
    id: '24 ahead',
    asked: 'glider and light aircraft, clear ahead, nothing approved yet',
    expected: 'a place inside stands before what is bolted outside',
    find() {
      const sheets = ['glider', 'light-aircraft'].map((id) => sheetFor(id, 'clear-ahead'));
      const firsts = sheets.map((sheet) => spotsOf(open(sheet), 1)[0]);
      return outcome(
        firsts.every((id) => id === 'panel-top'),
        sheets.map(wordsOf).join(' | '),
      );
    },
  },
  {
    id: '24 room',
    asked: 'glider, two-lens and thumb camera on top of the panel',
    expected: 'it is told how tall may stand there with the canopy shut; the tall one is stopped',
    find() {
      const room = (cameraId: string, modeId: string, stabiliserId: string) =>
        findingsOf(
          checkOf(shotAt('glider', 'panel-top', 'clear-ahead', { setUp: { cameraId, modeId, stabiliserId } }), 'clear'),
        ).find((f) => f.id === 'room');
      const [tall, low] = [room('two-lens-360', 'reframed', 'sphere'), room('thumb-camera', 'wide', 'off')];
      return outcome(
        tall?.verdict === 'stop' &&
          low !== undefined &&
          low.verdict !== 'stop' &&
          /mm may stand there/.test(low.because),
        `${tall?.because ?? 'nothing'} | ${low?.because ?? 'nothing'}`,
      );
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
            (p) => ['wing-left', 'fin-top'].includes(p.spotId) && MADE_TO_FIT.includes(p.candidate.setUp.baseId),
          ),
        wordsOf(sheet),
      );
    },
  },
  {
    id: '25 light aircraft',
    asked: 'light aircraft, whole craft from outside',
    expected: 'under the wing or on its strut, *watch* at best; nothing inside',
    find() {
      const sheet = sheetFor('light-aircraft', 'whole-craft');
      const first = open(sheet);
      return outcome(
        first.length > 0 &&
          first.every(
            (p) => ['under-wing', 'strut', 'tail'].includes(p.spotId) && p.candidate.verdicts.hold !== 'good',
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
  },
  {
    id: '27',
    asked: 'light aircraft, phone on top of the panel behind the engine: direct, on felt, on stiff rubber',
    expected: 'felt and rubber take a third of the jelly away at least, rubber more, and neither makes it jump',
    find() {
      const of = (links: readonly LinkUse[]) =>
        steadyAt(
          shotAt('light-aircraft', 'panel-top', 'clear-ahead', {
            setUp: { cameraId: 'phone', modeId: 'main', stabiliserId: 'off', links },
          }),
        ).px;
      const link = (linkId: string, lengthM: number): LinkUse => ({ linkId, lengthM, bendDeg: 0, turnDeg: 0 });
      const [direct, felt, rubber] = [of([]), of([link('felt-pad', 0.003)]), of([link('stiff-grommets', 0.02)])];
      return outcome(
        felt.jelly <= 0.67 * direct.jelly &&
          rubber.jelly < felt.jelly &&
          Math.max(felt.jump, rubber.jump) <= 1.05 * direct.jump,
        [direct, felt, rubber]
          .map(({ jelly, jump }) => `jelly ${jelly.toFixed(2)}, jump ${jump.toFixed(1)} px`)
          .join(' | '),
      );
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
];

const holdRules = (machineId: string, spotId: string) => {
  const question = shotAt(machineId, spotId, 'clear-ahead');
  return foundBy(shotReport(question, { only: ['hold'] }), 'hold');
};
