import { AstroTime, Body, Equator, Horizon, Observer } from 'astronomy-engine';
import { keepLatest } from '../../mathematics/caching/keepLatest';
import type { SunPlace } from '../../mathematics/sun/sun';
import type { GlobePlace, Moment } from '../../words/shot/moment';
import { clockOf, filmedAt, instantOf, minutesOf } from './clock';

/** Where the sun stands over a place. */
export interface SunAt {
  /** From north, clockwise, degrees. */
  readonly azimuthDeg: number;
  /** Over the horizon as it is seen, refraction included, degrees; negative below. */
  readonly heightDeg: number;
}

const J2000_MS = 946_728_000_000;

/** @param ms milliseconds since 1970, UTC; by the astronomy-engine package (VSOP87, refraction after Sæmundsson) */
export function sunAt({ latDeg, lonDeg }: Pick<GlobePlace, 'latDeg' | 'lonDeg'>, ms: number): SunAt {
  const time = new AstroTime((ms - J2000_MS) / 86_400_000);
  const observer = new Observer(latDeg, lonDeg, 0);
  const { ra, dec } = Equator(Body.Sun, time, observer, true, true);
  const { azimuth, altitude } = Horizon(time, observer, ra, dec, 'normal');
  return { azimuthDeg: azimuth, heightDeg: altitude };
}

const moments = keepLatest<SunAt>(4);

/** The sun at the moment of a shot; kept, since a search asks for one moment thousands of times. */
export const sunOf = (moment: Moment): SunAt =>
  moments([moment.latDeg, moment.lonDeg, moment.timeZone, moment.date, moment.at].join(' '), () =>
    sunAt(moment, instantOf(moment.date, moment.at, moment.timeZone)),
  );

const lowest = keepLatest<number>(4);

/** Height of the sun at the darkest time of a shot that takes some, degrees. */
export const lowestSunDeg = (moment: Moment): number =>
  lowest([moment.latDeg, moment.lonDeg, moment.timeZone, moment.date, moment.at, moment.until ?? ''].join(' '), () =>
    Math.min(...filmedAt(moment).map((at) => sunOf(at).heightDeg)),
  );

/** The sun as somebody who rides that way sees it; null where it is down, or the way is not known. */
export function sunFromCourse({ azimuthDeg, heightDeg }: SunAt, headingDeg: number | null): SunPlace | null {
  if (headingDeg === null || heightDeg < 0) return null;
  return { bearingDeg: (((azimuthDeg - headingDeg) % 360) + 360) % 360, heightDeg: Math.min(90, heightDeg) };
}

export interface SunHour extends SunAt {
  readonly at: string;
}

/** What a day's sun does over a place, by its clock. */
export interface SunCourse {
  readonly hours: readonly SunHour[];
  /** When its upper rim comes over the horizon and goes under; null where it does not that day. */
  readonly rises: string | null;
  readonly sets: string | null;
}

/** Height of the sun's middle when its upper rim stands on the horizon: half of 0.53°. */
const RIM_DEG = -0.27;

export function sunCourse(place: GlobePlace, date: string, stepMin = 10): SunCourse {
  const at = (minutes: number): SunHour => {
    const clock = clockOf(minutes);
    return { at: clock, ...sunAt(place, instantOf(date, clock, place.timeZone)) };
  };
  const hours = Array.from({ length: Math.ceil(1440 / stepMin) }, (_, i) => at(i * stepMin));
  const crossing = (up: boolean): string | null => {
    const i = hours.findIndex((h, k) => {
      const next = hours[k + 1];
      return (
        next &&
        (up ? h.heightDeg < RIM_DEG && next.heightDeg >= RIM_DEG : h.heightDeg >= RIM_DEG && next.heightDeg < RIM_DEG)
      );
    });
    if (i < 0) return null;
    let [low, high] = [minutesOf(hours[i]!.at), minutesOf(hours[i + 1]!.at)];
    while (high - low > 1) {
      const middle = Math.floor((low + high) / 2);
      if (at(middle).heightDeg >= RIM_DEG === up) high = middle;
      else low = middle;
    }
    return clockOf(high);
  };
  return { hours, rises: crossing(true), sets: crossing(false) };
}
