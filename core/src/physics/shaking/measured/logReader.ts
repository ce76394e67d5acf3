import {
  ACCELERATION_UNITS,
  guessColumns,
  median,
  ROTATION_UNITS,
  TIME_UNITS,
  type LogColumns,
  type LogHead,
} from './logColumns';
import { densityAlong, WelchStream } from './welch';

/** Most that is read: an hour at 2 kHz. */
export const LOG_LIMITS = { bytes: 600_000_000, rows: 8_000_000, columns: 60, leastRows: 256 } as const;

/** What a log says. */
export interface ReadLog {
  readonly columns: LogColumns;
  readonly rows: number;
  readonly seconds: number;
  readonly sampleHz: number;
  readonly frequencyHz: Float64Array;
  /** Along gravity, and over all three directions, (m/s²)²/Hz. */
  readonly up: Float64Array;
  readonly all: Float64Array;
  /** All three rates, (rad/s)²/Hz; null without them. */
  readonly turning: Float64Array | null;
  /** Share of the way down that the sensor's axes have: where gravity lies. */
  readonly gravity: readonly [number, number, number];
  /** What was noticed, in words. */
  readonly notes: readonly string[];
}

export type LogResult =
  { readonly ok: true; readonly log: ReadLog } | { readonly ok: false; readonly problems: readonly string[] };

/** Rows that are looked at before columns, units and rate are settled. */
const HEAD_ROWS = 2000;
/** A step this much longer than usual is a gap. */
const GAP = 1.6;
/** So many equal values in a row at an axis' very end: the sensor ran against its stop. */
const CLIPPED_RUN = 4;
/** Even a sensor that lies still trembles more than this, by its own noise: a tenth of a thousandth of gravity. Estimate. */
export const LEAST_MOTION_MS2 = 1e-3;
const LEAST_TURNING_RADS = 1e-4;
/** Longest window, and its length in time: lines a quarter of a hertz apart are told apart. */
const WINDOW_S = 4;
const LARGEST_WINDOW = 8192;

/**
 * Reads a log row by row, so that an hour of it never stands in memory: columns, units and sample rate are found from the first rows;
 * gaps, time running back, unreadable rows and clipping are counted and told.
 */
export class LogReader {
  private names: readonly string[] = [];
  private readonly first: number[][] = [];
  private columns: LogColumns | null;
  private welch: WelchStream | null = null;
  private sampleS = 0;
  private rows = 0;
  private unreadable = 0;
  private gaps = 0;
  private backward = 0;
  private firstS = NaN;
  private lastS = NaN;
  private coveredS = 0;
  private readonly sums = [0, 0, 0];
  private readonly sample = new Float64Array(6);
  private readonly ends: { high: number; low: number; run: number; last: number; clipped: number }[] = [];
  private problem: string | null = null;

  /** @param columns as told by the user; none = found from names and figures */
  constructor(columns: LogColumns | null = null) {
    this.columns = columns;
  }

  /** Names of the columns, where the log has them. */
  named(names: readonly string[]): void {
    this.names = names.map((name) => name.trim()).slice(0, LOG_LIMITS.columns);
  }

  /** @param row NaN where there is no figure @returns false once there is no point in reading on */
  push(row: ArrayLike<number>): boolean {
    if (this.problem) return false;
    // The row of names, and whatever stands above the figures.
    if (this.rows === 0 && finiteCount(row) < row.length / 2) return true;
    if (this.rows >= LOG_LIMITS.rows) {
      this.problem = `The log has more than ${LOG_LIMITS.rows.toLocaleString('en')} rows: cut it to the part that matters.`;
      return false;
    }
    this.rows++;
    if (this.welch) this.take(row);
    else {
      this.first.push(Array.from(row));
      if (this.first.length >= HEAD_ROWS) this.settle();
    }
    return this.problem === null;
  }

  /** Names and first rows, for a mapping by hand. */
  headOf = (): LogHead => ({ names: this.names, rows: this.first });

  private settle(): void {
    const readable = this.first.filter((r) => r.some(Number.isFinite));
    const columns = this.columns ?? guessColumns({ names: this.names, rows: readable.slice(0, 400) });
    if (!columns) {
      this.problem =
        this.names.length > 0
          ? `No columns for time and for acceleration in x, y and z were found among: ${this.names.join(', ').slice(0, 300)}. Say which they are.`
          : 'The rows have no names and fewer than four figures: time and acceleration in x, y and z are needed.';
      return;
    }
    this.columns = columns;
    const unit = TIME_UNITS[columns.timeUnit];
    const times = readable.map((r) => r[columns.time]! * unit).filter(Number.isFinite);
    const steps = times
      .slice(1)
      .map((t, i) => t - times[i]!)
      .filter((d) => d > 0);
    this.sampleS = median(steps);
    if (!(this.sampleS > 0)) {
      this.problem = 'The time does not go forward: check which column it is, and its unit.';
      return;
    }
    const sampleHz = 1 / this.sampleS;
    const wanted = 2 ** Math.round(Math.log2(sampleHz * WINDOW_S));
    const size = Math.min(LARGEST_WINDOW, Math.max(64, wanted));
    this.welch = new WelchStream(columns.rotation ? 6 : 3, size, sampleHz);
    for (let i = 0; i < 3; i++) this.ends.push({ high: -Infinity, low: Infinity, run: 0, last: NaN, clipped: 0 });
    for (const row of this.first) this.take(row);
  }

