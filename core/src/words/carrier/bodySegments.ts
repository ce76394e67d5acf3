/**
 * Stature range in which the proportions are used, metres (those of adults; common practice, no source). A child’s head is larger and its legs are
 * shorter than so, by a tenth at 1.3 m (estimate).
 */
export const STATURE_RANGE_M = { low: 1.3, high: 2.1 } as const;

export interface BodySegments {
  readonly statureM: number;
  /** Hip centre to the line through the shoulders, standing. */
  readonly torsoM: number;
  readonly upperArmM: number;
  readonly forearmM: number;
  readonly handM: number;
  readonly thighM: number;
  readonly shankM: number;
  readonly footM: number;
  readonly ankleHeightM: number;
  readonly shoulderHalfBreadthM: number;
  readonly hipHalfBreadthM: number;
  /** Hip joint to the middle plane: estimate 0.052 of stature (0.045 to 0.058). */
  readonly hipJointHalfM: number;
  /** Shoulder line to eye level. */
  readonly shoulderToEyeM: number;
  readonly eyeToChinM: number;
}
