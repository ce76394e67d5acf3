/** Frequencies from low to high in equal ratios. @throws RangeError unless 0 < low < high and count ≥ 2 */
export function frequencyGrid(lowHz: number, highHz: number, count: number): Float64Array {
  if (!(lowHz > 0 && highHz > lowHz && count >= 2)) {
    throw new RangeError(`frequencyGrid: ${lowHz} to ${highHz} Hz in ${count} steps is no range`);
  }
  const ratio = Math.log(highHz / lowHz) / (count - 1);
  return Float64Array.from({ length: count }, (_, i) => lowHz * Math.exp(ratio * i));
}