  private take(row: ArrayLike<number>): void {
    const columns = this.columns!;
    const t = row[columns.time]! * TIME_UNITS[columns.timeUnit];
    const { sample } = this;
    const toSi = ACCELERATION_UNITS[columns.accelerationUnit];
    let readable = Number.isFinite(t);
    for (let i = 0; i < 3; i++) {
      const value = row[columns.acceleration[i]!]!;
      if (!Number.isFinite(value)) readable = false;
      sample[i] = value * toSi;
    }
    if (columns.rotation) {
      const rate = ROTATION_UNITS[columns.rotationUnit];
      for (let i = 0; i < 3; i++) {
        const value = row[columns.rotation[i]!]!;
        if (!Number.isFinite(value)) readable = false;
        sample[3 + i] = value * rate;
      }
    }
    if (!readable) {
      this.unreadable++;
      return;
    }
    if (!Number.isFinite(this.firstS)) this.firstS = t;
    else {
      const step = t - this.lastS;
      if (step <= 0) {
        this.backward++;
        return;
      }
      if (step > GAP * this.sampleS) {
        this.gaps++;
        this.welch!.gap();
      } else this.coveredS += step;
    }
    this.lastS = t;
    for (let i = 0; i < 3; i++) {
      this.sums[i]! += sample[i]!;
      this.watchEnd(i, row[columns.acceleration[i]!]!);
    }
    this.welch!.push(sample);
  }

  /** Runs of one value at the very end of what an axis ever showed. */
  private watchEnd(axis: number, value: number): void {
    const end = this.ends[axis]!;
    if (value > end.high || value < end.low) {
      end.high = Math.max(end.high, value);
      end.low = Math.min(end.low, value);
      end.clipped = 0;
    }
    end.run = value === end.last ? end.run + 1 : 1;
    end.last = value;
    if (end.run >= CLIPPED_RUN && (value === end.high || value === end.low)) end.clipped++;
  }

  result(): LogResult {
    if (!this.welch && !this.problem) this.settle();
    if (this.problem) return { ok: false, problems: [this.problem] };
    const used = this.rows - this.unreadable - this.backward;
    if (used < LOG_LIMITS.leastRows) {
      return { ok: false, problems: [`Only ${used} readable rows; at least ${LOG_LIMITS.leastRows} are needed.`] };
    }
    const columns = this.columns!;
    const welch = this.welch!.result();
    if (welch.segments === 0) {
      return {
        ok: false,
        problems: [
          `No stretch without a gap is long enough: ${(this.welch!.size * this.sampleS).toFixed(1)} s in a row are needed.`,
        ],
      };
    }
    const size = Math.hypot(...this.sums) || 1;
    const gravity = this.sums.map((s) => s / size) as unknown as [number, number, number];
    const trace = (first: number) =>
      welch.frequencyHz.map((_, k) => [0, 1, 2].reduce((sum, i) => sum + welch.density[first + i]![first + i]![k]!, 0));
    const all = trace(0);
    const turning = columns.rotation ? trace(3) : null;
    const stepHz = (welch.frequencyHz[1] ?? 0) - (welch.frequencyHz[0] ?? 0);
    const rms = (of: Float64Array) =>
      Math.sqrt(of.reduce((sum, density, k) => (k === 0 ? 0 : sum + density * stepHz), 0));
    if (!(rms(all) >= LEAST_MOTION_MS2) && !(turning && rms(turning) >= LEAST_TURNING_RADS)) {
      return {
        ok: false,
        problems: [
          'Nothing moves in this log: the same figures from beginning to end. Was it recording, and are these its columns of acceleration?',
        ],
      };
    }
    return {
      ok: true,
      log: {
        columns,
        rows: this.rows,
        seconds: this.coveredS,
        sampleHz: 1 / this.sampleS,
        frequencyHz: welch.frequencyHz,
        up: densityAlong(welch, 0, gravity),
        all,
        turning,
        gravity,
        notes: this.notes(size / used),
      },
    };
  }

  private notes(meanMS2: number): string[] {
    // An axis that never moves does not clip.
    const clipped = this.ends.reduce((sum, e) => sum + (e.high > e.low ? e.clipped : 0), 0);
    const count = (n: number, what: string) => `${n.toLocaleString('en')} ${what}`;
    return [
      ...(this.gaps > 0
        ? [`${count(this.gaps, this.gaps === 1 ? 'gap' : 'gaps')} in time: each stretch is taken by itself.`]
        : []),
      ...(this.backward > 0 ? [`${count(this.backward, 'rows')} whose time does not go forward are left out.`] : []),
      ...(this.unreadable > 0 ? [`${count(this.unreadable, 'rows')} that hold no figures are left out.`] : []),
      ...(clipped > 0
        ? [`${count(clipped, 'samples')} stand at the sensor’s stop: it clips, and the true shaking is stronger.`]
        : []),
      ...(meanMS2 < 7 || meanMS2 > 12.5
        ? [
            meanMS2 < 1
              ? 'No gravity in it: the logger took it out, or upward is not known; the strongest mean direction is taken for up.'
              : `Gravity reads ${meanMS2.toFixed(1)} m/s²: check the unit of the acceleration.`,
          ]
        : []),
    ];
  }
}

function finiteCount(row: ArrayLike<number>): number {
  let count = 0;
  for (let i = 0; i < row.length; i++) if (Number.isFinite(row[i])) count++;
  return count;
}
