import { type BodySegments, STATURE_RANGE_M } from '../../words/carrier/bodySegments';
/**
 * Body proportions as fractions of stature.
 * Source: Drillis & Contini (1966), as printed in Winter, "Biomechanics and Motor Control of Human Movement", fig. 4.1;
 * the figures are quoted from memory of that figure.
 */
export const SEGMENT_FRACTIONS = {
  eyeHeight: 0.936,
  chinHeight: 0.87,
  shoulderHeight: 0.818,
  hipHeight: 0.53,
  kneeHeight: 0.285,
  ankleHeight: 0.039,
  upperArm: 0.186,
  forearm: 0.146,
  hand: 0.108,
  shoulderHalfBreadth: 0.129,
  hipBreadth: 0.191,
  footLength: 0.152,
} as const;

/** @throws RangeError outside STATURE_RANGE_M */
export function bodySegments(statureM: number): BodySegments {
  if (!(statureM >= STATURE_RANGE_M.low && statureM <= STATURE_RANGE_M.high)) {
    throw new RangeError(
      `bodySegments: statureM ${statureM} is outside ${STATURE_RANGE_M.low} to ${STATURE_RANGE_M.high} m`,
    );
  }
  const f = SEGMENT_FRACTIONS;
  return {
    statureM,
    torsoM: (f.shoulderHeight - f.hipHeight) * statureM,
    upperArmM: f.upperArm * statureM,
    forearmM: f.forearm * statureM,
    handM: f.hand * statureM,
    thighM: (f.hipHeight - f.kneeHeight) * statureM,
    shankM: (f.kneeHeight - f.ankleHeight) * statureM,
    footM: f.footLength * statureM,
    ankleHeightM: f.ankleHeight * statureM,
    shoulderHalfBreadthM: f.shoulderHalfBreadth * statureM,
    hipHalfBreadthM: (f.hipBreadth / 2) * statureM,
    hipJointHalfM: 0.052 * statureM,
    shoulderToEyeM: (f.eyeHeight - f.shoulderHeight) * statureM,
    eyeToChinM: (f.eyeHeight - f.chinHeight) * statureM,
  };
}
