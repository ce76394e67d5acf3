import type { LightId } from '../../words/ride/lights';
import type { Moment } from '../../words/shot/moment';
import { clockOf, dateAfter, minutesOf } from './clock';
import { exposureValue } from './daylight';
import { exposed, type Exposing } from './exposure';
import { sunOf } from './sunCourse';

const STEP_MIN = 10;
const DAY_MIN = 1440;

/** When, after a moment and within a day, a camera begins to take more gain than looks good, hh:mm; null = it does not, or does so already. */
export function darkFrom(moment: Moment, lightId: LightId, exposing: Exposing, poorIso: number): string | null {
  const isDark = (minutes: number): boolean => {
    const at = {
      ...moment,
      date: dateAfter(moment.date, Math.floor(minutes / DAY_MIN)),
      at: clockOf(minutes % DAY_MIN),
    };
    const { iso, darkStops } = exposed(exposureValue(lightId, sunOf(at).heightDeg), exposing);
    return iso > poorIso || darkStops > 0;
  };
  const from = minutesOf(moment.at);
  if (isDark(from)) return null;
  for (let after = STEP_MIN; after < DAY_MIN; after += STEP_MIN)
    if (isDark(from + after)) return clockOf((from + after) % DAY_MIN);
  return null;
}
