/** Heights for the sky line that are tried within a band, the middle first. */
export const heightsInBand = ([low, high]: readonly [number, number]): readonly number[] =>
  [0.5, 0.2, 0.8].map((t) => Math.round((low + t * (high - low)) * 1000) / 1000);
