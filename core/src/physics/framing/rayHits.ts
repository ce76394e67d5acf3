/** First hits, one entry a ray. */
export interface Hits {
  /** Index into the parts; left as it was where nothing is hit. */
  readonly part: Int16Array;
  /** Metres along the ray; Infinity before the first hit. */
  readonly distanceM: Float64Array;
  readonly triangle: Int32Array;
}

/** Whether a ball lies outside the cone of all rays. @param x along the cone's axis @param square of its distance from the tip */
export function outOfSight(x: number, square: number, radiusM: number, leastCos: number, leastSin: number): boolean {
  if (leastCos <= -1 || square <= radiusM * radiusM) return false;
  return Math.sqrt(Math.max(0, square - x * x)) * leastCos - x * leastSin > radiusM;
}
