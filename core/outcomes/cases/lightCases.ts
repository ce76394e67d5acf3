import { findingsOf, type Finding } from '../../src/words/check/result';
import { newAsk } from '../../src/words/shot/ask';
import type { Moment } from '../../src/words/shot/moment';
import { lightOfDay } from '../../src/judging/report/lightOfDay';
import { foundBy, shotReport } from '../../src/judging/report/shotReport';
import { checkOf, open, sheetFor, shotAt, steadyAt, wordsOf } from '../ask';
import type { ShotQuestion } from '../../src/words/shot/shotQuestion';
import { outcome, type OutcomeCase } from '../case';

type Built = Parameters<typeof shotAt>[3];

/** A clear winter day of the middle north, the sun low from the south-east in the morning to the south-west. */
const WINTER: Moment = {
  latDeg: 50,
  lonDeg: 0,
  timeZone: 'UTC',
  date: '2027-02-14',
  at: '16:00',
  headingDeg: null,
};
const shot = (machineId: string, spotId: string, intentId: string, moment: Partial<Moment>, built: Built = {}) => ({
  ...shotAt(machineId, spotId, intentId, built),
  moment: { ...WINTER, ...moment },
});
const lightAt = (question: ReturnType<typeof shot>) => foundBy(shotReport(question, { only: ['light'] }), 'light');
const told = (question: ShotQuestion, id: string): Finding | undefined =>
  findingsOf(checkOf(question, 'light')).find((f) => f.id === id);

