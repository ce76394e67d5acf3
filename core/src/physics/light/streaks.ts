import { toDeg } from '../../mathematics/units/angle';

/** Where a lamp beside the way stands when it is told how long a streak it draws: so far aside, so far ahead; metres. */
export const LAMP = { asideM: 4, aheadM: 15 } as const;

/**
 * Angle that a lamp beside the way goes over while the shutter is open: from atan(a/d) to atan(a/(d − v·t)), and on behind the lens' side where
 * it is passed. @returns degrees, 0 to 180
 */
export const streakDeg = (
  speedMps: number,
  exposureS: number,
  { asideM, aheadM }: Readonly<Record<'asideM' | 'aheadM', number>> = LAMP,
): number => toDeg(Math.atan2(asideM, aheadM - speedMps * exposureS) - Math.atan2(asideM, aheadM));

/** Pictures a second that stills are put together at: common practice. */
export const PLAYED_AT = 25;

/** Seconds that a film of a length takes to be exposed, one still after the other. */
export const takingS = (filmS: number, stillsPerSecond: number): number => (filmS * PLAYED_AT) / stillsPerSecond;
