import { filmedThen } from '../../physics/light/clock';
import {
  findingsOf,
  worseThan,
  type CheckId,
  type CheckResult,
  type Finding,
  type Verdict,
} from '../../words/check/result';
import type { SetUp } from '../../words/setUp/setUp';
import type { ShotUse } from '../../words/shot/use';
import type { Term } from '../check/candidate';
import type { Attempt, Check } from '../check/check';
import { CHECKS } from '../checks';
import { shotScene, type ShotScene } from '../scene/shotScene';
import { placeAttempts, slideAttempts } from './elsewhere';

/** A change that was tried: it mends what it is for, stops no other check, and keeps what the shot asks for. */
export interface ProvedMend {
  readonly id: string;
  /** The check that it is for. */
  readonly check: CheckId;
  /** Of its findings the one that it is for; none = the whole. */
  readonly finding?: string;
  readonly text: string;
  /** The set-up as it would be; null where the ride must change. */
  readonly setUp: SetUp | null;
  /** How the camera is run, where that is what changes. */
  readonly use?: ShotUse;
  /** When or which way, where that is what changes. */
  readonly hour?: Attempt['hour'];
  /** Another place than now. */
  readonly elsewhere: boolean;
  /** How much better the check's own figure gets: 1 = all that can be wished from nothing. */
  readonly brings: number;
  /** What goes down with it, in words; null where nothing does. */
  readonly loses: string | null;
  readonly costs: string;
}

/** Less than this is not worth naming, more than this of anything else is lost for it. */
const WORTH_NAMING = 0.04;
const LOST = 0.12;
/** So many are proved by all checks, of them so many elsewhere, and so many are told. */
const PROVED = 18;
const PLACES_PROVED = 10;
const TOLD = 6;
const MOST_PLACES = 2;
/** Columns of the pictures that attempts are compared by. */
const COLUMNS = 32;

interface Outcome {
  readonly verdict: Verdict;
  readonly value: number;
  readonly terms: readonly Term[];
}

/** What changes would mend each check that is not good yet: tried one by one by that check, and the best of them by all. Best first. */
export function mendsOf(
  scene: ShotScene,
  results: readonly CheckResult[],
  checks: readonly Check[] = CHECKS,
): readonly ProvedMend[] {
  const lacking = results.filter(({ verdict }) => verdict === 'watch' || verdict === 'stop');
  if (lacking.length === 0) return [];
  const now = shotScene(scene.question, { columns: COLUMNS, coarse: true });
  const before = new Map(checks.map((check) => [check.id, outcomeOf(check, now)]));
  const scenes = new Map<string, ShotScene | null>();
  /** One scene for one change, whichever checks and findings it is held against. */
  const after = (attempt: Attempt): ShotScene | null => {
    const key = JSON.stringify([attempt.setUp, attempt.ride, attempt.use, attempt.hour]);
    const known = scenes.get(key);
    if (known !== undefined) return known;
    const made = sceneAfter(now, attempt);
    scenes.set(key, made);
    return made;
  };
  const places = [...slideAttempts(scene), ...placeAttempts(scene)];
  return lacking.flatMap((result) => {
    const check = checks.find(({ id }) => id === result.check);
    if (!check) return [];
    const was = before.get(check.id)!;
    const tried = [...check.mend(scene, result), ...places].flatMap((attempt) => {
      const would = after(attempt);
      if (!would) return [];
      const is = outcomeOf(check, would);
      const brings = is.value - was.value;
      if (attempt.mends !== undefined) {
        const found = findingMended(check, now, would, attempt.mends);
        return found
          ? [{ attempt, after: would, brings, ...found, worth: found.worth / Math.sqrt(attempt.effort) }]
          : [];
      }
      const better = worseThan(was.verdict, is.verdict) || (is.verdict === was.verdict && brings >= WORTH_NAMING);
      return better
        ? [
            {
              attempt,
              after: would,
              brings,
              lost: [],
              gain: null,
              worth: worthOf(was, is, brings) / Math.sqrt(attempt.effort),
            },
          ]
        : [];
    });
    let elsewhere = 0;
    return tried
      .sort((a, b) => b.worth - a.worth || a.attempt.id.localeCompare(b.attempt.id))
      .filter(({ attempt }) => !attempt.elsewhere || ++elsewhere <= PLACES_PROVED)
      .filter(fewAlike())
      .slice(0, PROVED)
      .flatMap(({ attempt, after, ...tried }) => {
        const found = proved(check, checks, before, { attempt, after, ...tried });
        return found ? [{ ...found.mend, after, alike: attempt.alike, worth: tried.worth * found.keeps }] : [];
      })
      .sort((a, b) => b.worth - a.worth || a.id.localeCompare(b.id))
      .filter(({ alike }, i, all) => alike === undefined || all.findIndex((m) => m.alike === alike) === i)
      .filter(atMost(MOST_PLACES))
      .slice(0, TOLD)
      .flatMap(({ after, alike, worth, ...mend }): readonly ProvedMend[] => {
        void [alike, worth];
        const surely = check.surely?.(now, after);
        if (surely === null) return [];
        return [surely ? { ...mend, text: `${mend.text}; ${surely}` } : mend];
      });
  });
}

