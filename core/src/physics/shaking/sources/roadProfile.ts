import { spectrumOf, type Spectrum } from '../../../mathematics/spectra/spectrum';

/**
 * Roughness of ground: displacement density G_d(n) = G_d(n0)·(n/n0)^-2 over the spatial frequency n, n0 = 0.1 cycles a metre.
 * Source: ISO 8608, geometric means of the classes A to H.
 */
export const REFERENCE_CYCLES_PER_M = 0.1;

/** Displacement density of the ground under a wheel at a speed, m²/Hz: G_d(f) = G_d(n)/v at n = f/v. */
export const groundDisplacementM2Hz = (roughnessM3: number, speedMps: number, frequencyHz: number): number =>
  (roughnessM3 * (frequencyHz / speedMps / REFERENCE_CYCLES_PER_M) ** -2) / speedMps;

/** Acceleration of the ground's contour under a wheel, (m/s²)²/Hz: (2πf)⁴ times the displacement. @param speedMps above 0 */
export const groundAcceleration = (roughnessM3: number, speedMps: number, grid: Float64Array): Spectrum =>
  spectrumOf(grid, (f) => (2 * Math.PI * f) ** 4 * groundDisplacementM2Hz(roughnessM3, speedMps, f));

/**
 * How alike two tracks of even-handed ground are: |γ| = x·K₁(x), x = 2πn·t, for the falling power of two (Dodds & Robson 1973).
 * K₁ by its integral ∫ e^(−x·cosh u)·cosh u du. Limits: 1 for long waves, 0 for short ones.
 */
export function trackLikeness(cyclesPerM: number, trackM: number): number {
  const x = 2 * Math.PI * cyclesPerM * trackM;
  if (x < 1e-3) return 1;
  if (x > 40) return 0;
  const step = 0.25;
  let sum = Math.exp(-x) / 2;
  for (let u = step; u < 8; u += step) {
    const c = Math.cosh(u);
    if (x * c > 60) break;
    sum += Math.exp(-x * c) * c;
  }
  return Math.min(1, x * sum * step);
}
