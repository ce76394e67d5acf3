import { judgeLight } from '../checks/light/judgeLight';
import { lightFound } from '../checks/light/found/lightFound';
import { overWays, type Lit } from '../checks/light/found/sunOnWays';
import { shotScene } from '../scene/shotScene';
import { sunCourse, type SunCourse, type SunHour } from '../../physics/light/sunCourse';
import { findingsOf, type Verdict } from '../../words/check/result';
import type { ShotQuestion } from '../../words/shot/shotQuestion';

/** What the light does to a shot at one hour. */
export interface ShotLightHour extends SunHour {
  readonly ev: number;
  readonly verdict: Verdict;
  /** What is worth a look then, worst first, in words. */
  readonly because: readonly string[];
  readonly lit: Lit | null;
  /** Of the ride with the sun in the picture, and of the picture in one's own shadow. */
  readonly sunShare: number;
  readonly shadowShare: number;
  /** Findings that are not good, by id. */
  readonly troubles: readonly string[];
}

/** A day's sun over a shot. */
export interface LightOfDay {
  readonly course: SunCourse;
  readonly hours: readonly ShotLightHour[];
}

const STEP_MIN = 30;
/** Of the picture that own shadows are looked for in, hour by hour: shares within 1.7 points (docs/models.md, Light). */
const COLUMNS = 24;

/** Every half hour of the day of a shot; null where the outing does not say where it is. */
export function lightOfDay(question: ShotQuestion): LightOfDay | null {
  const { moment } = question;
  if (!moment) return null;
  const { until, ...once } = moment;
  void until;
  const scene = shotScene(question);
  const course = sunCourse(moment, moment.date);
  const every = course.hours.filter(({ at }) => Number(at.slice(3)) % STEP_MIN === 0);
  return {
    course,
    hours: every.map((hour): ShotLightHour => {
      const then = { ...scene, question: { ...question, moment: { ...once, at: hour.at } } };
      const found = lightFound(then, COLUMNS);
      const result = judgeLight(found, then);
      const bad = findingsOf(result).filter((f) => f.verdict !== 'good');
      return {
        ...hour,
        ev: found.ev,
        verdict: result.verdict === "can't say" ? 'good' : result.verdict,
        because: bad.map((f) => f.because),
        troubles: bad.map((f) => f.id),
        lit: found.ways.length === 1 ? found.ways[0]!.lit : null,
        sunShare: overWays(found.ways, ({ met }) => met.share),
        shadowShare: overWays(found.ways, ({ shadow }) => shadow?.share ?? 0),
      };
    }),
  };
}
