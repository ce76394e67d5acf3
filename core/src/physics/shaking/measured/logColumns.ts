/** Units that a log can come in, with what makes SI of them. */
export const TIME_UNITS = { s: 1, ms: 1e-3, µs: 1e-6, ns: 1e-9 } as const;
export const ACCELERATION_UNITS = { 'm/s²': 1, g: 9.80665, mg: 9.80665e-3 } as const;
export const ROTATION_UNITS = { 'rad/s': 1, '°/s': Math.PI / 180 } as const;
export type TimeUnit = keyof typeof TIME_UNITS;
export type AccelerationUnit = keyof typeof ACCELERATION_UNITS;
export type RotationUnit = keyof typeof ROTATION_UNITS;

/** Which column is what, counted from 0. */
export interface LogColumns {
  readonly time: number;
  readonly acceleration: readonly [number, number, number];
  readonly rotation: readonly [number, number, number] | null;
  readonly timeUnit: TimeUnit;
  readonly accelerationUnit: AccelerationUnit;
  readonly rotationUnit: RotationUnit;
}

/** First row of a log, where it holds names, and some of the next. */
export interface LogHead {
  readonly names: readonly string[];
  readonly rows: readonly (readonly number[])[];
}

/** What can be made of the columns without asking; null where time or acceleration are not found. */
export function guessColumns({ names, rows }: LogHead): LogColumns | null {
  const width = rows[0]?.length ?? 0;
  const named = names.length > 0;
  const time = named ? names.findIndex((n) => /time|stamp|^t\b|seconds|elapsed/i.test(n)) : 0;
  const acceleration = named
    ? triple(names, /acc|^a[ _-]?[xyz]\b|^[xyz]\b/i)
    : width >= 4
      ? ([1, 2, 3] as const)
      : null;
  if (time < 0 || !acceleration) return null;
  const rotation = named
    ? triple(names, /gyr|rot|omega|angular|rate|^[gw][ _-]?[xyz]\b/i)
    : width >= 7
      ? ([4, 5, 6] as const)
      : null;
  const nameOf = (column: number) => names[column] ?? '';
  return {
    time,
    acceleration,
    rotation,
    timeUnit: timeUnit(
      nameOf(time),
      rows.map((r) => r[time]!),
    ),
    accelerationUnit: accelerationUnit(
      nameOf(acceleration[0]),
      rows.map((r) => Math.hypot(...acceleration.map((c) => r[c]!))),
    ),
    rotationUnit: rotation && /deg|°/i.test(nameOf(rotation[0])) ? '°/s' : 'rad/s',
  };
}

/** Three columns whose names match and hold x, y and z. */
function triple(names: readonly string[], pattern: RegExp): readonly [number, number, number] | null {
  const found = ['x', 'y', 'z'].map((axis) =>
    names.findIndex((n) => {
      const plain = n.replace(/[([].*$/, '').trim();
      return pattern.test(plain) && new RegExp(`(^|[^a-z])${axis}$|${axis}$`, 'i').test(plain);
    }),
  );
  return found.every((c) => c >= 0) ? (found as unknown as [number, number, number]) : null;
}

function timeUnit(name: string, times: readonly number[]): TimeUnit {
  const told =
    /[([]\s*(s|sec|ms|us|µs|ns)\s*[)\]]/i.exec(name)?.[1]?.toLowerCase() ??
    /_(ms|us|ns|s)$/i.exec(name)?.[1]?.toLowerCase();
  if (told) return told === 'sec' ? 's' : told === 'us' ? 'µs' : (told as TimeUnit);
  const step = median(times.slice(1).map((t, i) => t - times[i]!));
  // Loggers take 5 to 5000 samples a second.
  return step < 0.21 ? 's' : step < 210 ? 'ms' : step < 210e3 ? 'µs' : 'ns';
}

function accelerationUnit(name: string, sizes: readonly number[]): AccelerationUnit {
  const told = /[([]\s*(m\/s\^?2|m\/s²|mg|g)\s*[)\]]/i.exec(name)?.[1]?.toLowerCase();
  if (told) return told === 'g' || told === 'mg' ? told : 'm/s²';
  const size = median(sizes);
  return size < 4 ? 'g' : size < 200 ? 'm/s²' : 'mg';
}

export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length === 0 ? NaN : sorted.length % 2 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}
