/**
 * Roughness of ground: displacement density G_d(n) = G_d(n0)·(n/n0)^-2 over the spatial frequency n, n0 = 0.1 cycles a metre.
 * Source: ISO 8608, geometric means of the classes A to H.
 */
const REFERENCE_CYCLES_PER_M = 0.1;

/** Shorter than this ISO 8608 says nothing: its classes reach from 0.011 to 2.83 cycles a metre, and are drawn to about 10. */
const FINEST_CYCLES_PER_M = 10;
/** Of what is finer the density falls faster: stones and texture are round. Estimate −3 to −5. */
const FINE_SLOPE = -4;

/**
 * Displacement density of the ground under a wheel at a speed, m²/Hz: G_d(f) = G_d(n)/v at n = f/v; beyond ten cycles a metre, outside the
 * standard's range, with a steeper slope of its own.
 */
export function groundDisplacementM2Hz(roughnessM3: number, speedMps: number, frequencyHz: number): number {
  const n = frequencyHz / speedMps;
  const fine = n > FINEST_CYCLES_PER_M ? (n / FINEST_CYCLES_PER_M) ** (FINE_SLOPE + 2) : 1;
  return ((roughnessM3 * (n / REFERENCE_CYCLES_PER_M) ** -2) / speedMps) * fine;
}

/** Steps of the integral below, and cosh at each. */
const STEP = 0.25;
const COSH = Float64Array.from({ length: 31 }, (_, i) => Math.cosh((i + 1) * STEP));

/**
 * How alike two tracks of even-handed ground are: |γ| = x·K₁(x), x = 2πn·t, for the falling power of two (Dodds & Robson 1973).
 * K₁ by its integral ∫ e^(−x·cosh u)·cosh u du. Limits: 1 for long waves, 0 for short ones.
 */
export function trackLikeness(cyclesPerM: number, trackM: number): number {
  const x = 2 * Math.PI * cyclesPerM * trackM;
  if (x < 1e-3) return 1;
  if (x > 40) return 0;
  let sum = Math.exp(-x) / 2;
  for (const c of COSH) {
    if (x * c > 60) break;
    sum += Math.exp(-x * c) * c;
  }
  return Math.min(1, x * sum * STEP);
}
