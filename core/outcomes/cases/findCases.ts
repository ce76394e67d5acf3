import { advisedReport } from '../../src/judging/advice/advisedReport';
import { findingsOf } from '../../src/words/check/result';
import { at, checkOf, open, rankOf, sheetFor, shotAt, spotsOf, steadyAt, verdictAt, wordsOf } from '../ask';
import { foundBy, shotReport } from '../../src/judging/report/shotReport';
import { outcome, type OutcomeCase } from '../case';

const HEAD = ['helmet-top', 'helmet-side', 'under-visor', 'chin-bar', 'head-front', 'mouth'];
const onHead = (spotId: string) => HEAD.includes(spotId);
const PACKED = { wornIds: ['rider-body', 'half-shell-helmet'] };

/** Where it ends up: cases 1 to 35. */
export const FIND_CASES: readonly OutcomeCase[] = [
  {
    id: '1',
    asked: 'gravel bike, pack worn, clear ahead without hands',
    expected: 'backpack strap in the first three; the lever clamp holds there better than a strap plate',
    find() {
      const sheet = sheetFor('road-bike', 'clear-ahead', { rig: PACKED });
      const rank = rankOf(sheet, 'pack-strap');
      return outcome(
        rank >= 0 && rank < 3 && at(sheet, 'pack-strap')!.candidate.setUp.baseId === 'lever-clamp',
        wordsOf(sheet),
      );
    },
  },
  ...['mountain-bike', 'motorcycle'].map((machineId): OutcomeCase => ({
    id: `2 ${machineId}`,
    asked: `${machineId}, clear ahead`,
    expected: 'backpack strap offered',
    find() {
      const sheet = sheetFor(machineId, 'clear-ahead');
      return outcome(rankOf(sheet, 'pack-strap') >= 0, wordsOf(sheet));
    },
  })),
  {
    id: '3 first two',
    asked: 'mountain bike, full-face helmet, hands and trail',
    expected: 'chin bar and chest are the first two places, the top of the helmet is not among the first four',
    find() {
      const sheet = sheetFor('mountain-bike', 'hands-and-trail');
      const first = spotsOf(open(sheet));
      const top = first.indexOf('helmet-top');
      return outcome(first.slice(0, 2).sort().join() === 'chest,chin-bar' && (top < 0 || top > 3), wordsOf(sheet));
    },
  },
  {
    id: '3 bars',
    asked: 'mountain bike, hands and trail from the handlebar',
    expected: 'what is against it is shaking, not striking',
    find() {
      const sheet = sheetFor('mountain-bike', 'hands-and-trail');
      const bars = sheet.spots.find((s) => s.spotId === 'handlebar')!;
      const placed = at(sheet, 'handlebar');
      const against = placed ? placed.candidate.verdicts : {};
      return outcome(
        placed !== undefined && against.clear !== 'stop' && against.steady !== 'good',
        placed ? JSON.stringify(against) : (bars.rejections[0]?.because ?? ''),
      );
    },
  },
  {
    id: '4',
    asked: 'motorcycle, hands and trail',
    expected: 'chin bar in the first two; the hand that holds the throttle is never proposed',
    find() {
      const sheet = sheetFor('motorcycle', 'hands-and-trail');
      return outcome([0, 1].includes(rankOf(sheet, 'chin-bar')) && !at(sheet, 'hand'), wordsOf(sheet));
    },
  },
  {
    id: '5',
    asked: 'motorcycle, clear ahead',
    expected: 'a place on the helmet first; under the visor has no branch warning, the top has',
    find() {
      const sheet = sheetFor('motorcycle', 'clear-ahead');
      const first = spotsOf(open(sheet))[0] ?? '';
      const warned = (spotId: string) =>
        findingsOf(checkOf(shotAt('motorcycle', spotId, 'clear-ahead'), 'clear')).some(
          (f) => f.id === 'branches' && f.verdict !== 'good',
        );
      return outcome(
        onHead(first) && warned('helmet-top') && !warned('under-visor'),
        `${wordsOf(sheet)}; branches: top ${warned('helmet-top')}, visor ${warned('under-visor')}`,
      );
    },
  },
  ...['motorcycle', 'mountain-bike'].map((machineId): OutcomeCase => ({
    id: `6 ${machineId}`,
    asked: `${machineId}, low and fast`,
    expected: 'boot, fork or swing arm in the first three; places on the helmet never',
    find() {
      const sheet = sheetFor(machineId, 'low-and-fast');
      const first = spotsOf(open(sheet), 3);
      return outcome(
        first.some((id) => ['boot', 'fork-leg', 'swingarm', 'head-tube-side'].includes(id)) &&
          !spotsOf(open(sheet)).some(onHead),
        wordsOf(sheet),
      );
    },
    ...(machineId === 'mountain-bike'
      ? { notYet: 'on rooty ground a hardtail shakes whatever is low beyond use (Steady); see the paths to boots' }
      : {}),
  })),
  {
    id: '6 feel',
    asked: 'speed feel on the mountain bike, cube camera, wide',
    expected: 'boot 2.5 to 8, top of the helmet 0.8 to 2, the boot at least three times as fast',
    find() {
      const feel = (spotId: string) => {
        const question = shotAt('mountain-bike', spotId, 'clear-ahead', { setUp: { stabiliserId: 'off' } });
        return feelOf(question);
      };
      const [boot, top] = [feel('boot'), feel('helmet-top')];
      return outcome(
        boot >= 2.5 && boot <= 8 && top >= 0.8 && top <= 2 && boot > 3 * top,
        `boot ${boot.toFixed(1)}, top ${top.toFixed(1)}`,
      );
    },
  },
  ...['mountain-bike', 'road-bike', 'motorcycle', 'snowboard'].map((machineId): OutcomeCase => ({
    id: `7 ${machineId}`,
    asked: `${machineId}, a camera on the boot`,
    expected: 'something goes on it, with “plants rip it out, take it off after the take”',
    find() {
      const sheet = sheetFor(machineId, 'low-and-fast');
      const boot = sheet.spots.find((s) => s.spotId === 'boot');
      const said = JSON.stringify(shotAt(machineId, 'boot', 'low-and-fast').setUp.baseId);
      return outcome(
        (boot?.tried ?? 0) > 0 && said.length > 4,
        `${boot?.tried} pictures tried, ${boot?.candidates.length} kept`,
      );
    },
  })),
  {
    id: '8',
    asked: 'gravel bike, who follows, thumb camera',
    expected: 'under the saddle in the first two',
    find() {
      const sheet = sheetFor('road-bike', 'who-follows');
      const rank = rankOf(sheet, 'under-saddle');
      return outcome(rank === 0 || rank === 1, wordsOf(sheet));
    },
  },
  {
    id: '9',
    asked: 'racer on a gravel bike, 50 g camera on interlocking tape',
    expected: 'left of the head tube is offered; a tie of some centimetres counts as tether',
    find() {
      const question = shotAt('road-bike', 'head-tube-side', 'clear-ahead', {
        setUp: { cameraId: 'thumb-camera', modeId: 'wide', stabiliserId: 'standard', baseId: 'interlocking-tape' },
      });
      const hold = checkOf(question, 'hold');
      const clear = checkOf(question, 'clear');
      return outcome(
        hold.verdict !== 'stop' && clear.verdict !== 'stop',
        `Hold ${hold.verdict}, Clear ${clear.verdict}`,
      );
    },
  },
  {
    id: '11 stop',
    asked: 'gravel bike, phone on the bar',
    expected: 'Steady stops it on gravel and on setts, and no mend says that a damper wins',
    find() {
      const on = (groundId: string) =>
        shotAt('road-bike', 'handlebar', 'clear-ahead', {
          setUp: { cameraId: 'phone', modeId: 'main', stabiliserId: 'standard' },
          ride: { groundId },
        });
      const verdicts = ['gravel-road', 'setts'].map((g) => verdictAt(on(g), 'steady'));
      const mends = advisedReport(on('gravel-road'), { only: ['steady'] }).mends.map((m) => m.text);
      return outcome(
        verdicts.every((v) => v === 'stop') && !mends.slice(0, 2).some((t) => /grommets|damper/.test(t)),
        `${verdicts.join(', ')}; ${mends.slice(0, 3).join(' | ')}`,
      );
    },
  },
  {
    id: '12',
    asked: 'gravel bike, cube camera, strong stabiliser, under the stem or on the bar',
    expected: 'smooth asphalt: watch or good; setts: stop',
    find() {
      const on = (groundId: string, spotId: string) =>
        verdictAt(
          shotAt('road-bike', spotId, 'clear-ahead', { setUp: { stabiliserId: 'strong' }, ride: { groundId } }),
          'steady',
        );
      const smooth = ['handlebar', 'under-stem'].map((s) => on('smooth-asphalt', s));
      const setts = ['handlebar', 'under-stem'].map((s) => on('setts', s));
      return outcome(
        smooth.every((v) => v !== 'stop') && setts.every((v) => v === 'stop'),
        `smooth ${smooth.join('/')}, setts ${setts.join('/')}`,
      );
    },
  },
  {
    id: '13',
    asked: 'carbon tube of the gravel bike',
    expected: 'the best strut there is strapped, taped or stuck, not clamped hard',
    find() {
      const sheet = sheetFor('road-bike', 'machine-at-work', {
        everything: true,
        only: ['head-tube-side', 'seat-stay'],
      });
      const kinds = sheet.places.map((p) => p.candidate.setUp.baseId);
      return outcome(
        kinds.every((k) => !/clamp/.test(k)),
        kinds.join(', ') || 'nothing',
      );
    },
  },
  ...['snowboard', 'longboard'].map((machineId): OutcomeCase => ({
    id: `14 ${machineId}`,
    asked: `${machineId}, whole craft from outside`,
    expected: 'a pole in one free hand with the two-lens camera is offered',
    find() {
      const sheet = sheetFor(machineId, 'whole-craft');
      const hand = at(sheet, 'hand');
      return outcome(
        hand !== undefined && !hand.stopped && hand.candidate.setUp.links.some((l) => /pole/.test(l.linkId)),
        wordsOf(sheet),
      );
    },
    notYet: 'one hand bears the pole for seconds only (Hold); a pole held in both hands is missing',
  })),
  {
    id: '15 low',
    asked: 'buggy, low and fast',
    expected: 'nose or a low tube first, no place on the helmet',
    find() {
      const sheet = sheetFor('buggy', 'low-and-fast');
      const first = spotsOf(open(sheet));
      return outcome(['nose', 'cage-side', 'boot'].includes(first[0] ?? '') && !first.some(onHead), wordsOf(sheet));
    },
  },
  {
    id: '15 face',
    asked: 'buggy, the face of who drives',
    expected: 'the cage over the screen first',
    find() {
      const sheet = sheetFor('buggy', 'look-back-at-the-face');
      return outcome(spotsOf(open(sheet))[0] === 'cage-front', wordsOf(sheet));
    },
  },
  {
    id: '15 follows',
    asked: 'buggy, who follows',
    expected: 'rear tube or rear of the cage in the first two',
    find() {
      const sheet = sheetFor('buggy', 'who-follows');
      return outcome(
        spotsOf(open(sheet), 2).some((id) => ['rear-tube', 'cage-rear'].includes(id)),
        wordsOf(sheet),
      );
    },
  },
  {
    id: '15 wound up',
    asked: 'buggy, tether on a bar of the cage',
    expected: 'no warning that the steering wheel winds it up',
    find() {
      const words = findingsOf(checkOf(shotAt('buggy', 'cage-front', 'clear-ahead'), 'clear')).map((f) => f.because);
      return outcome(
        !words.some((w) => /steering wheel turns .*wound/.test(w)),
        words.find((w) => /tether|turns/.test(w)) ?? 'none',
      );
    },
  },
  {
    id: '17',
    asked: 'coupé, the face of the driver',
    expected: 'never from behind the head; windscreen or dash first',
    find() {
      const sheet = sheetFor('coupe', 'look-back-at-the-face');
      const first = spotsOf(open(sheet));
      return outcome(
        ['dash', 'screen-inside', 'screen-outside'].includes(first[0] ?? '') &&
          !first.some((id) => ['headrest', 'rear-window'].includes(id)),
        wordsOf(sheet),
      );
    },
  },
  {
    id: '18',
    asked: 'coupé, full-size camera of 1.1 kg on the door at 130 km/h',
    expected: 'one cup stops, three pass',
    find() {
      const on = (baseId: string) =>
        verdictAt(
          shotAt('coupe', 'door', 'low-and-fast', {
            setUp: { cameraId: 'cage-camera', modeId: 'wide', stabiliserId: 'body', baseId },
            ride: { speedMps: 36 },
          }),
          'hold',
        );
      return outcome(
        on('suction-single') === 'stop' && on('suction-triple') !== 'stop',
        `one ${on('suction-single')}, three ${on('suction-triple')}`,
      );
    },
  },
  ...['coupe', 'four-by-four'].map((machineId): OutcomeCase => ({
    id: `19 ${machineId}`,
    asked: `${machineId}, the way ahead over a strip of the bonnet`,
    expected: 'bonnet or outside of the windscreen before anything behind glass',
    find() {
      const sheet = sheetFor(machineId, 'strip-ahead');
      const first = spotsOf(open(sheet));
      const outside = Math.min(...['bonnet', 'screen-outside'].map((id) => first.indexOf(id)).filter((i) => i >= 0));
      const inside = Math.min(99, ...['dash', 'screen-inside'].map((id) => first.indexOf(id)).filter((i) => i >= 0));
      return outcome(outside < inside, wordsOf(sheet));
    },
  })),
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
        only: ['panel-top', 'head-front'],
      });
      const best = open(sheet)[0];
      return outcome(
        (best?.candidate.facts.horizontalFovDeg ?? 99) < 40,
        `${wordsOf(sheet)}; ${best?.candidate.facts.horizontalFovDeg.toFixed(0)}° wide`,
      );
    },
    notYet: 'under the closed canopy no place takes a camera with a narrow lens; the cockpit’s side walls are missing',
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
    notYet: 'a mast of eight metres has its top in no picture taken from the boat; ends should leave the masthead out',
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
const feelOf = (question: Parameters<typeof shotReport>[0]): number =>
  foundBy(shotReport(question, { only: ['frame'] }), 'frame').weightedSpeedFeel ?? 0;
