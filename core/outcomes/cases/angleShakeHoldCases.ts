import { findingsOf } from '../../src/words/check/result';
import type { SetUp } from '../../src/words/setUp/setUp';
import { checkOf, clearAt, frameAt, holdAt, open, sheetFor, shotAt, steadyAt, wordsOf } from '../ask';
import { shakeQuestionOf } from '../../src/judging/scene/shotScene';
import { shakeDraws, steadierIn100 } from '../../src/physics/shaking/whole/shakeDraws';
import type { ShakePx } from '../../src/physics/shaking/whole/shakeOf';
import { steadyAttempts } from '../../src/judging/checks/steady/steadyAttempts';
import { shotScene } from '../../src/judging/scene/shotScene';
import { advisedReport } from '../../src/judging/advice/advisedReport';
import { shotReport } from '../../src/judging/report/shotReport';
import { outcome, type OutcomeCase } from '../case';

const ROUGH = { groundId: 'rooty-trail', speedMps: 6 } as const;
/** What shakes a bicycle hardly reaches a motorcycle's long springs. */
const ROUGH_FOR = { 'mountain-bike': ROUGH, motorcycle: { ...ROUGH, speedMps: 13 } } as const;
const SETTS = { groundId: 'setts', speedMps: 6 } as const;
type ShakePx4 = [ShakePx, ShakePx, ShakePx, ShakePx];
type Built = Parameters<typeof shotAt>[3];

const unsteady = (machineId: string, spotId: string, built: Built = {}): number => {
  const { px } = steadyAt(shotAt(machineId, spotId, 'clear-ahead', built));
  return Math.hypot(px.jump / 14, px.jelly / 2.5, px.blur / 4);
};
/** What shakes it in each of a hundred cases of what the estimates may really be. */
const drawnAt = (machineId: string, spotId: string, built: Built = {}) =>
  shakeDraws(shakeQuestionOf(shotAt(machineId, spotId, 'clear-ahead', built)), 100);
const link = (linkId: string, lengthM: number) => ({ linkId, lengthM, bendDeg: 0, turnDeg: 0 });

/** Steadiest first. A hardtail's feet stand on the unsprung half of it: its boot comes after the bars, the motorcycle's before them. */
const STEADIER = {
  'mountain-bike': ['helmet-top', 'chin-bar', 'chest', 'pack-strap', 'handlebar'],
  motorcycle: ['helmet-top', 'chest', 'pack-strap', 'boot', 'handlebar'],
} as const;
const RIDDEN = Object.keys(STEADIER) as (keyof typeof STEADIER)[];

