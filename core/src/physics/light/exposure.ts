/** Exposure time that light of an exposure value asks for at ISO 100: 2^EV = N²/t (ISO 2720), with so many stops of grey glass before it. */
export const exposureS = (ev: number, apertureN: number, ndStops: number): number =>
  (apertureN ** 2 / 2 ** ev) * 2 ** ndStops;

/** Longest an exposure can be: the time from one picture to the next. */
export const longestExposureS = (framesPerSecond: number): number => 1 / framesPerSecond;

/** What a camera is set to, and what it can. */
export interface Exposing {
  readonly apertureN: number;
  /** Stops that the glass before the lens takes. */
  readonly filterStops: number;
  /** Stops that the picture is exposed more than the meter says. */
  readonly compensation: number;
  readonly framesPerSecond: number;
  readonly shortestS: number;
  /** Held by hand; null = automatic. */
  readonly heldS: number | null;
  /** Most gain that it takes or may take. */
  readonly mostIso: number;
}

/** How a picture is exposed. */
export interface Exposed {
  readonly exposureS: number;
  readonly iso: number;
  /** Stops by which it comes out too dark, as the gain goes no higher, and too bright, as it goes no lower. */
  readonly darkStops: number;
  readonly brightStops: number;
}

/** Least gain: that at which exposure is reckoned. */
const LEAST_ISO = 100;

/** What the camera takes: as short as the light asks, no longer than the rate allows; then the gain goes up, as far as it may. */
export function exposed(ev: number, exposing: Exposing): Exposed {
  const { apertureN, filterStops, compensation, framesPerSecond, shortestS, heldS, mostIso } = exposing;
  const wantedS = exposureS(ev - compensation, apertureN, filterStops);
  const longest = longestExposureS(framesPerSecond);
  const seconds = Math.min(longest, heldS ?? Math.max(shortestS, wantedS));
  const isoWanted = (LEAST_ISO * wantedS) / seconds;
  return {
    exposureS: seconds,
    iso: Math.max(LEAST_ISO, Math.min(mostIso, isoWanted)),
    darkStops: Math.max(0, Math.log2(isoWanted / mostIso)),
    brightStops: Math.max(0, Math.log2(LEAST_ISO / isoWanted)),
  };
}

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
