import type { LogColumns } from './logColumns';
import { LOG_LIMITS, LogReader } from './logReader';

const HZ = 200;
const G = 9.80665;
interface Made {
  readonly seconds?: number;
  /** Acceleration up, m/s², over gravity. */
  readonly up?: (t: number) => number;
  readonly time?: (i: number) => number;
  readonly gravity?: readonly [number, number, number];
  readonly unit?: number;
}
const shaking = (t: number) => 2 * Math.sin(2 * Math.PI * 20 * t);

function rowsOf({ seconds = 12, up = shaking, time = (i) => i / HZ, gravity = [0, G, 0], unit = 1 }: Made = {}) {
  return Array.from({ length: seconds * HZ }, (_, i) => {
    const more = up(i / HZ);
    return [time(i), gravity[0] / unit, (gravity[1] + more) / unit, gravity[2] / unit];
  });
}
function read(rows: readonly (readonly number[])[], columns: LogColumns | null = null, names: readonly string[] = []) {
  const reader = new LogReader(columns);
  if (names.length > 0) reader.named(names);
  for (const row of rows) if (!reader.push(row)) break;
  return { reader, result: reader.result() };
}
const refusal = (
  rows: readonly (readonly number[])[],
  columns: LogColumns | null = null,
  names?: readonly string[],
) => {
  const { result } = read(rows, columns, names);
  return result.ok ? null : result.problems.join();
};
const MAPPED: LogColumns = {
  time: 0,
  acceleration: [1, 2, 3],
  rotation: null,
  timeUnit: 's',
  accelerationUnit: 'm/s²',
  rotationUnit: 'rad/s',
};
const logOf = (made: Made = {}) => {
  const { result } = read(rowsOf(made), MAPPED);
  if (!result.ok) throw new Error(result.problems.join());
  return result.log;
};

describe('what is refused says what would do', () => {
  it('columns that are not found are named', () => {
    const words = refusal(rowsOf(), null, ['a', 'b', 'c', 'd']);
    expect(words).toMatch(
      /^No columns for time and for acceleration in x, y and z were found among: a, b, c, d\. Say which/,
    );
  });

  it('rows of too few figures without names', () => {
    expect(refusal(rowsOf().map((row) => row.slice(0, 3)))).toMatch(/fewer than four figures: time and acceleration/);
  });

  it('a time that stands still', () => {
    expect(refusal(rowsOf({ time: () => 5 }), MAPPED)).toMatch(/time does not go forward: check which column/);
  });

  it('a few rows', () => {
    expect(refusal(rowsOf({ seconds: 1 }))).toBe(
      `Only 200 readable rows; at least ${LOG_LIMITS.leastRows} are needed.`,
    );
  });

  it('stretches that are all too short between gaps', () => {
    const gappy = rowsOf({ time: (i) => i / HZ + 3 * Math.floor(i / 40) });
    expect(refusal(gappy)).toMatch(/^No stretch without a gap is long enough: [\d.]+ s in a row are needed/);
  });

  it('a log in which nothing moves', () => {
    expect(refusal(rowsOf({ up: () => 0 }))).toMatch(/^Nothing moves in this log.*Was it recording/);
  });

  it('more rows than anybody needs, before they are kept', () => {
    const { reader } = read(rowsOf({ seconds: 3 }));
    Object.assign(reader, { rows: LOG_LIMITS.rows });
    expect(reader.push([99, 0, G, 0])).toBe(false);
    const result = reader.result();
    expect(!result.ok && result.problems[0]).toMatch(/more than 8,000,000 rows: cut it/);
    // Nor is any more taken in.
    expect(reader.push([100, 0, G, 0])).toBe(false);
  });
});

describe('what is read', () => {
  it('its rate, its length and which way is up, whichever axis that is', () => {
    for (const gravity of [
      [0, G, 0],
      [0, 0, -G],
      [G, 0, 0],
    ] as const) {
      const {
        sampleHz,
        seconds,
        gravity: found,
      } = logOf({ gravity, up: (t) => (gravity[1] ? shaking(t) : 0.4 * shaking(t)) });
      expect(sampleHz).toBeCloseTo(HZ, 3);
      expect(seconds).toBeCloseTo(12, 1);
      found.forEach((part, axis) => expect(part).toBeCloseTo(gravity[axis]! / G, 1));
    }
  });

  it('the power of a sine: half its amplitude squared, all of it near its frequency', () => {
    const { frequencyHz, up } = logOf();
    const step = frequencyHz[1]! - frequencyHz[0]!;
    const power = (from: number, to: number) =>
      up.reduce((sum, d, k) => (frequencyHz[k]! >= from && frequencyHz[k]! <= to ? sum + d * step : sum), 0);
    expect(power(1, 100)).toBeCloseTo(2, 1);
    expect(power(18, 22) / power(1, 100)).toBeGreaterThan(0.98);
  });

  it('in g and in m/s² it is the same', () => {
    const inG = read(rowsOf({ unit: G }), { ...MAPPED, accelerationUnit: 'g' }).result;
    const plain = logOf();
    if (!inG.ok) throw new Error(inG.problems.join());
    inG.log.up.forEach((d, k) => expect(Math.abs(d - plain.up[k]!)).toBeLessThan(1e-6 + 1e-6 * plain.up[k]!));
  });

  it('gravity that is gone, or that reads wrong, is noted with what to check', () => {
    const without = logOf({ gravity: [0, 0.2, 0] }).notes.join();
    expect(without).toMatch(/No gravity in it/);
    expect(logOf({ gravity: [0, 5, 0] }).notes.join()).toMatch(/Gravity reads 5\.0 m\/s²: check the unit/);
    expect(logOf().notes).toEqual([]);
  });

  it('an axis that stays at its end clips, one that never moves does not', () => {
    const clipped = logOf({ up: (t) => Math.max(-0.3, Math.min(0.3, shaking(t))) }).notes.join();
    expect(clipped).toMatch(/^[\d,]+ samples stand at the sensor’s stop/);
  });

  it('what stands above the figures is passed over', () => {
    const { result } = read([[NaN, NaN, NaN, NaN], [NaN, 1, NaN, NaN], ...rowsOf()]);
    expect(result.ok && result.log.rows).toBe(12 * HZ);
  });
});
