import { clamp } from '../../../mathematics/units/angle';
import { findingsOf, worseOf, type Finding } from '../../../words/check/result';
import type { Ask } from '../../../words/shot/ask';
import type { Term } from '../../check/candidate';
import type { Check } from '../../check/check';
import { judgeLast } from './judgeLast';
import { knockFinding } from './knockFinding';
import { FELT, HAND_OFTEN } from './riderFindings';
import { lensFinding, waterFinding } from './weatherFindings';
import { attemptsAt } from './lastAttempts';
import { lastFound, type LastFound } from './lastFound';
import { cleanLens, LOOK_MIN } from './lensLooks';
import { IN_REACH, riderFound, type RiderFound } from './riderFound';
import { UNDERSTOOD_DB } from '../../../physics/lasting/sound';

const COMMON = 'common practice';
/** Decibels from understood with effort to understood with ease. */
const EASE_DB = 4;

/** What a hand that is wanted elsewhere all the time takes of a shot: it lasts as long as the hand can be spared. Common practice, no source. */
const HAND_TAKES = 0.6;
/** What one thing to look after, and one that stops, take of a shot that lasts. Common practice, no source. */
const TAKES = { watch: 0.85, stop: 0.5 } as const;
/** What is broken once films no more. Common practice, no source. */
const KNOCKS_TAKE = 0.2;

function termsOf(
  { reach, sound, handBusy }: Pick<RiderFound, 'reach' | 'sound' | 'handBusy'>,
  findings: readonly Finding[],
  ask: Ask,
): Term[] {
  const heard = sound.overDb;
  const cares = findings.flatMap(({ id, verdict }) =>
    verdict === 'good' || id === 'hand' ? [] : [id === 'knocks' ? KNOCKS_TAKE : TAKES[verdict]],
  );
  const spared = 1 - HAND_TAKES * handBusy;
  return [
    {
      id: 'lasts',
      value: cares.reduce((product, taken) => product * taken, spared),
      text:
        handBusy > HAND_OFTEN
          ? 'the hand has something else to do'
          : cares.length === 0
            ? 'nothing left to look after'
            : `${cares.length} ${cares.length === 1 ? 'thing' : 'things'} left to look after`,
    },
    {
      id: 'reach',
      value: clamp(1 - Math.max(0, reach.arms - 0.8) / 0.4, 0, 1),
      text: reach.arms <= IN_REACH ? 'its button is in reach' : 'its button is out of reach under way',
      ...(ask.reachable ? {} : { unasked: true }),
    },
    {
      id: 'talk',
      value: heard === null ? 0 : 1 / (1 + Math.exp(-(heard - UNDERSTOOD_DB.atAll) / EASE_DB)),
      text:
        heard === null
          ? 'nobody talks here'
          : `${sound.mouthM!.toFixed(1)} m from the mouth, voice ${Math.abs(heard).toFixed(0)} dB ${heard < 0 ? 'under' : 'over'} the rest`,
      ...(ask.talking ? {} : { unasked: true }),
    },
  ];
}

/** Whether it runs, sees and hears to the end, and what it costs. */
export const last: Check<LastFound> = {
  id: 'last',
  name: 'Last',
  question: 'Does it last: battery, card, heat, cold, a clean lens, sound, and your attention?',
  units: ['', 'm', 'g', 'GB', '°C', 'min', 'dB', '%'],
  limits: [
    { what: 'minutes between looks at the lens', value: LOOK_MIN, unit: 'min', source: COMMON },
    { what: 'voice over the rest, understood with ease', value: UNDERSTOOD_DB.easily, unit: 'dB', source: COMMON },
    { what: 'reach of its button, in arm’s lengths', value: IN_REACH, unit: '', source: COMMON },
    { what: 'its drag, of your effort', value: FELT.effort * 100, unit: '%', source: COMMON },
    { what: 'points of glide lost', value: FELT.glide, unit: '', source: COMMON },
    {
      what: 'of the ride for which the hand that films holds on',
      value: HAND_OFTEN * 100,
      unit: '%',
      source: 'estimate',
    },
  ],
  report: (scene) => lastFound(scene),
  judge: judgeLast,
  searchTerm: {
    cost: 'cheap',
    judge(scene) {
      if (scene.sightlines !== null) {
        // The rough pass has thousands to look at: what stops a place, and what it is to who rides.
        const rider = riderFound(scene, true);
        const lens = cleanLens(scene);
        const told = [waterFinding({ ...rider, ...lens }, scene), lensFinding(lens), knockFinding(rider, scene)].filter(
          (finding) => finding !== null,
        );
        const verdict = told.map((finding) => finding.verdict).reduce(worseOf, 'good');
        return { verdict, rejection: null, terms: termsOf(rider, told, scene.ask) };
      }
      const found = lastFound(scene);
      const result = judgeLast(found, scene);
      const { verdict } = result;
      return {
        verdict: verdict === "can't say" ? 'good' : verdict,
        rejection: null,
        terms: termsOf(found, findingsOf(result), scene.ask),
      };
    },
  },
  mend: attemptsAt,
};
