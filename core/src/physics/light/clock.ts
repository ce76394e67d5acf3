import { keepLatest } from '../../mathematics/caching/keepLatest';
import type { Moment, ShotHour } from '../../words/shot/moment';

const DAY_MS = 86_400_000;

/** Days since 1 January 1970 of a date of the Gregorian calendar (the usual count from 1 March of the year 0). */
function dayNumber(date: string): number {
  const [year, month, day] = date.split('-').map(Number) as [number, number, number];
  const y = month <= 2 ? year - 1 : year;
  const era = Math.floor(y / 400);
  const ofEra = y - era * 400;
  const ofYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1;
  const day0 = ofEra * 365 + Math.floor(ofEra / 4) - Math.floor(ofEra / 100) + ofYear;
  return era * 146_097 + day0 - 719_468;
}

/** A date so many days later, yyyy-mm-dd. */
export function dateAfter(date: string, days: number): string {
  if (days === 0) return date;
  // Back from the count: whole eras of 400 years, then years and months from March.
  const z = dayNumber(date) + days + 719_468;
  const era = Math.floor(z / 146_097);
  const ofEra = z - era * 146_097;
  const year = Math.floor(
    (ofEra - Math.floor(ofEra / 1460) + Math.floor(ofEra / 36_524) - Math.floor(ofEra / 146_096)) / 365,
  );
  const ofYear = ofEra - (365 * year + Math.floor(year / 4) - Math.floor(year / 100));
  const m = Math.floor((5 * ofYear + 2) / 153);
  const day = ofYear - Math.floor((153 * m + 2) / 5) + 1;
  const month = m < 10 ? m + 3 : m - 9;
  const y = year + era * 400 + (month <= 2 ? 1 : 0);
  return `${String(y).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
}

export const minutesOf = (at: string): number => Number(at.slice(0, 2)) * 60 + Number(at.slice(3, 5));

/** 615 → "10:15"; 1440 is the end of the day. */
export const clockOf = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(Math.floor(minutes) % 60).padStart(2, '0')}`;

const clocks = keepLatest<Intl.DateTimeFormat>(12);

/** The clock of a zone: it takes a hundred times as long to make as to read. @throws RangeError for a zone that is not known */
const clockIn = (timeZone: string): Intl.DateTimeFormat =>
  clocks(
    timeZone,
    () =>
      new Intl.DateTimeFormat('en-u-hc-h23', {
        timeZone,
        year: 'numeric',
        month: '2-digit',
        day: '2-digit',
        hour: '2-digit',
        minute: '2-digit',
        second: '2-digit',
      }),
  );

/** Whether the zone is one that this machine knows. */
export function knowsZone(timeZone: string): boolean {
  try {
    clockIn(timeZone);
    return true;
  } catch {
    return false;
  }
}

const wall = (ms: number, timeZone: string): number => {
  const parts = clockIn(timeZone).formatToParts(ms);
  const of = (type: string) => parts.find((part) => part.type === type)?.value ?? '0';
  const date = `${of('year').padStart(4, '0')}-${of('month')}-${of('day')}`;
  return dayNumber(date) * DAY_MS + minutesOf(`${of('hour')}:${of('minute')}`) * 60_000 + Number(of('second')) * 1000;
};

/**
 * Milliseconds since 1970 (UTC) of a time on a zone's clock. Where a clock is put forward, a time that there is not is taken as after the
 * change; where it is put back, as the first of the two. @throws RangeError for a zone that is not known
 */
export function instantOf(date: string, at: string, timeZone: string): number {
  const wanted = dayNumber(date) * DAY_MS + minutesOf(at) * 60_000;
  let ms = wanted;
  // Twice: the first step may cross a change of the clock.
  for (let i = 0; i < 2; i++) ms += wanted - wall(ms, timeZone);
  const earlier = ms - 3_600_000;
  return wall(earlier, timeZone) === wanted ? earlier : ms;
}

const DAY_MIN = 1440;
/** So often the time that a shot takes is looked at, minutes, and no more than so many times. */
const EVERY = { minutes: 30, most: 6 } as const;

/** How long a shot is filmed, minutes; 0 where nobody said until when. Until before it begins is after midnight. */
export const filmedMin = ({ at, until }: Pick<Moment, 'at' | 'until'>): number =>
  until === undefined ? 0 : (minutesOf(until) - minutesOf(at) + DAY_MIN) % DAY_MIN;

/** The moments of a shot that takes some time, from its beginning to its end; one where it takes none. */
export function filmedAt(moment: Moment): readonly Moment[] {
  const minutes = filmedMin(moment);
  const steps = Math.min(EVERY.most, Math.ceil(minutes / EVERY.minutes));
  return Array.from({ length: steps + 1 }, (_, i) => {
    const at = minutesOf(moment.at) + Math.round((i * minutes) / Math.max(1, steps));
    return {
      ...moment,
      at: clockOf(at % DAY_MIN),
      date: dateAfter(moment.date, Math.floor(at / DAY_MIN)),
    };
  });
}

/** A shot at another hour or on another way: it takes as much time as before. */
export function filmedThen<Hour extends ShotHour>(hour: Hour, to: Partial<Pick<ShotHour, 'at' | 'headingDeg'>>): Hour {
  const then = { ...hour, ...to };
  return hour.until === undefined
    ? then
    : { ...then, until: clockOf((minutesOf(then.at) + filmedMin(hour)) % DAY_MIN) };
}
