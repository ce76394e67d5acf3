/** What a camera shows of its battery while it records. */
export interface BatteryReading {
  readonly recordedMin: number;
  /** Of what it holds at that temperature, whole per cent as cameras show it. */
  readonly percent: number;
}

/** Percent left after a time at a draw; never under 0. */
export const percentLeft = (usableWh: number, watts: number, minutes: number): number =>
  Math.max(0, Math.ceil(100 - (100 * watts * minutes) / 60 / usableWh));

/** Fewer minutes or per cent than that say nothing yet: cameras show whole per cent only. */
const LEAST = { minutes: 4, percent: 5 } as const;

/**
 * What a camera drew, from what it showed: the slope of per cent over time (least squares), watts.
 * Null while too little has gone; what is empty already says nothing more and is left out.
 */
export function measuredWatts(readings: readonly BatteryReading[], usableWh: number): number | null {
  const used = readings.filter(({ percent }) => percent > 0);
  const [first, latest] = [used[0], used.at(-1)];
  if (!first || !latest) return null;
  if (latest.recordedMin - first.recordedMin < LEAST.minutes || first.percent - latest.percent < LEAST.percent)
    return null;
  const mean = (of: (r: BatteryReading) => number) => used.reduce((sum, r) => sum + of(r), 0) / used.length;
  const [minutes, percent] = [mean((r) => r.recordedMin), mean((r) => r.percent)];
  const over = used.reduce((sum, r) => sum + (r.recordedMin - minutes) * (r.percent - percent), 0);
  const spread = used.reduce((sum, r) => sum + (r.recordedMin - minutes) ** 2, 0);
  const perMin = -over / spread;
  return perMin > 0 ? (perMin / 100) * usableWh * 60 : null;
}
