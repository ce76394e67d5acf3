/** Integrals of densities to hold the kernels of shaking to: an integration of its own, finer than what runs. */
/**
 * One-sided power spectral density over a grid of frequencies. The unit of `density` is (unit of the signal)² per hertz, e.g.
 * m²/s³ for accelerations in m/s².
 */
export interface Spectrum {
  readonly frequencyHz: Float64Array;
  readonly density: Float64Array;
}

export const spectrumOf = (frequencyHz: Float64Array, density: (frequencyHz: number) => number): Spectrum => ({
  frequencyHz,
  density: frequencyHz.map(density),
});

/** What comes out of a linear path: density × |H|². */
export const through = ({ frequencyHz, density }: Spectrum, gain: (frequencyHz: number) => number): Spectrum => ({
  frequencyHz,
  density: density.map((value, i) => value * gain(frequencyHz[i]!) ** 2),
});

/**
 * Area under the density: the variance of the signal within the grid. Between two points the density is taken as a power of
 * the frequency, which is exact for the straight lines that roads and resonance flanks make on logarithmic paper.
 */
export function variance({ frequencyHz: f, density: g }: Spectrum): number {
  let sum = 0;
  for (let i = 0; i + 1 < f.length; i++) {
    const [f0, f1, g0, g1] = [f[i]!, f[i + 1]!, g[i]!, g[i + 1]!];
    if (g0 <= 0 || g1 <= 0) {
      sum += ((g0 + g1) / 2) * (f1 - f0);
      continue;
    }
    const power = Math.log(g1 / g0) / Math.log(f1 / f0);
    sum += Math.abs(power + 1) < 1e-9 ? g0 * f0 * Math.log(f1 / f0) : (g1 * f1 - g0 * f0) / (power + 1);
  }
  return sum;
}

export const rms = (spectrum: Spectrum): number => Math.sqrt(Math.max(0, variance(spectrum)));
