/**
 * Value below which a standard normal variable lies with a probability: rational approximation, error below 4.5·10⁻⁴ (Abramowitz & Stegun, 26.2.23).
 * @param probability between 0 and 1, ends excluded @throws RangeError outside
 */
export function standardNormalAt(probability: number): number {
  if (!(probability > 0 && probability < 1))
    throw new RangeError(`standardNormalAt: probability ${probability} is not between 0 and 1`);
  const t = Math.sqrt(-2 * Math.log(Math.min(probability, 1 - probability)));
  const x = t - (2.515517 + t * (0.802853 + t * 0.010328)) / (1 + t * (1.432788 + t * (0.189269 + t * 0.001308)));
  return probability < 0.5 ? -x : x;
}
