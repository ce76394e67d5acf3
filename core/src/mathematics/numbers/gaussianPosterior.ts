/** Mean and standard deviation of something that is not known for certain. */
export interface Posterior {
  readonly mean: number;
  readonly sd: number;
}

/**
 * What is to be expected of a quantity of prior mean zero after others were measured that vary with it (Rasmussen and Williams 2006, eqs 2.25 and
 * 2.26): mean kᵀ(K + σ²I)⁻¹y, variance k₀ - kᵀ(K + σ²I)⁻¹k, by Cholesky's factor. With one measurement of the quantity itself it is the shrunk
 * mean y·k₀/(k₀ + σ²).
 * @param covariances K between the measured, row by row
 * @param noiseSd σ of each measurement, above 0
 * @param measured y
 * @param with_ k between what is asked for and the measured
 * @param prior k₀, variance before anything was measured
 */
export function gaussianPosterior(
  covariances: readonly (readonly number[])[],
  noiseSd: number,
  measured: readonly number[],
  with_: readonly number[],
  prior: number,
): Posterior {
  if (!(noiseSd > 0)) throw new RangeError(`gaussianPosterior: noiseSd ${noiseSd} is not above 0`);
  const n = measured.length;
  const factor = covariances.map((row, i) => row.map((value, j) => (i === j ? value + noiseSd * noiseSd : value)));
  for (let j = 0; j < n; j++) {
    for (let k = 0; k < j; k++) for (let i = j; i < n; i++) factor[i]![j]! -= factor[i]![k]! * factor[j]![k]!;
    const root = Math.sqrt(factor[j]![j]!);
    for (let i = j; i < n; i++) factor[i]![j]! /= root;
  }
  const forward = (right: readonly number[]): number[] => {
    const solved: number[] = [];
    for (let i = 0; i < n; i++) {
      let value = right[i]!;
      for (let k = 0; k < i; k++) value -= factor[i]![k]! * solved[k]!;
      solved.push(value / factor[i]![i]!);
    }
    return solved;
  };
  const [a, b] = [forward(with_), forward(measured)];
  const mean = a.reduce((sum, value, i) => sum + value * b[i]!, 0);
  const variance = prior - a.reduce((sum, value) => sum + value * value, 0);
  return { mean, sd: Math.sqrt(Math.max(0, variance)) };
}
