/** Loudness at one metre from the mouth, dB(A): raised to loud, as somebody talks who rides (ISO 9921: normal 60, raised 66, loud 72; from memory). */
const VOICE_DB_1M = 72;
/** What a closed helmet takes from the voice outside of it, dB. Estimate 5 to 12. */
const HELMET_TAKES_DB = 8;
/** At an ear or a bare microphone at 4.5 m/s, and for each tenfold speed: 85 dB at 16 km/h to 120 dB at 97 km/h (Seidman et al. 2017, bicyclists; from memory). */
const WIND = { atMps: 4.5, db: 85, perTenfold: 45 } as const;
/** What a camera filters out of the wind by itself, and what foam or fluff keeps off besides, dB. Estimates 5 to 15 and 10 to 20. */
const FILTER_DB = 10;
const FOAM_DB = 14;
/** Tyres, a hull, runners: at a metre from where they touch, at 10 m/s, growing with the cube of the speed. Estimate, 6 dB either way. */
const ROLLING = { db: 70, atMps: 10 } as const;
/** Under this nothing is quiet outside. */
const QUIET_DB = 35;

/** In a shut case clicks and rattles of the mount come through its walls to the microphone, dB. Estimate 45 to 60. */
const RATTLES_DB = 52;

/** Sum of levels that have nothing to do with each other. */
export const together = (levels: readonly number[]): number =>
  10 * Math.log10(levels.reduce((sum, db) => sum + 10 ** (db / 10), 0));

/** A level at a distance from a small source: 6 dB less for each doubling. */
export const levelAt = (db1m: number, distanceM: number): number => db1m - 20 * Math.log10(Math.max(0.05, distanceM));

/** Wind's own noise in a microphone, dB. */
export const windDb = (airMps: number, foam: boolean): number =>
  WIND.db + WIND.perTenfold * Math.log10(Math.max(0.2, airMps) / WIND.atMps) - FILTER_DB - (foam ? FOAM_DB : 0);

/** What is heard of the wind outside behind glass and panels, dB. */
export const cabinWindDb = (outsideMps: number): number =>
  CABIN_WIND.db + CABIN_WIND.perTenfold * Math.log10(Math.max(0.5, outsideMps) / CABIN_WIND.atMps);

export interface Heard {
  /** From mouth to microphone, metres; null where nobody is on board. */
  readonly mouthM: number | null;
  readonly voiceDb: number | null;
  readonly windDb: number;
  /** Engine, propeller, rotors; null where there is none. */
  readonly engineDb: number | null;
  readonly rollingDb: number;
  /** Voice over all the rest, dB. */
  readonly overDb: number | null;
}

export interface SoundAt {
  readonly mouthM: number | null;
  readonly helmetClosed: boolean;
  /** What a shut case keeps from the microphone, dB; 0 = it is in the open. */
  readonly muffledDb: number;
  readonly airMps: number;
  /** Past the craft outside, whatever reaches the microphone. */
  readonly outsideMps: number;
  readonly foam: boolean;
  /** Level of the engine where the microphone is. */
  readonly engineDb: number | null;
  readonly speedMps: number;
  readonly fromGroundM: number;
  /** Glass and panels all round. */
  readonly closed: boolean;
}

/** Wind along panes and panels, heard behind them at 28 m/s (100 km/h), dB(A), and for each tenfold speed: its sound grows with about the sixth power of the speed. Estimates 60 to 72, 50 to 60. */
const CABIN_WIND = { db: 66, atMps: 28, perTenfold: 55 } as const;

/** What panels and glass keep out, dB. Estimate 15 to 30. */
export const PANELS_DB = 22;

/** Levels at a microphone, all estimates within about 6 dB. */
export function heardAt(s: SoundAt): Heard {
  const shut = s.muffledDb > 0;
  const wind = Math.max(
    0,
    s.closed ? cabinWindDb(s.outsideMps) - s.muffledDb : windDb(s.airMps, s.foam) - 2 * s.muffledDb,
  );
  const rolling =
    levelAt(ROLLING.db + 30 * Math.log10(Math.max(0.3, s.speedMps) / ROLLING.atMps), s.fromGroundM) -
    (s.closed ? PANELS_DB : 0) -
    s.muffledDb;
  const voice =
    s.mouthM === null ? null : levelAt(VOICE_DB_1M, s.mouthM) - (s.helmetClosed ? HELMET_TAKES_DB : 0) - s.muffledDb;
  const engineDb = s.engineDb === null ? null : s.engineDb - s.muffledDb;
  const noise = together([shut ? RATTLES_DB : QUIET_DB, wind, rolling, ...(engineDb === null ? [] : [engineDb])]);
  return {
    mouthM: s.mouthM,
    voiceDb: voice,
    windDb: wind,
    engineDb,
    rollingDb: rolling,
    overDb: voice === null ? null : voice - noise,
  };
}

/** Voice over noise from which speech is understood with ease, and at all, dB: speech interference, common practice. */
export const UNDERSTOOD_DB = { easily: 6, atAll: -3 } as const;
