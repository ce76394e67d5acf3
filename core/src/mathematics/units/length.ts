/** International inch, exact since 1959 (NIST SP 811, B.8). */
const METRES_PER_INCH = 0.0254;
export const MPS_PER_KMH = 1 / 3.6;
/** International mile, exact (NIST SP 811, B.8): 1609.344 m. */
export const MPS_PER_MPH = 1609.344 / 3600;

export const metresToInches = (lengthM: number): number => lengthM / METRES_PER_INCH;
export const inchesToMetres = (lengthIn: number): number => lengthIn * METRES_PER_INCH;
/** International foot and mile, exact (NIST SP 811, B.8). */
export const metresToFeet = (lengthM: number): number => lengthM / 0.3048;
export const metresToMiles = (lengthM: number): number => lengthM / 1609.344;
