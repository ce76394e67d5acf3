import { advisedReport } from '../../src/judging/advice/advisedReport';
import { frameSetUp } from '../../src/physics/framing/frameSetUp';
import { resolveSetUp } from '../../src/posing/strut/resolveSetUp';
import { strutMassKg } from '../../src/posing/strut/strutMass';
import { kitWith } from '../../src/posing/lookup/kit';
import { findingsOf } from '../../src/words/check/result';
import { at, checkOf, onHead, open, rankOf, sheetFor, shotAt, speedFeelOf, spotsOf, verdictAt, wordsOf } from '../ask';
import { outcome, type OutcomeCase } from '../case';

const PACKED = { wornIds: ['rider-body', 'half-shell-helmet'] };

/** Where it ends up on two wheels, and what is said of it: cases 1 to 13. */
export const BIKE_CASES: readonly OutcomeCase[] = [
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
    expected:
      'chin bar in the first two, with 2 % hands at least, and at one tilt a fifth more bar than under the visor; the hand that holds the throttle is never proposed',
    find() {
      const sheet = sheetFor('motorcycle', 'hands-and-trail');
      const hands = at(sheet, 'chin-bar')?.candidate.facts.shares.hands ?? 0;
      const bar = (spotId: string) => {
        const { rig, setUp, actionStanceId } = shotAt('motorcycle', spotId, 'hands-and-trail', {
          setUp: { modeId: 'tallest' },
        });
        const tilted = { ...setUp, angles: { panDeg: 0, tiltDeg: -25, rollDeg: 0 } };
        return frameSetUp(rig, tilted, actionStanceId, 64).weightedShares.machine;
      };
      return outcome(
        [0, 1].includes(rankOf(sheet, 'chin-bar')) &&
          !at(sheet, 'hand') &&
          hands >= 0.02 &&
          bar('chin-bar') > 1.2 * bar('under-visor'),
        `${wordsOf(sheet)}; hands ${(100 * hands).toFixed(1)} %, bar ${(100 * bar('chin-bar')).toFixed(1)} and ${(100 * bar('under-visor')).toFixed(1)} %`,
      );
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
  })),
  {
    id: '6 feel',
    asked: 'speed feel on the mountain bike, cube camera, wide',
    expected: 'boot 2.5 to 8, top of the helmet 0.8 to 2, the boot at least three times as fast',
    find() {
      const feel = (spotId: string) => {
        const question = shotAt('mountain-bike', spotId, 'clear-ahead', { setUp: { stabiliserId: 'off' } });
        return speedFeelOf(question);
      };
      const [boot, top] = [feel('boot'), feel('helmet-top')];
      return outcome(
        boot >= 2.5 && boot <= 8 && top >= 0.8 && top <= 2 && boot > 3 * top,
        `boot ${boot.toFixed(1)}, top ${top.toFixed(1)}`,
      );
    },
  },
  ...['mountain-bike', 'road-bike', 'motorcycle', 'snowboard', 'skis'].map((machineId): OutcomeCase => ({
    id: `7 ${machineId}`,
    asked: `${machineId}, a camera on the boot`,
    expected: 'something goes on it, with “plants rip it out, take it off after the take”',
    find() {
      const kept = sheetFor(machineId, 'low-and-fast').spots.find((s) => s.spotId === 'boot')?.candidates.length ?? 0;
      const plants = findingsOf(checkOf(shotAt(machineId, 'boot', 'low-and-fast'), 'clear')).find(
        (f) => f.id === 'plants',
      );
      return outcome(
        kept > 0 && plants?.verdict === 'watch' && /take it off after the take/.test(plants.because),
        `${kept} kept; ${plants?.because ?? 'nothing said of plants'}`,
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
    id: '9 offered',
    asked: 'racer on a gravel bike, 50 g camera, cut pieces of interlocking tape or a swivel mount on the bar',
    expected:
      'left of the head tube offered ahead, under the saddle shell first for who follows; the bar offered too, some 100 g heavier',
    find() {
      const kit = ['thumb-camera', 'interlocking-tape', ...kitWith().heads.map(({ id }) => id)];
      const ahead = sheetFor('road-bike', 'clear-ahead', { pieceIds: kit });
      const onBar = sheetFor('road-bike', 'clear-ahead', { pieceIds: [...kit, 'tube-clamp'], only: ['handlebar'] });
      const behind = sheetFor('road-bike', 'who-follows', { pieceIds: kit });
      const massG = (spotId: string, baseId: string, headId: string) => {
        const { rig, setUp } = shotAt('road-bike', spotId, 'clear-ahead', {
          setUp: { cameraId: 'thumb-camera', modeId: 'wide', stabiliserId: 'standard', baseId, headId },
        });
        return 1000 * strutMassKg(resolveSetUp(rig, setUp));
      };
      const heavierG = Math.round(
        massG('handlebar', 'tube-clamp', 'swivel-head') - massG('head-tube-side', 'interlocking-tape', 'finger-joint'),
      );
      return outcome(
        rankOf(ahead, 'head-tube-side') >= 0 &&
          rankOf(onBar, 'handlebar') >= 0 &&
          rankOf(behind, 'saddle-shell') === 0 &&
          heavierG >= 60 &&
          heavierG <= 140,
        `${wordsOf(ahead)} | ${wordsOf(behind)}; the bar ${heavierG} g heavier`,
      );
    },
  },
  ...(
    [
      ['road-bike', /handlebar from about \d+° on/],
      ['mountain-bike', /cables/],
    ] as const
  ).map(([machineId, named]): OutcomeCase => ({
    id: `10 ${machineId}`,
    asked: `racer on a ${machineId}, thumb camera left of the head tube, bars turned`,
    expected: 'what crosses the picture is named, with the angle from which it does',
    find() {
      const question = shotAt(machineId, 'head-tube-side', 'clear-ahead', {
        setUp: { cameraId: 'thumb-camera', modeId: 'wide', stabiliserId: 'standard', baseId: 'interlocking-tape' },
      });
      const turned = findingsOf(checkOf(question, 'frame')).find((f) => f.id === 'turned')?.because ?? 'nothing';
      return outcome(named.test(turned), turned);
    },
  })),
  {
    id: '11 mends',
    asked: 'gravel bike, phone on the bar: what is proposed for Steady',
    expected: 'another camera and the chest first; no bendable tripod',
    find() {
      const question = shotAt('road-bike', 'handlebar', 'clear-ahead', {
        setUp: { cameraId: 'phone', modeId: 'main', stabiliserId: 'standard' },
        ride: { groundId: 'gravel-road' },
      });
      const mends = advisedReport(question).mends.filter((m) => m.check === 'steady');
      const first = mends.slice(0, 2);
      return outcome(
        first.some((m) => m.setUp?.cameraId !== 'phone') &&
          first.some((m) => m.setUp?.spotId === 'chest') &&
          !mends.some((m) => /tripod/.test(m.text)),
        mends.map((m) => m.text).join(' | ') || 'nothing',
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
      return outcome(kinds.length > 0 && kinds.every((k) => !/clamp/.test(k)), kinds.join(', ') || 'nothing');
    },
  },
];
