/** Opening of action cameras' and phones' lenses, f-number: common practice, 1.8 to 2.8. */
export const USUAL_APERTURE = 2.8;

/** Exposure time that light of an exposure value asks for at ISO 100: 2^EV = N²/t (ISO 2720), with so many stops of grey glass before it. */
export const exposureS = (ev: number, apertureN: number, ndStops: number): number =>
  (apertureN ** 2 / 2 ** ev) * 2 ** ndStops;

/** Longest an exposure can be: the time from one picture to the next. */
export const longestExposureS = (framesPerSecond: number): number => 1 / framesPerSecond;

/** What the automatic takes: as short as the light asks, no longer than the rate allows (then the gain goes up instead). */
export const automaticExposureS = (ev: number, apertureN: number, ndStops: number, framesPerSecond: number): number =>
  Math.min(exposureS(ev, apertureN, ndStops), longestExposureS(framesPerSecond));

/** 1/250 s as people say it. */
export const exposureWords = (seconds: number): string =>
  seconds >= 0.4 ? `${seconds.toFixed(1)} s` : `1/${Math.round(1 / seconds)} s`;
