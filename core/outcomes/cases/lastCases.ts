import { foundBy, shotReport } from '../../src/judging/report/shotReport';
import { advisedReport } from '../../src/judging/advice/advisedReport';
import { findingsOf } from '../../src/words/check/result';
import { newAsk } from '../../src/words/shot/ask';
import type { ShotQuestion } from '../../src/words/shot/shotQuestion';
import type { ShotUse } from '../../src/words/shot/use';
import type { WeatherId } from '../../src/words/ride/weather';
import { checkOf, open, sheetFor, shotAt, spotsOf, wordsOf } from '../ask';
import { outcome, type OutcomeCase } from '../case';

const lastAt = (question: ShotQuestion) => foundBy(shotReport(question, { only: ['last'] }), 'last');
const told = (question: ShotQuestion, id: string) => findingsOf(checkOf(question, 'last')).find((f) => f.id === id);
const run = (question: ShotQuestion, use: ShotUse): ShotQuestion => ({ ...question, use });

export const LAST_CASES: readonly OutcomeCase[] = [
  {
    id: '53',
    asked:
      'a full day of six hours with a fixed camera that runs; the same in the cold, with the last half minute kept, and fed',
    expected:
      'four batteries or more; a third more in the cold; more where it keeps what was before; none but its own where the car feeds it',
    find() {
      const car = (ride = {}) => shotAt('coupe', 'dash', 'clear-ahead', { ride });
      const day = { hours: 6, start: 'running' } as const;
      const batteries = (question: ShotQuestion) => lastAt(question).power.batteries;
      const warm = batteries(run(car({ temperatureC: 20 }), day));
      const cold = batteries(run(car({ temperatureC: -10 }), day));
      const fed = batteries(run(car(), { ...day, feed: 'machine' }));
      const takes = (preRecord: boolean) => lastAt(run(car(), { hours: 6, start: 'remote', preRecord })).power.neededWh;
      const mends = advisedReport(run(car(), day), { only: ['last'] }).mends;
      return outcome(
        warm >= 4 &&
          cold / warm > 1.25 &&
          cold / warm < 1.8 &&
          fed === 1 &&
          takes(true) > 2 * takes(false) &&
          mends.some((m) => m.use?.feed === 'machine'),
        `${warm} warm, ${cold} cold, ${fed} fed; kept ${takes(true).toFixed(0)} for ${takes(false).toFixed(0)} Wh; ${mends[0]?.text ?? 'no mend'}`,
      );
    },
  },
  {
    id: '55',
    asked:
      '4×4 in mud: camera on the door, the sill and the front bumper looking ahead, and beside the spare wheel looking back',
    expected: 'a look at the lens every few minutes on door, sill and bumper; beside the spare wheel seldom; dry none',
    find() {
      const minutes = (spotId: string, intentId: string, weatherId: WeatherId) =>
        lastAt(shotAt('four-by-four', spotId, intentId, { ride: { weatherId } })).lookMin;
      const often = ['door', 'sill', 'front-bumper'].map((id) => minutes(id, 'clear-ahead', 'muddy'));
      const spare = minutes('spare-wheel', 'who-follows', 'muddy');
      const dry = minutes('door', 'clear-ahead', 'dry');
      return outcome(
        often.every((m) => m >= 0.5 && m <= 12) && spare >= 60 && dry > spare - 1,
        `${often.map((m) => m.toFixed(1)).join(', ')} min; spare wheel ${spare.toFixed(0)} min; dry ${dry.toFixed(0)} min`,
      );
    },
  },
  {
    id: '55 wheels',
    asked: 'mountain bike in mud: under the saddle looking back, and at the chest looking ahead',
    expected: 'what the rear wheel throws comes up to the saddle within minutes, and the chest stays clean for longer',
    find() {
      const at = (spotId: string, intentId: string) =>
        lastAt(shotAt('mountain-bike', spotId, intentId, { ride: { weatherId: 'muddy' } }));
      const [saddle, chest] = [at('under-saddle', 'who-follows'), at('chest', 'hands-and-trail')];
      return outcome(
        saddle.lookMin < 10 && /rear wheel/.test(saddle.dirt?.[0]?.from ?? '') && chest.lookMin > 1.2 * saddle.lookMin,
        [saddle, chest].map((f) => `${f.lookMin.toFixed(0)} min, ${f.dirt?.[0]?.from}`).join('; '),
      );
    },
  },
  {
    id: '31 heard',
    asked: 'mountain bike: "I talk while riding"',
    expected:
      'never the bite piece first; near the mouth, chest or head first; voice and wind told in dB; bars heard worse than the chin',
    find() {
      // Where people talk from, and where nobody would.
      const asked = {
        ask: { talking: true },
        only: ['mouth', 'chin-bar', 'under-visor', 'chest', 'helmet-side', 'helmet-top', 'handlebar', 'under-saddle'],
      };
      const sheet = sheetFor('mountain-bike', 'clear-ahead', asked);
      const first = spotsOf(open(sheet), 3);
      const over = (spotId: string) => {
        const question = shotAt('mountain-bike', spotId, 'clear-ahead');
        return told({ ...question, ask: { ...newAsk('clear-ahead', 'c'), talking: true } }, 'talk');
      };
      const [chin, bars] = [over('chin-bar'), over('handlebar')];
      return outcome(
        !first.includes('mouth') &&
          first.some((id) => ['chin-bar', 'under-visor', 'chest', 'head-front', 'helmet-side'].includes(id)) &&
          chin!.value > bars!.value + 3 &&
          /dB from .* m over .*(foam)/.test(chin!.because),
        `${wordsOf(sheet)}; chin ${chin!.value.toFixed(0)} dB, bars ${bars!.value.toFixed(0)} dB`,
      );
    },
  },
  {
    id: '17 talk',
    asked: 'coupé at 72 km/h, the driver talks: dash, and outside on the screen',
    expected: 'on the dash understood, outside not for wind; who drives touches nothing, and a button is told',
    find() {
      const talks = (spotId: string) => {
        const question = shotAt('coupe', spotId, 'look-back-at-the-face');
        return { ...question, ask: { ...newAsk('look-back-at-the-face', 'c'), talking: true } };
      };
      const [inside, outside] = [told(talks('dash'), 'talk')!, told(talks('screen-outside'), 'talk')!];
      const touched = told(run(talks('dash'), { start: 'remote' }), 'attention');
      return outcome(
        inside.value > 3 && outside.value < -3 && /wind/.test(outside.because) && touched !== undefined,
        `dash ${inside.value.toFixed(0)} dB, outside ${outside.value.toFixed(0)} dB: ${outside.because}; ${touched?.because ?? ''}`,
      );
    },
  },
  {
    id: '16 hot',
    asked: 'coupé, dash, a hot bright day, running; the same in cool air',
    expected: 'on the hot dash it gets too hot within minutes, and what helps is told; in cool air it bears it',
    find() {
      const at = (temperatureC: number) =>
        run(shotAt('coupe', 'dash', 'clear-ahead', { ride: { temperatureC, lightId: 'bright-sun' } }), {
          start: 'running',
          hours: 2,
          stintMin: 30,
        });
      const [hot, cool] = [told(at(34), 'heat')!, told(at(12), 'heat')!];
      return outcome(
        hot.verdict !== 'good' && hot.mend !== null && cool.verdict === 'good',
        `${hot.because} (${hot.verdict}); ${cool.because} (${cool.verdict})`,
      );
    },
  },
];