/** Of those with the same word so many are proved: the first may fail. */
const MOST_ALIKE = 3;
function fewAlike() {
  const met = new Map<string, number>();
  return ({ attempt: { alike } }: Pick<Tried, 'attempt'>): boolean => {
    if (alike === undefined) return true;
    const count = (met.get(alike) ?? 0) + 1;
    met.set(alike, count);
    return count <= MOST_ALIKE;
  };
}

const atMost = (most: number) => {
  let places = 0;
  return ({ elsewhere }: Pick<ProvedMend, 'elsewhere'>) => !elsewhere || ++places <= most;
};

const findingsIn = new WeakMap<ShotScene, Map<Check, readonly Finding[]>>();

/** What a check says of a scene, finding by finding; asked once. */
function findingsBy(check: Check, scene: ShotScene): readonly Finding[] {
  const known = findingsIn.get(scene) ?? new Map<Check, readonly Finding[]>();
  findingsIn.set(scene, known);
  let findings = known.get(check);
  if (!findings) {
    const result = check.judge(check.report(scene, { ranges: false, spectra: false }), scene);
    known.set(check, (findings = result ? findingsOf(result) : []));
  }
  return findings;
}

/** Worth of a change that makes one finding better, and what of the same check goes down with it to a watch; null where it does not mend it, or stops another. */
function findingMended(
  check: Check,
  before: ShotScene,
  after: ShotScene,
  id: string,
): (Pick<Tried, 'lost' | 'gain'> & { readonly worth: number }) | null {
  const [was, is] = [findingsBy(check, before), findingsBy(check, after)];
  const verdictIn = (findings: readonly Finding[], of: string): Verdict =>
    findings.find((f) => f.id === of)?.verdict ?? 'good';
  if (!worseThan(verdictIn(was, id), verdictIn(is, id))) return null;
  const worse = is.filter((f) => worseThan(f.verdict, verdictIn(was, f.id)));
  if (worse.some(({ verdict }) => verdict === 'stop')) return null;
  const good = verdictIn(is, id) === 'good';
  return {
    worth: (good ? 2 : 1) / (1 + worse.length),
    gain: good ? 'mends it' : 'helps, not all the way',
    lost: worse.map(({ label, value, unit }) => `${label} ${value.toFixed(1)} ${unit}`),
  };
}

/** A better verdict counts before any figure. */
const worthOf = (was: Outcome, is: Outcome, brings: number): number =>
  brings + (worseThan(was.verdict, is.verdict) ? (was.verdict === 'stop' && is.verdict === 'good' ? 2 : 1) : 0);

const judgedOf = new WeakMap<ShotScene, Map<Check, Outcome>>();

/** What a check makes of a scene; each is asked once. */
function outcomeOf(check: Check, scene: ShotScene): Outcome {
  const known = judgedOf.get(scene) ?? new Map<Check, Outcome>();
  judgedOf.set(scene, known);
  const outcome = known.get(check) ?? judgeOnce(check, scene);
  known.set(check, outcome);
  return outcome;
}

function judgeOnce(check: Check, scene: ShotScene): Outcome {
  const judged = check.searchTerm.judge(scene);
  const { verdict } = judged;
  const terms = judged.terms.filter((term) => !term.unasked);
  return { verdict, terms, value: terms.length > 0 ? terms.reduce((sum, t) => sum + t.value, 0) / terms.length : 0 };
}

/** A change and what is known of it. */
interface Tried {
  readonly attempt: Attempt;
  readonly after: ShotScene;
  readonly brings: number;
  /** What goes down with it within its own check, in words. */
  readonly lost: readonly string[];
  /** What a single finding gains, in words; null where the check's own figure tells. */
  readonly gain: string | null;
  /** What it is worth for the effort, before the other checks are heard. */
  readonly worth: number;
}