/** Light: cases 21, 43 and 50 to 52. */
export const LIGHT_CASES: readonly OutcomeCase[] = [
  {
    id: '21',
    asked: 'coupé, night streaks, asked for on a day of sun, and held to daylight',
    expected:
      'outside on the car before the chest, stills at intervals of a quarter of a second or more, not steadied, part of the car sharp, the streak told: its light starts at night; in daylight it says so',
    find() {
      const sheet = sheetFor('coupe', 'night-streaks', {
        only: ['bonnet', 'chest', 'helmet-top'],
      });
      const [first] = open(sheet);
      const { setUp } = first?.candidate ?? {};
      const night = first && findingsOf(first.exact.checks.find((c) => c.check === 'light')!);
      const streak = night?.find((f) => f.id === 'streaks');
      const steady = first?.exact.checks.find((c) => c.check === 'steady')?.verdict;
      const lit = shotAt('coupe', 'bonnet', 'night-streaks');
      const byDay = { ...lit, ride: { ...lit.ride!, lightId: 'overcast' } as const };
      const day = setUp && told({ ...byDay, setUp }, 'streaks');
      return outcome(
        first?.spotId === 'bonnet' &&
          setUp?.stabiliserId === 'off' &&
          (streak?.value ?? 0) >= 0.25 &&
          /drawn over \d+°/.test(streak?.because ?? '') &&
          steady === 'good' &&
          day?.verdict === 'stop' &&
          /begin at night/.test(day.because),
        `${wordsOf(sheet)}; ${setUp?.modeId}, ${streak?.because}; ${day?.because}`,
      );
    },
  },
  {
    id: '50',
    asked: 'low sun behind a chest camera on a gravel bike, then from the other side',
    expected:
      'its own shadow in the picture, told with share, hour and the other way; ridden the other way none, and the sun before it',
    find() {
      const away = shot('road-bike', 'chest', 'hands-and-trail', { headingDeg: 60 });
      const toward = shot('road-bike', 'chest', 'hands-and-trail', { headingDeg: 240 });
      const shadow = told(away, 'own-shadow');
      const hours = lightOfDay(away)!
        .hours.filter((h) => h.shadowShare > 0.02)
        .map((h) => h.at);
      const [behind, before] = [lightAt(away).ways[0]!, lightAt(toward).ways[0]!];
      return outcome(
        shadow?.verdict === 'watch' &&
          /the other (side|way)/.test(shadow.mend?.text ?? '') &&
          hours.length > 2 &&
          before.shadow!.share < behind.shadow!.share / 4 &&
          behind.lit === 'front' &&
          before.lit === 'behind',
        `${shadow?.because ?? 'nothing'} from ${hours[0]} to ${hours.at(-1)}; the other way ${(100 * before.shadow!.share).toFixed(1)} %, lit from ${before.lit}`,
      );
    },
  },
  {
    id: '50 asked',
    asked: 'the sun is to stay out of a chin camera that rides into it',
    expected: 'a stop where it was to stay out, a watch where nobody said so, and neither by noon in summer',
    find() {
      const low = shot('mountain-bike', 'chin-bar', 'clear-ahead', { headingDeg: 237 });
      const asked = { ...low, ask: { ...newAsk('clear-ahead', 'c'), sun: { bearingDeg: 0, heightDeg: 6 } } };
      const noon = shot('mountain-bike', 'chin-bar', 'clear-ahead', {
        headingDeg: 237,
        date: '2027-06-21',
        at: '12:00',
      });
      const said = [asked, low, noon].map((q) => told(q, 'sun')?.verdict);
      return outcome(said.join() === 'stop,watch,good', said.join(', '));
    },
  },
  {
    id: '51',
    asked: 'helmet top in the open, automatic exposure, bright sun; the same 12° lower, as a chest camera shows it',
    expected: 'so much sky darkens the trail by about a stop, lower by half a stop less; tilt, lock or minus one stop',
    find() {
      const level = shot('mountain-bike', 'helmet-top', 'clear-ahead', {}, { ride: { lightId: 'bright-sun' } });
      const { angles } = level.setUp;
      const lower = { ...level, setUp: { ...level.setUp, angles: { ...angles, tiltDeg: angles.tiltDeg - 12 } } };
      const [high, low] = [lightAt(level).groundOffStops, lightAt(lower).groundOffStops];
      const words = told(level, 'ground-dark')?.mend?.text ?? '';
      return outcome(
        high < -0.9 && high > -1.6 && low > high + 0.3 && /tilt.*lock.*minus one stop/.test(words),
        `${high.toFixed(1)}, lower ${low.toFixed(1)} stops; ${words}`,
      );
    },
  },
  {
    id: '52',
    asked: 'dusk: cube camera at 60 and 30 a second, and a camera with a big sensor; the hour from which it is poor',
    expected: 'at 60 it takes more gain than at 30, the big sensor bears it longest, and the day says from when',
    find() {
      const dusk = { ride: { lightId: 'bright-sun' } } as const;
      const of = (setUp: object) => shot('mountain-bike', 'chest', 'clear-ahead', { at: '17:45' }, { ...dusk, setUp });
      const [sixty, thirty, big] = [of({}), of({ modeId: 'tall' }), of({ cameraId: 'cage-camera' })];
      const dark = [sixty, thirty, big].map((q) => told(q, 'too-dark')!.value);
      const hours = lightOfDay(sixty)!.hours;
      const poor = hours.find((h) => h.at > '12:00' && h.troubles.includes('too-dark'))?.at ?? '';
      return outcome(
        dark[0]! > dark[1]! && dark[1]! > dark[2]! && poor > '16:30' && poor < '18:30',
        `${dark.map((d) => d.toFixed(1)).join(', ')} stops too dark; poor from ${poor}`,
      );
    },
  },
  {
    id: '43 dusk',
    asked: 'grey filters in sun and at dusk, and jelly behind them',
    expected: 'in sun jelly falls with each filter; at dusk a filter makes it too dark, and off it comes',
    find() {
      const in_ = (ndStops: number, at: string) =>
        shot('road-bike', 'handlebar', 'clear-ahead', { at }, { ride: { lightId: 'bright-sun' }, setUp: { ndStops } });
      const jelly = [0, 2, 4, 6].map((nd) => steadyAt(in_(nd, '12:00')).px.jelly);
      const falls = jelly.every((px, i) => i === 0 || px < jelly[i - 1]!);
      const filtered = told(in_(4, '17:20'), 'too-dark');
      const without = told(in_(0, '17:20'), 'too-dark');
      return outcome(
        falls && filtered!.value > without!.value && /filter off/.test(filtered!.mend?.text ?? ''),
        `jelly ${jelly.map((px) => px.toFixed(1)).join(', ')} px; at dusk ${filtered!.value.toFixed(1)} stops too dark with ND16, ${without!.value.toFixed(1)} without`,
      );
    },
  },
];
