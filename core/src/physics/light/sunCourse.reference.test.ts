/** Sun, daylight and exposure against others: the suncalc package, Meinel's and photographers' tables. */
import * as suncalc from 'suncalc';
import { clockOf, instantOf, knowsZone, minutesOf } from './clock';
import { daylightStops, airMass, exposureValue, isSunny } from './daylight';
import { exposed, exposureS, exposureWords, type Exposing } from './exposure';
import { lowestSunDeg, sunAt, sunCourse, sunFromCourse, sunOf } from './sunCourse';

const PLACES = [
  ['far north in summer', 69.6, 18.9, Date.UTC(2027, 5, 21, 22, 30)],
  ['mid north in spring', 46.5, 9.8, Date.UTC(2027, 3, 4, 9, 0)],
  ['mid north in winter', 61.5, -7.2, Date.UTC(2027, 1, 14, 14, 40)],
  ['near the equator', -0.6, 36.1, Date.UTC(2027, 8, 23, 12, 5)],
  ['south in summer', -44.6, 168.9, Date.UTC(2027, 11, 21, 2, 20)],
  ['west, before a leap day', 38.5, -109.5, Date.UTC(2028, 1, 28, 23, 50)],
] as const;

describe('the sun', () => {
  // The suncalc package: another author's formulas, refraction included as well.
  it.each(PLACES)('stands %s where another package has it', (_, latDeg, lonDeg, ms) => {
    const { azimuthDeg, heightDeg } = sunAt({ latDeg, lonDeg }, ms);
    const other = suncalc.getPosition(new Date(ms), latDeg, lonDeg);
    expect(Math.abs(heightDeg - other.altitude)).toBeLessThan(0.05);
    const apart = ((azimuthDeg - other.azimuth + 540) % 360) - 180;
    expect(Math.abs(apart)).toBeLessThan(0.05);
  });

  it('stands where the worked example of Reda & Andreas (2008, NREL/TP-560-34302, from memory) has it', () => {
    // 17 October 2003, 12:30:30 at UTC − 7, 39.742476° north, 105.1786° west: zenith 50.11162°, azimuth 194.34024°, at 820 mbar and 11 °C.
    const { heightDeg, azimuthDeg } = sunAt(
      { latDeg: 39.742476, lonDeg: -105.1786 },
      Date.UTC(2003, 9, 17, 19, 30, 30),
    );
    expect(Math.abs(90 - heightDeg - 50.11162)).toBeLessThan(0.01);
    expect(Math.abs(azimuthDeg - 194.34024)).toBeLessThan(0.01);
  });

  it('is overhead at noon on the tropic at midsummer, and due south where it culminates north of it', () => {
    // Declination at the solstice 23.44°: Explanatory Supplement to the Astronomical Almanac, from memory.
    const { heightDeg } = sunAt({ latDeg: 23.44, lonDeg: 0 }, Date.UTC(2027, 5, 21, 12, 2));
    expect(heightDeg).toBeGreaterThan(89.5);
    const { hours } = sunCourse({ latDeg: 50, lonDeg: 0, timeZone: 'UTC' }, '2027-03-20');
    const top = hours.reduce((a, b) => (b.heightDeg > a.heightDeg ? b : a));
    expect(Math.abs(top.azimuthDeg - 180)).toBeLessThan(3);
    expect(Math.abs(top.heightDeg - 40)).toBeLessThan(0.3);
  });

  it('rises and sets as the other package says to two minutes; in the polar night and day it does neither', () => {
    const place = { latDeg: 46.5, lonDeg: 9.8, timeZone: 'UTC' };
    const { rises, sets } = sunCourse(place, '2027-04-04');
    const other = suncalc.getTimes(new Date(Date.UTC(2027, 3, 4, 12)), 46.5, 9.8);
    const minutes = (date: Date) => date.getUTCHours() * 60 + date.getUTCMinutes();
    const own = (at: string | null) => Number(at!.slice(0, 2)) * 60 + Number(at!.slice(3));
    expect(Math.abs(own(rises) - minutes(other.sunrise as Date))).toBeLessThanOrEqual(2);
    expect(Math.abs(own(sets) - minutes(other.sunset as Date))).toBeLessThanOrEqual(2);
    for (const date of ['2027-06-21', '2027-12-21'])
      expect(sunCourse({ latDeg: 78, lonDeg: 15, timeZone: 'UTC' }, date)).toMatchObject({ rises: null, sets: null });
  });

  // Sunrise and sunset as almanacs and calendars print them for big towns at the solstices, from memory, rounded to the minute; the
  // upper rim and 34' of refraction, as the Explanatory Supplement to the Astronomical Almanac reckons them.
  it.each([
    [51.5, -0.12, 'UTC', '2027-06-21', '03:43', '20:21'],
    [51.5, -0.12, 'UTC', '2027-12-21', '08:04', '15:53'],
    [40.71, -74.01, 'Etc/GMT+4', '2027-06-21', '05:25', '20:31'],
    [40.71, -74.01, 'Etc/GMT+5', '2027-12-21', '07:17', '16:32'],
    [34.05, -118.24, 'Etc/GMT+7', '2027-06-21', '05:42', '20:08'],
    [35.68, 139.69, 'Etc/GMT-9', '2027-06-21', '04:25', '19:00'],
    [60.17, 24.94, 'Etc/GMT-2', '2027-12-21', '09:24', '15:13'],
    [-33.87, 151.21, 'Etc/GMT-11', '2027-12-21', '05:41', '20:05'],
  ])(
    'at %s° north, %s° east (%s) rises and sets on %s as almanacs print it',
    (latDeg, lonDeg, timeZone, date, rise, set) => {
      const { rises, sets } = sunCourse({ latDeg, lonDeg, timeZone }, date);
      expect(Math.abs(minutesOf(rises!) - minutesOf(rise))).toBeLessThanOrEqual(2);
      expect(Math.abs(minutesOf(sets!) - minutesOf(set))).toBeLessThanOrEqual(2);
    },
  );

  it('of a shot that takes some time stands lowest at its darkest', () => {
    const moment = { latDeg: 50, lonDeg: 0, timeZone: 'UTC', date: '2027-02-14', at: '15:30', headingDeg: null };
    expect(lowestSunDeg(moment)).toBe(sunOf(moment).heightDeg);
    expect(lowestSunDeg({ ...moment, until: '17:00' })).toBe(sunOf({ ...moment, at: '17:00' }).heightDeg);
    expect(lowestSunDeg({ ...moment, at: '07:30', until: '12:00' })).toBe(sunOf({ ...moment, at: '07:30' }).heightDeg);
  });

  it('is told from the way of travel; down, or with no way, it is told to nobody', () => {
    expect(sunFromCourse({ azimuthDeg: 200, heightDeg: 12 }, 290)).toEqual({ bearingDeg: 270, heightDeg: 12 });
    expect(sunFromCourse({ azimuthDeg: 10, heightDeg: 12 }, 350)!.bearingDeg).toBe(20);
    expect(sunFromCourse({ azimuthDeg: 200, heightDeg: -1 }, 290)).toBeNull();
    expect(sunFromCourse({ azimuthDeg: 200, heightDeg: 12 }, null)).toBeNull();
  });
});

