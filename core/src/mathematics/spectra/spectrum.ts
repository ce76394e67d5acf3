/**
 * One-sided power spectral density over a grid of frequencies. The unit of `density` is (unit of the signal)² per hertz, e.g.
 * m²/s³ for accelerations in m/s².
 */
export interface Spectrum {
  readonly frequencyHz: Float64Array;
  readonly density: Float64Array;
}

/** Frequencies from low to high in equal ratios. @throws RangeError unless 0 < low < high and count ≥ 2 */
export function frequencyGrid(lowHz: number, highHz: number, count: number): Float64Array {
  if (!(lowHz > 0 && highHz > lowHz && count >= 2)) {
    throw new RangeError(`frequencyGrid: ${lowHz} to ${highHz} Hz in ${count} steps is no range`);
  }
  const ratio = Math.log(highHz / lowHz) / (count - 1);
  return Float64Array.from({ length: count }, (_, i) => lowHz * Math.exp(ratio * i));
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

/** Independent sources on the same grid add up. @throws RangeError when the grids differ in length */
export function addSpectra(spectra: readonly Spectrum[]): Spectrum {
  const [first] = spectra;
  if (!first || spectra.some((s) => s.frequencyHz.length !== first.frequencyHz.length)) {
    throw new RangeError('addSpectra: needs one or more spectra on one grid');
  }
  return {
    frequencyHz: first.frequencyHz,
    density: first.density.map((_, i) => spectra.reduce((sum, s) => sum + s.density[i]!, 0)),
  };
}

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
