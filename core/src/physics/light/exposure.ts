/** Exposure time that light of an exposure value asks for at ISO 100: 2^EV = N²/t (ISO 2720), with so many stops of grey glass before it. */
export const exposureS = (ev: number, apertureN: number, ndStops: number): number =>
  (apertureN ** 2 / 2 ** ev) * 2 ** ndStops;

/** Longest an exposure can be: the time from one picture to the next. */
export const longestExposureS = (framesPerSecond: number): number => 1 / framesPerSecond;

/** What the automatic takes: as short as the light asks, no longer than the rate allows (then the gain goes up instead). */
export const automaticExposureS = (ev: number, apertureN: number, ndStops: number, framesPerSecond: number): number =>
  Math.min(exposureS(ev, apertureN, ndStops), longestExposureS(framesPerSecond));

/** Gain that an exposure needs, as ISO: 100 where 2^EV = N²/t. Below 100 there is too much light. */
export const isoNeeded = (ev: number, apertureN: number, ndStops: number, seconds: number): number =>
  (100 * exposureS(ev, apertureN, ndStops)) / seconds;

/** Stops of grey glass that bring the automatic exposure to half the time between two pictures, as film cameras' half-turn shutters had it; none where it is darker than that. */
export const stopsToHalfTurn = (ev: number, apertureN: number, framesPerSecond: number): number =>
  Math.max(0, Math.log2(longestExposureS(framesPerSecond) / 2 / exposureS(ev, apertureN, 0)));

/** A gain as cameras print it, in two digits; none is below that at which exposure is reckoned. */
export function isoWords(iso: number): string {
  const step = 10 ** Math.max(1, Math.floor(Math.log10(Math.max(100, iso))) - 1);
  return `ISO ${Math.max(100, Math.round(iso / step) * step)}`;
}

/** 1/250 s as people say it; what is not a whole fraction is an estimate, and is rounded to two digits. */
export function exposureWords(seconds: number): string {
  if (seconds >= 0.4) return `${seconds.toFixed(1)} s`;
  const exact = 1 / seconds;
  const whole = Math.abs(exact - Math.round(exact)) < 1e-6 * exact;
  return `1/${whole ? Math.round(exact) : Number(exact.toPrecision(2))} s`;
}