/** Of what the other checks make of it another place must leave such a share, or it is no mend but another wish. Common practice, no source. */
const LEAST_KEPT = 0.5;

/** What brings so much is worth trying though the stop stays: on the chest a phone still shakes, but a fourth as much. Common practice, no source. */
const EASED = 0.1;

/**
 * The attempt held against all other checks: nothing may get worse by a verdict, and the picture stays what was asked. Only what ends or eases a stop
 * may have another check say watch, and is told with it.
 * @returns with the share that it leaves of what goes down with it
 */
function proved(
  check: Check,
  checks: readonly Check[],
  before: ReadonlyMap<CheckId, Outcome>,
  { attempt, after, brings, lost: lostAlready, gain }: Tried,
): { readonly mend: ProvedMend; readonly keeps: number } | null {
  const lost: string[] = [...lostAlready];
  let keeps = 1;
  const easesStop =
    before.get(check.id)!.verdict === 'stop' && (outcomeOf(check, after).verdict !== 'stop' || brings >= EASED);
  for (const other of checks) {
    if (other.id === check.id) continue;
    const [was, is] = [before.get(other.id)!, outcomeOf(other, after)];
    // Nobody goes elsewhere to be stopped there for something else.
    if (attempt.elsewhere && is.verdict === 'stop') return null;
    if (worseThan(is.verdict, was.verdict)) {
      if (!easesStop || is.verdict === 'stop') return null;
      lost.push(`${other.name} becomes ${is.verdict}`);
    }
    for (const term of is.terms) {
      const had = was.terms.find((t) => t.id === term.id)?.value ?? 0;
      if (term.value >= had - LOST) continue;
      if (term.id === 'picture') return null;
      lost.push(term.text);
      keeps *= Math.max(0, term.value) / had;
    }
  }
  if (attempt.elsewhere && keeps < LEAST_KEPT) return null;
  const gains = gain ?? gainOf(check, before.get(check.id)!, outcomeOf(check, after));
  if (gains === null) return null;
  const text = typeof attempt.text === 'string' ? attempt.text : attempt.text(after);
  const mend: ProvedMend = {
    id: attempt.id,
    check: check.id,
    ...(attempt.mends === undefined ? {} : { finding: attempt.mends }),
    text: `${text}: ${gains}`,
    setUp: attempt.ride ? null : after.question.setUp,
    ...(attempt.use ? { use: attempt.use } : {}),
    ...(attempt.hour ? { hour: attempt.hour } : {}),
    elsewhere: attempt.elsewhere ?? false,
    brings,
    loses: lost.length > 0 ? lost.join('; ') : null,
    costs: attempt.costs,
  };
  return { mend, keeps };
}

/** A first figure that gets better by less is not what the change is for. */
const FIGURE_GAINS = 0.02;

/** What is gained, in words: the check's first figure where that gets better, and whether the stop stays; else the verdict; null where neither does. */
function gainOf({ name }: Check, was: Outcome, { terms: [figure], verdict }: Outcome): string | null {
  const had = was.terms.find(({ id }) => id === figure?.id)?.value ?? 0;
  const stays = verdict === 'stop' ? `; ${name} still says stop` : '';
  if (figure && figure.value > had + FIGURE_GAINS) return `${figure.text}${stays}`;
  return worseThan(was.verdict, verdict) ? `${name} becomes ${verdict}` : null;
}

/** The shot as it would be; null where it cannot be built. */
function sceneAfter(now: ShotScene, attempt: Attempt): ShotScene | null {
  const { question, ride } = now;
  try {
    const then = shotScene(
      {
        ...question,
        setUp: attempt.setUp ?? question.setUp,
        ride: { ...ride, ...attempt.ride },
        ...(attempt.use ? { use: attempt.use } : {}),
        ...(attempt.hour && question.moment ? { moment: filmedThen(question.moment, attempt.hour) } : {}),
      },
      { columns: COLUMNS, coarse: true },
    );
    // At another hour the same is seen.
    return attempt.hour && !attempt.setUp ? { ...then, framed: now.framed } : then;
  } catch (error) {
    // An attempt that cannot be built is none; anything else is a fault.
    if (error instanceof RangeError) return null;
    throw error;
  }
}