/** Angle, shake and hold: cases 36 to 49; with 33 and 34, how a camera of two lenses is worn. */
export const ANGLE_SHAKE_HOLD_CASES: readonly OutcomeCase[] = [
  {
    id: '33',
    asked: 'two-lens camera worn on the chest; on the hip of bikes and boards',
    expected:
      'on the chest two to three fifths of the sphere are body; the hip is offered for some shot, walking or riding',
    find() {
      const body = ['mountain-bike', 'road-bike', 'kayak'].map((machineId) => {
        const { rider, hands, face } = frameAt(
          shotAt(machineId, 'chest', 'clear-ahead', {
            setUp: { cameraId: 'two-lens-360', modeId: 'sphere', stabiliserId: 'off' },
          }),
        ).weightedShares;
        return rider + hands + face;
      });
      const hip = (
        [
          ['mountain-bike', 'hands-and-trail'],
          ['road-bike', 'hands-and-trail'],
          ['stand-up-board', 'clear-ahead'],
        ] as const
      ).map(([machineId, intentId]) => open(sheetFor(machineId, intentId, { only: ['hip'] })).length);
      return outcome(
        body.every((share) => share > 0.35 && share < 0.6) && hip.every((offered) => offered > 0),
        `body ${body.map((share) => `${Math.round(100 * share)} %`).join(', ')}; hip offered ${hip.join(', ')}`,
      );
    },
  },
  {
    id: '34',
    asked: 'two-lens camera tilted on the chest of bike riders: the whole sphere kept, and a view cut out of it',
    expected:
      'from some tilt to some other the seam lies over bars and hands, and it is told; tilted up far on the chest it does not; the body is tilted without turning the view, and the mend says how far',
    find() {
      const tilts = [0, 15, 30, 45, 60, 75, 90];
      const told = (machineId: string) =>
        tilts.filter((tiltDeg) => {
          const question = shotAt(machineId, 'chest', 'hands-and-trail', {
            setUp: { cameraId: 'two-lens-360', modeId: 'sphere', stabiliserId: 'off' },
          });
          const tilted = { ...question, setUp: { ...question.setUp, angles: { panDeg: 0, tiltDeg, rollDeg: 0 } } };
          const seam = findingsOf(checkOf(tilted, 'frame')).find(({ id }) => id === 'seam');
          return seam !== undefined && seam.verdict !== 'good' && /lies in the seam/.test(seam.because);
        });
      const found = ['mountain-bike', 'road-bike'].map(told);
      // Held off the chest, so that the body has room to lean back.
      const view = (machineId: string, bodyTiltDeg: number) => {
        const question = shotAt(machineId, 'chest', 'hands-and-trail', {
          setUp: { cameraId: 'two-lens-360', modeId: 'reframed-widest', stabiliserId: 'off', links: [link('long-arm', 0.15)] },
        }); // prettier-ignore
        const { checks, mends } = advisedReport({ ...question, setUp: { ...question.setUp, bodyTiltDeg } });
        const seam = checks.flatMap((check) => findingsOf(check)).find(({ id }) => id === 'seam')!;
        return { seam, mend: mends.find(({ finding }) => finding === 'seam')?.text ?? 'none' };
      };
      const views = ['road-bike', 'motorcycle'].map((machineId) => [view(machineId, 0), view(machineId, 75)] as const);
      return outcome(
        found.every((at) => at.includes(30) && at.includes(45) && !at.includes(90)) &&
          views.every(
            ([level, tilted]) =>
              level.seam.verdict === 'good' &&
              tilted.seam.verdict !== 'good' &&
              /bar|hand|grip/.test(tilted.seam.because) &&
              /tilt the camera’s body to /.test(tilted.mend),
          ),
        `${found.map((at) => at.map((deg) => `${deg}°`).join(', ') || 'never').join(' | ')}; cut out, body at 75°: ${views.map(([, { seam, mend }]) => `${seam.because}; ${mend}`).join(' | ')}`,
      );
    },
  },
  {
    id: '42',
    asked: 'bars of a motorcycle on a rough trail, mast of a catamaran, panel of a light aircraft',
    expected: 'what swings at such speeds is named with its frequency',
    find() {
      const named = (
        [
          ['motorcycle', 'handlebar'],
          ['beach-catamaran', 'mast'],
          ['light-aircraft', 'panel-top'],
        ] as const
      ).map(([machineId, spotId]) => steadyAt(shotAt(machineId, spotId, 'clear-ahead')).cause?.resonance ?? 'nothing');
      return outcome(
        named.every((words) => /at about \d+ Hz/.test(words.replace('.0', ''))),
        named.join(' | '),
      );
    },
  },
  {
    id: '36',
    asked: 'chest camera levelled while standing; the tilt that is right in touring, trail and race postures',
    expected:
      'the horizon leaves the picture and the mend says how far up; touring < hoods < crouch; a helmet needs little',
    find() {
      const tilt = (machineId: string, spotId: string, actionStanceId: string) => {
        const question = { ...shotAt(machineId, spotId, 'hands-and-trail'), actionStanceId };
        return frameAt(question).solved?.tiltDeg ?? NaN;
      };
      const level = shotAt('road-bike', 'chest', 'hands-and-trail');
      const flat = { ...level, setUp: { ...level.setUp, angles: { panDeg: 0, tiltDeg: 0, rollDeg: 0 } } };
      const mend = findingsOf(checkOf(flat, 'frame')).find((f) => f.id === 'horizon')?.mend?.text ?? '';
      const [tops, hoods, crouch] = ['tops', 'hoods', 'crouch'].map((s) => tilt('road-bike', 'chest', s));
      const helmet = tilt('road-bike', 'helmet-top', 'crouch');
      return outcome(
        /tilt up \d+/.test(mend) && tops! < hoods! && hoods! < crouch! && Math.abs(helmet) < 25,
        `${mend}; ${[tops, hoods, crouch, helmet].map((d) => d?.toFixed(0)).join(' / ')}`,
      );
    },
  },
  {
    id: '37',
    asked: 'chest camera slid low and high on the chest, hands and trail',
    expected: 'high shows more of the way and less of belly and machine, on every machine that is leaned over',
    find() {
      const at = (machineId: string, slideM: number) => {
        const { way, machine, rider } = frameAt(
          shotAt(machineId, 'chest', 'hands-and-trail', { setUp: { slideM } }),
        ).weightedShares;
        return { way, own: machine + rider };
      };
      const found = ['mountain-bike', 'road-bike', 'motorcycle', 'kayak'].map((machineId) => {
        const [low, high] = [at(machineId, 1), at(machineId, -1)];
        const gained = (high.way - low.way) * 100;
        return { holds: gained > 0 && high.own < low.own, words: `${machineId} ${gained.toFixed(1)} points more way` };
      });
      return outcome(
        found.every(({ holds }) => holds),
        found.map(({ words }) => words).join(', '),
      );
    },
  },
  {
    id: '38 hook',
    asked: 'stand-off hook removed',
    expected: 'steadier in 80 of 100 cases at least',
    find() {
      const [on, off] = [[link('stand-off-hook', 0.03)], []].map((links) =>
        drawnAt('mountain-bike', 'handlebar', { setUp: { links }, ride: ROUGH }),
      );
      const sure = steadierIn100(on!, off!);
      return outcome(sure >= 80, `in ${sure} of 100 cases`);
    },
  },
  {
    id: '38 washer',
    asked: 'barrel camera on its screw adapter: a washer under the screw and a rubber plug in the gap',
    expected: 'steadier in 80 of 100 cases at least, and tried as a mend',
    find() {
      const barrel = { cameraId: 'barrel-camera', modeId: 'wide', stabiliserId: 'off' };
      const at = (headId: string) => ({ setUp: { ...barrel, headId }, ride: SETTS });
      const sure = steadierIn100(
        drawnAt('road-bike', 'handlebar', at('finger-joint')),
        drawnAt('road-bike', 'handlebar', at('snug-finger-joint')),
      );
      const scene = shotScene(shotAt('road-bike', 'handlebar', 'clear-ahead', at('finger-joint')));
      const tried = steadyAttempts(scene, { verdict: 'watch' }).some(
        ({ setUp }) => setUp?.headId === 'snug-finger-joint',
      );
      return outcome(sure >= 80 && tried, `in ${sure} of 100 cases; ${tried ? 'tried' : 'not tried'} as a mend`);
    },
  },
  {
    id: '39',
    asked: 'order of steadiness on rough ground, cube camera; mountain bike and motorcycle',
    expected: 'head, chin, chest, pack strap, boot on springs, then bars, with the mouth beside the chin',
    find() {
      const orders = RIDDEN.map((machineId) =>
        STEADIER[machineId].map((spotId) => ({
          spotId,
          value: unsteady(machineId, spotId, { ride: ROUGH_FOR[machineId] }),
        })),
      );
      const mouth = unsteady('road-bike', 'mouth', { ride: SETTS });
      const chest = unsteady('road-bike', 'chest', { ride: SETTS });
      const two = orders.every((order) => order.every((o, i) => i < 2 || order[i - 2]!.value < o.value));
      return outcome(
        two && mouth < chest,
        [
          ...orders.map((order) => order.map((o) => `${o.spotId} ${o.value.toFixed(2)}`).join(', ')),
          `mouth ${mouth.toFixed(2)} against chest ${chest.toFixed(2)}`,
        ].join('; '),
      );
    },
  },
  {
    id: '39 surely',
    asked: 'the same, drawn alike',
    expected: 'of two that stand two apart the first is steadier in 80 of 100 cases',
    find() {
      const orders = RIDDEN.map((machineId) => {
        const order = STEADIER[machineId].map((spotId) => ({
          spotId,
          drawn: drawnAt(machineId, spotId, { ride: ROUGH_FOR[machineId] }),
        }));
        return order.slice(2).map((o, i) => ({ ...o, sure: steadierIn100(o.drawn, order[i]!.drawn) }));
      });
      return outcome(
        orders.flat().every(({ sure }) => sure >= 80),
        orders.map((order) => order.map(({ spotId, sure }) => `${spotId} ${sure}`).join(', ')).join('; '),
      );
    },
  },
  {
    id: '40',
    asked: 'gimbal on the chest of a mountain biker',
    expected: 'steadier than the cube camera there without stabiliser, and not struck by the arms',
    find() {
      const gimbal = { cameraId: 'pocket-gimbal', modeId: 'main', stabiliserId: 'off' };
      const [with_, without] = [
        unsteady('mountain-bike', 'chest', { setUp: gimbal, ride: ROUGH }),
        unsteady('mountain-bike', 'chest', { setUp: { stabiliserId: 'off' }, ride: ROUGH }),
      ];
      const clear = checkOf(shotAt('mountain-bike', 'chest', 'hands-and-trail', { setUp: gimbal }), 'clear');
      return outcome(
        with_ < without && clear.verdict !== 'stop',
        `${with_.toFixed(2)} against ${without.toFixed(2)}, Clear ${clear.verdict}`,
      );
    },
  },
  {
    id: '41',
    asked: 'strong stabiliser on rough ground, on the bars and on the head',
    expected:
      'runs out at the bars, not on the head; says how many pixels are left; calm without it, it says that it looks slow and easy',
    find() {
      const out = (spotId: string) =>
        steadyAt(
          shotAt('mountain-bike', spotId, 'clear-ahead', {
            setUp: { stabiliserId: 'standard' },
            ride: { groundId: 'rock-garden' },
          }),
        ).runsOut !== null;
      const said = findingsOf(
        checkOf(
          shotAt('road-bike', 'helmet-top', 'clear-ahead', {
            setUp: { stabiliserId: 'strong' },
            ride: { groundId: 'smooth-asphalt', speedMps: 4 },
          }),
          'steady',
        ),
      ).map(({ because }) => because);
      const pixels = said.find((words) => /pixels down to \d+ × \d+/.test(words));
      const easy = said.find((words) => /slow and easy/.test(words));
      return outcome(
        out('handlebar') && !out('helmet-top') && pixels !== undefined && easy !== undefined,
        `bars ${out('handlebar')}, head ${out('helmet-top')}; ${pixels ?? 'no pixels'}; ${easy ?? 'not too smooth'}`,
      );
    },
  },
  {
    id: '43',
    asked: 'grey filter in bright sun on a shaking bar',
    expected: 'ND4 does little, ND16 shows, ND64 most: what the jelly loses turns into blur; slow skew stays',
    find() {
      const px = (ndStops: number) =>
        steadyAt(
          shotAt('road-bike', 'handlebar', 'clear-ahead', {
            setUp: { ndStops, stabiliserId: 'off' },
            ride: { groundId: 'gravel-road', lightId: 'bright-sun' },
          }),
        ).px;
      const [none, four, sixteen, sixtyFour] = [0, 2, 4, 6].map(px) as ShakePx4;
      const lost = (now: ShakePx) => none.jelly ** 2 - now.jelly ** 2;
      return outcome(
        four.jelly > 0.85 * none.jelly &&
          lost(sixteen) > lost(four) &&
          sixtyFour.jelly < 0.8 * none.jelly &&
          sixtyFour.blur ** 2 > lost(sixtyFour) &&
          lost(sixtyFour) > 5 * lost(sixteen),
        [none, four, sixteen, sixtyFour].map((p) => `${p.jelly.toFixed(2)} and ${p.blur.toFixed(2)}`).join(' / '),
      );
    },
  },
  {
    id: '44',
    asked: 'neck: cube camera on the top and at the chin, thumb camera on the top',
    expected: 'about an hour; two to three times as long; far longer',
    find() {
      const minutes = (spotId: string, setUp = {}) =>
        clearAt(shotAt('mountain-bike', spotId, 'clear-ahead', { setUp })).neck!.minutes;
      const [top, chin, thumb] = [
        minutes('helmet-top'),
        minutes('chin-bar'),
        minutes('helmet-top', { cameraId: 'thumb-camera', modeId: 'wide' }),
      ];
      return outcome(
        top >= 35 && top <= 90 && chin >= 1.7 * top && thumb >= 1.5 * top,
        [top, chin, thumb].map((m) => m.toFixed(0)).join(' / '),
      );
    },
  },
  {
    id: '45',
    asked: 'cup pressed on at sea level and taken up 3000 m, and pressed on up there',
    expected: 'about half of what it held below; pressed on anew about two thirds; warmed by 25 °C less',
    find() {
      const limit = (altitudeM: number, putOn?: SetUp['putOn'], temperatureC = 15) =>
        holdAt(
          shotAt('coupe', 'screen-outside', 'clear-ahead', {
            setUp: { baseId: 'suction-single', ...(putOn ? { putOn } : {}) },
            ride: { altitudeM, temperatureC },
          }),
        ).interfaces[0]!.worst.limit;
      const taken = limit(3000, { altitudeM: 0 }) / limit(0);
      const anew = limit(3000) / limit(0);
      const warm = limit(0, { temperatureC: 15 }, 40) / limit(0);
      return outcome(
        taken > 0.4 && taken < 0.6 && anew > 0.6 && anew < 0.75 && warm < 0.98,
        `taken up ${taken.toFixed(2)}, anew ${anew.toFixed(2)}, warm ${warm.toFixed(2)}`,
      );
    },
  },
  {
    id: '46',
    asked: 'adhesive pad ridden at 9, 10 and 11 °C; stuck yesterday in the warm, and an hour ago in the cold',
    expected: 'no jump between them; yesterday’s holds clearly more',
    find() {
      const limit = (temperatureC: number, stuck: Partial<SetUp> = {}) =>
        holdAt(
          shotAt('longboard', 'deck-nose', 'clear-ahead', {
            setUp: { baseId: 'adhesive-pad', curedH: 20, putOn: { temperatureC: 20 }, ...stuck },
            ride: { temperatureC },
          }),
        ).interfaces[0]!.worst.limit;
      const steps = [limit(10) / limit(9), limit(11) / limit(10)];
      const [yesterday, now] = [
        limit(2, { curedH: 20, putOn: { temperatureC: 20 } }),
        limit(2, { curedH: 1, putOn: { temperatureC: 2 } }),
      ];
      return outcome(
        steps.every((s) => Math.abs(s - 1) < 0.05) && yesterday > 1.5 * now,
        `${steps.map((s) => s.toFixed(3)).join(', ')}; ${(yesterday / now).toFixed(1)} times`,
      );
    },
  },
  {
    id: '47',
    asked: 'a camera on the motorcycle’s fork or swing arm, beside tyre and chain',
    expected: 'watch, with two independent fastenings',
    find() {
      const said = ['fork-leg', 'swingarm'].map((spotId) => {
        const f = findingsOf(checkOf(shotAt('motorcycle', spotId, 'low-and-fast'), 'clear')).find(
          (x) => x.id === 'tether',
        );
        return f ? `${f.verdict}: ${f.because}` : 'none';
      });
      return outcome(
        said.every((s) => !s.startsWith('stop')) && said.some((s) => /two fastenings/.test(s)),
        said.join(' | '),
      );
    },
  },
  {
    id: '48',
    asked: 'horizon levelling in a bank',
    expected: 'costs the angle of view that it says',
    find() {
      const width = (stabiliserId: string) => sheetWidth(stabiliserId);
      return outcome(width('horizon') < width('off'), `${width('off').toFixed(0)}° to ${width('horizon').toFixed(0)}°`);
    },
  },
  {
    id: '49',
    asked: 'the bars of a mountain bike from the chest and from the bars themselves',
    expected: 'the closest focus is told, and the nearest thing named',
    find() {
      const words =
        findingsOf(checkOf(shotAt('mountain-bike', 'chest', 'hands-and-trail'), 'frame')).find((f) => f.id === 'focus')
          ?.because ?? '';
      return outcome(/sharp from about/.test(words), words);
    },
  },
];

const sheetWidth = (stabiliserId: string): number => {
  const question = shotAt('glider', 'panel-top', 'clear-ahead', { setUp: { stabiliserId } });
  void wordsOf;
  return widthOf(question);
};
const widthOf = (question: Parameters<typeof shotReport>[0]) =>
  shotReport(question, { only: [] }).fieldOfViewDeg.horizontal;
