/** Wind grows with the height over open country by the seventh root, told for ten metres (common practice in meteorology). */
const TOLD_FOR_M = 10;
const SHEAR = 1 / 7;
/** Of its turning at the usual speed: what is left hovering in still air, in its own wash, and at best. Estimates half to twice. */
const STILL = 0.3;
const WASH = 0.4;
/** It has flown out of its own wash at this, m/s. Estimate 2 to 5. */
const OUT_OF_WASH_MPS = 3;
/** Gusts of this rms turn it as much as its usual speed does, m/s. Estimate 1 to 4. */
const GUST_MPS = 2;

/** The strongest gusts that a ride is told by, over its mean wind: gust factor over open country, 1.4 to 1.8 (WMO, from memory). */
const GUST_FACTOR = 1.5;

/** Mean wind at a height where the strongest gusts near the ground are told, m/s. */
export const meanWindAt = (gustsMps: number, heightM: number): number => windAtHeight(gustsMps, heightM) / GUST_FACTOR;

export const windAtHeight = (windMps: number, heightM: number): number =>
  windMps * (Math.max(heightM, 1) / TOLD_FOR_M) ** SHEAR;

/**
 * How hard motors work to hold a craft level, as a share of what they do at its usual speed: its own wash unsettles it hovering, a little speed leaves that
 * behind, drag on body and rotors grows with the square of the air's speed, gusts come on top. Estimate of the form, no published model. Limits: still air and
 * hovering ½ (STILL and WASH), least near twice OUT_OF_WASH_MPS, as v² far above the usual speed.
 */
export function motorEffort(speedMps: number, usualMps: number, gustRmsMps: number): number {
  const wash = WASH * Math.exp(-((speedMps / OUT_OF_WASH_MPS) ** 2));
  const own = 1 - STILL ** 2;
  return Math.sqrt(STILL ** 2 + wash ** 2 + own * (speedMps / usualMps) ** 4 + (gustRmsMps / GUST_MPS) ** 2);
}
