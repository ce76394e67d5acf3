/** What swings in a third of an octave: its middle in Hz, and rms in the unit of the path. */
export interface SwingBand {
  readonly hz: number;
  readonly rms: number;
}

/** Steps of thirds of an octave, from 1 Hz. */
const THIRD = 2 ** (1 / 3);

/**
 * How much of some paths swings in each third of an octave, all of them together: the sum of the bands' squares is that of the paths (Parseval),
 * but for what is slower than 1 Hz. @param stepS time from sample to sample, seconds
 */
export function pathSpectrum(paths: readonly ArrayLike<number>[], stepS: number): readonly SwingBand[] {
  const n = paths[0]?.length ?? 0;
  if (n < 4) return [];
  const highest = 1 / (2 * stepS);
  const bands: { low: number; hz: number; power: number }[] = [];
  for (let hz = 1; hz / Math.sqrt(THIRD) < highest; hz *= THIRD)
    bands.push({ low: hz / Math.sqrt(THIRD), hz, power: 0 });
  for (let k = 1; k <= n / 2; k++) {
    const hz = k / (n * stepS);
    let power = 0;
    for (const path of paths) {
      let [re, im] = [0, 0];
      for (let i = 0; i < n; i++) {
        re += path[i]! * Math.cos((2 * Math.PI * k * i) / n);
        im += path[i]! * Math.sin((2 * Math.PI * k * i) / n);
      }
      power += ((2 * k === n ? 1 : 2) * (re * re + im * im)) / (n * n);
    }
    const band = bands.findLast(({ low }) => low <= hz);
    if (band) band.power += power;
  }
  return bands.map(({ hz, power }) => ({ hz, rms: Math.sqrt(power) }));
}

/** The same from a density over the frequency (unit squared per Hz), for comparison: bands up to the highest that a clip of so many pictures a second can show. */
export function densityInThirds(
  frequencyHz: ArrayLike<number>,
  density: ArrayLike<number>,
  framesPerSecond: number,
): readonly SwingBand[] {
  const bands: SwingBand[] = [];
  for (let hz = 1; hz / Math.sqrt(THIRD) < framesPerSecond / 2; hz *= THIRD) {
    const [low, high] = [hz / Math.sqrt(THIRD), Math.min(framesPerSecond / 2, hz * Math.sqrt(THIRD))];
    let power = 0;
    for (let i = 1; i < frequencyHz.length; i++) {
      const [from, to] = [Math.max(low, frequencyHz[i - 1]!), Math.min(high, frequencyHz[i]!)];
      if (to > from) power += ((density[i - 1]! + density[i]!) / 2) * (to - from);
    }
    bands.push({ hz, rms: Math.sqrt(power) });
  }
  return bands;
}
