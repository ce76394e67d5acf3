/** Bending of arms. Source: Roark's Formulas for Stress and Strain, end-loaded cantilever; standard in every handbook. */

/** Second moment of a round tube, m⁴: π(D⁴ − d⁴)/64. @param innerM 0 for a rod */
export function tubeSecondMomentM4(outerM: number, innerM: number): number {
  if (!(outerM > innerM && innerM >= 0)) {
    throw new RangeError(`tubeSecondMomentM4: innerM ${innerM} is not between 0 and outerM ${outerM}`);
  }
  return (Math.PI * (outerM ** 4 - innerM ** 4)) / 64;
}

/** Stiffness at the free end across the beam, N/m: 3EI/L³. */
export const cantileverStiffnessNM = (youngPa: number, secondMomentM4: number, lengthM: number): number =>
  (3 * youngPa * secondMomentM4) / lengthM ** 3;

/** Turn of the free end for its own deflection, radians: θ = 3δ/(2L). */
export const endRotationRad = (deflectionM: number, lengthM: number): number => (3 * deflectionM) / (2 * lengthM);

/** Springs one after the other: the softest rules. None given = infinitely stiff. */
export const inSeriesNM = (stiffnessesNM: readonly number[]): number =>
  stiffnessesNM.length === 0 ? Infinity : 1 / stiffnessesNM.reduce((sum, k) => sum + 1 / k, 0);

/** What a joint's stiffness against turning is at the end of an arm, N/m: k_θ/L². */
export const jointAtTipNM = (stiffnessNmRad: number, lengthM: number): number =>
  lengthM === 0 ? Infinity : stiffnessNmRad / lengthM ** 2;