describe('a clock', () => {
  it.each(['UTC', 'MST7MDT', 'EET', 'Etc/GMT-13'])('in %s is read as Intl writes it', (timeZone) => {
    for (const [date, at] of [
      ['2027-02-14', '09:30'],
      ['2027-07-01', '23:50'],
      ['2028-02-29', '00:10'],
    ] as const) {
      const shown = new Intl.DateTimeFormat('sv', { timeZone, dateStyle: 'short', timeStyle: 'short' }).format(
        instantOf(date, at, timeZone),
      );
      expect(shown).toBe(`${date} ${at}`);
    }
  });

  it('put forward or back gives one time, never none', () => {
    // MST7MDT, 2027: forward on 14 March at 2, back on 7 November at 2 (rules of the IANA database).
    expect(instantOf('2027-03-14', '01:59', 'MST7MDT')).toBe(Date.UTC(2027, 2, 14, 8, 59));
    expect(instantOf('2027-03-14', '03:00', 'MST7MDT')).toBe(Date.UTC(2027, 2, 14, 9, 0));
    expect(Number.isFinite(instantOf('2027-03-14', '02:30', 'MST7MDT'))).toBe(true);
    expect(instantOf('2027-11-07', '01:30', 'MST7MDT')).toBe(Date.UTC(2027, 10, 7, 7, 30));
    expect(clockOf(615)).toBe('10:15');
    expect([knowsZone('UTC'), knowsZone('Nowhere/Else')]).toEqual([true, false]);
  });
});

describe('light', () => {
  it.each([
    [30, -0.3],
    [20, -0.6],
    [10, -1.1],
    [5, -2.0],
    [2, -3.3],
  ])(
    'at %s° is %s stops down on a surface turned to the sun (Meinel & Meinel 1976 with Kasten & Young 1989, from memory)',
    (height, stops) => {
      expect(Math.abs(daylightStops(height) - stops)).toBeLessThan(0.11);
    },
  );

  it('grows less without a step as the sun sinks, and no more once it is deep night', () => {
    expect(airMass(90)).toBeCloseTo(1, 3);
    for (let h = 90; h > -20; h -= 0.05) {
      const step = daylightStops(h) - daylightStops(h - 0.05);
      expect(step).toBeGreaterThanOrEqual(-1e-9);
      expect(step).toBeLessThan(0.12);
    }
    expect(daylightStops(-30)).toBe(daylightStops(-18));
  });

  it('follows the sun under an open or clouded sky; dusk and lamps say for themselves how dark it is', () => {
    expect(exposureValue('bright-sun', 90)).toBeCloseTo(15, 6);
    expect(exposureValue('bright-sun', undefined)).toBe(15);
    expect(exposureValue('overcast', 10)).toBeCloseTo(12 - 1.1, 0);
    expect(exposureValue('street-night', -30)).toBe(exposureValue('street-night', null));
    expect(isSunny('overcast')).toBe(false);
  });

  it('exposes by the rule of sunny 16 and 2^EV = N²/t (ISO 2720), with grey glass', () => {
    expect(2 ** 15).toBeCloseTo(16 ** 2 / exposureS(15, 16, 0), 6);
    expect(1 / exposureS(15, 2.8, 0)).toBeCloseTo(4180, -1);
    expect(1 / exposureS(15, 2.8, 4)).toBeCloseTo(261, 0);
    expect([1 / 120, 1 / 1268.4, 1 / 60.7, 2].map(exposureWords)).toEqual(['1/120 s', '1/1300 s', '1/61 s', '2.0 s']);
  });

  it('takes what the light asks within what the camera can: shutter first, then gain, then a picture too dark or too bright', () => {
    const camera: Exposing = {
      apertureN: 2.8,
      filterStops: 0,
      compensation: 0,
      framesPerSecond: 60,
      shortestS: 1 / 8000,
      heldS: null,
      mostIso: 3200,
    };
    // 2.8²/2^15 = 1/4180 s.
    expect(exposed(15, camera)).toMatchObject({ iso: 100, darkStops: 0, brightStops: 0 });
    expect(1 / exposed(15, camera).exposureS).toBeCloseTo(4180, -1);
    // From 1/60 s on the gain goes up: 2.8² · 60/2^10 of ISO 100, 46; one stop darker 92.
    expect(exposed(8, camera)).toMatchObject({ exposureS: 1 / 60, iso: 100 * ((2.8 ** 2 * 60) / 2 ** 8) });
    const night = exposed(2, camera);
    expect(night.iso).toBe(3200);
    expect(night.darkStops).toBeCloseTo(Math.log2(((2.8 ** 2 * 60) / 4) * 100) - Math.log2(3200), 9);
    // Snow at noon at f/1.4 and 1/8000 s: 2^17 · 1/8000/1.4² = 8.4 times too much.
    expect(exposed(17, { ...camera, apertureN: 1.4 }).brightStops).toBeCloseTo(Math.log2(2 ** 17 / 8000 / 1.4 ** 2), 9);
    // A stop more by hand, a stop less of glass, or an opening of √2 are the same.
    for (const over of [{ filterStops: 1 }, { compensation: 1 }, { apertureN: 2.8 * Math.SQRT2 }])
      expect(exposed(15, { ...camera, ...over }).exposureS * 1000).toBeCloseTo((2 * 1000 * 2.8 ** 2) / 2 ** 15, 9);
  });
});
