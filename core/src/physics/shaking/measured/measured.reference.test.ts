import { seededNumbers } from '../../../mathematics/numbers/seededNumbers';
import { shakeAt } from '../../../../testing/shakes';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import { shakeIn } from '../whole/shakeOf';
import { shakeScene } from '../whole/shakeScene';
import { magnitude } from '../../../mathematics/spectra/complex';
import { transmission } from '../../../mathematics/spectra/transmissibility';
import { calibrate, calibrationWords } from './calibration';
import { dominantLines, knownFrequencies } from './lines';
import { guessColumns } from './logColumns';
import { LOG_LIMITS, LogReader, type ReadLog } from './logReader';
import { signalWith, simulatedLog } from './simulatedLog';
import { densityAlong, WelchStream } from './welch';

function welchOf(signal: ArrayLike<number>, size: number, sampleHz: number) {
  const stream = new WelchStream(1, size, sampleHz);
  for (let i = 0; i < signal.length; i++) stream.push([signal[i]!]);
  return stream.result();
}
const area = ({ frequencyHz, density }: ReturnType<WelchStream['result']>) =>
  density[0]![0]!.reduce((sum, d) => sum + d * frequencyHz[1]!, 0);
const varianceOf = (signal: ArrayLike<number>) => {
  const mean = Array.from(signal).reduce((a, b) => a + b, 0) / signal.length;
  return Array.from(signal).reduce((sum, v) => sum + (v - mean) ** 2, 0) / signal.length;
};

describe('Welch’s spectrum', () => {
  it('integrates to the variance of the signal (Parseval): white noise and a sine', () => {
    const random = seededNumbers(3);
    const noise = Array.from({ length: 60000 }, () => random() - 0.5);
    expect(area(welchOf(noise, 1024, 500)) / varianceOf(noise)).toBeCloseTo(1, 1);
    const sine = Array.from({ length: 40000 }, (_, i) => 3 * Math.sin((2 * Math.PI * 37.3 * i) / 500));
    expect(area(welchOf(sine, 1024, 500))).toBeCloseTo(4.5, 1);
  });

  it('white noise of variance σ² is even: 2σ²/f_s at every frequency', () => {
    const random = seededNumbers(5);
    const noise = Array.from({ length: 400_000 }, () => Math.sqrt(12) * (random() - 0.5));
    const { density, frequencyHz } = welchOf(noise, 512, 200);
    const middle = Array.from(density[0]![0]!).slice(20, 240);
    expect(middle.reduce((a, b) => a + b, 0) / middle.length).toBeCloseTo(2 / 200, 4);
    expect(frequencyHz.at(-1)).toBe(100);
  });

  it('noise through one mass on a spring has the spectrum |T|² of it', () => {
    const gain = (f: number) => magnitude(transmission(f, 24, 0.1)) ** 2;
    const signal = signalWith((f) => 0.02 * gain(f), 250, 65536, seededNumbers(11));
    const { density, frequencyHz } = welchOf(signal, 1024, 250);
    for (const f of [10, 20, 24, 30, 60]) {
      const k = Math.round(f / frequencyHz[1]!);
      const around =
        Array.from(density[0]![0]!)
          .slice(k - 2, k + 3)
          .reduce((a, b) => a + b, 0) / 5;
      expect(around / (0.02 * gain(f))).toBeGreaterThan(0.7);
      expect(around / (0.02 * gain(f))).toBeLessThan(1.4);
    }
  });

  it('knows a direction between the axes, and refuses a size that is no power of two', () => {
    const random = seededNumbers(2);
    const stream = new WelchStream(3, 256, 100);
    for (let i = 0; i < 20000; i++) {
      const v = random() - 0.5;
      stream.push([0.6 * v, 0, 0.8 * v]);
    }
    const result = stream.result();
    const along = densityAlong(result, 0, [0.6, 0, 0.8]);
    expect(along[30]! / (result.density[0]![0]![30]! + result.density[2]![2]![30]!)).toBeCloseTo(1, 9);
    expect(densityAlong(result, 0, [0.8, 0, -0.6])[30]!).toBeLessThan(1e-12);
    expect(() => new WelchStream(1, 1000, 10)).toThrow(/1000 is no power of two/);
  });
});

const rows = (count: number, row: (i: number) => (number | string)[]) =>
  Array.from({ length: count }, (_, i) => row(i).map(String));
function read(lines: readonly (readonly string[])[], columns: ConstructorParameters<typeof LogReader>[0] = null) {
  const reader = new LogReader(columns);
  const [names] = lines;
  if (names && names.every((cell) => Number.isNaN(Number(cell)))) reader.named(names);
  for (const line of lines) if (!reader.push(line.map((cell) => (cell === '' ? NaN : Number(cell))))) break;
  return reader.result();
}
const logOf = (result: ReturnType<typeof read>): ReadLog => {
  if (!result.ok) throw new Error(result.problems.join());
  return result.log;
};
const shaking = (i: number, hz = 100) => Math.sin((2 * Math.PI * 12 * i) / hz);

describe('a log is read with its columns, units and faults', () => {
  it.each([
    [
      'seconds and m/s²',
      ['time (s)', 'ax (m/s^2)', 'ay (m/s^2)', 'az (m/s^2)'],
      (i: number) => [i / 100, 0, 0, 9.81 + shaking(i)],
    ],
    [
      'milliseconds and g, unnamed units',
      ['Timestamp', 'Acc_X', 'Acc_Y', 'Acc_Z'],
      (i: number) => [i * 10, 0, 0, 1 + shaking(i) / 9.80665],
    ],
    [
      'microseconds and mg',
      ['t', 'accel x', 'accel y', 'accel z'],
      (i: number) => [i * 10000, 0, 1000 + (1000 * shaking(i)) / 9.80665, 0],
    ],
  ] as const)('%s', (_name, names, row) => {
    const log = logOf(read([[...names], ...rows(3000, (i) => [...row(i)])]));
    expect(log.sampleHz).toBeCloseTo(100, 3);
    expect(log.seconds).toBeCloseTo(29.99, 2);
    const rms = Math.sqrt(log.up.reduce((sum, d) => sum + d * log.frequencyHz[1]!, 0));
    expect(rms).toBeCloseTo(Math.SQRT1_2, 2);
    expect(log.notes).toEqual([]);
  });

  it('finds rotation in degrees, and which way is down', () => {
    const names = [
      'time [s]',
      'acc x [g]',
      'acc y [g]',
      'acc z [g]',
      'gyro x [deg/s]',
      'gyro y [deg/s]',
      'gyro z [deg/s]',
    ];
    const log = logOf(read([names, ...rows(2000, (i) => [i / 200, 0.6, 0.8, 0, shaking(i, 200), 0, 0])]));
    expect(log.columns.rotationUnit).toBe('°/s');
    expect(log.gravity[1]).toBeCloseTo(0.8, 6);
    const rms = Math.sqrt(log.turning!.reduce((sum, d) => sum + d * log.frequencyHz[1]!, 0));
    expect(rms).toBeCloseTo((Math.SQRT1_2 * Math.PI) / 180, 3);
  });

  it('without names takes time first, then acceleration', () => {
    const log = logOf(read(rows(1500, (i) => [i / 50, 0, 0, 9.8 + shaking(i, 50)])));
    expect(log.columns).toMatchObject({ time: 0, acceleration: [1, 2, 3], rotation: null });
  });

  it('tells gaps, time running back, rows without figures and clipping, and lets none of them in', () => {
    const plain = rows(6000, (i) => [i / 100, 0, 0, Math.min(10.4, 9.81 + shaking(i, 400)).toFixed(3)]);
    const broken = [...plain.slice(0, 3000), ['30', 'x', '', 'nan'], plain[10]!, ...plain.slice(3400)];
    const log = logOf(read([['time', 'ax', 'ay', 'az'], ...broken]));
    expect(log.notes.join(' ')).toMatch(/1 gap in time/);
    expect(log.notes.join(' ')).toMatch(/1 rows whose time does not go forward/);
    expect(log.notes.join(' ')).toMatch(/1 rows that hold no figures/);
    expect(log.notes.join(' ')).toMatch(/stand at the sensor’s stop/);
    expect(log.seconds).toBeCloseTo(55.98, 1);
  });

  it.each([
    [
      'no such columns',
      [['speed', 'height'], ...rows(500, (i) => [i, i])],
      /No columns for time and for acceleration.*speed, height/,
    ],
    ['too few rows', [['time', 'ax', 'ay', 'az'], ...rows(100, (i) => [i / 100, 0, 0, 9.8])], /Only 100 readable rows/],
    ['time that stands', [['time', 'ax', 'ay', 'az'], ...rows(500, () => [1, 0, 0, 9.8])], /time does not go forward/],
    ['an empty file', [], /fewer than four figures/],
  ] as const)('%s is refused with what would do', (_name, lines, message) => {
    const result = read(lines as readonly string[][]);
    expect(result.ok ? '' : result.problems.join()).toMatch(message);
  });

  it('takes a mapping by hand, stops at its limit, and doubts a wrong unit', () => {
    const lines = rows(1000, (i) => [0, 9.81 + shaking(i), i / 100, 0]);
    const columns = {
      time: 2,
      acceleration: [0, 1, 3],
      rotation: null,
      timeUnit: 's',
      accelerationUnit: 'm/s²',
      rotationUnit: 'rad/s',
    } as const;
    expect(logOf(read(lines, columns)).gravity[1]).toBeCloseTo(1, 3);
    expect(logOf(read(lines, { ...columns, accelerationUnit: 'g' })).notes.join()).toMatch(
      /Gravity reads 96\.\d m\/s²/,
    );
    expect(LOG_LIMITS.rows).toBeGreaterThan(3_600_000);
    expect(guessColumns({ names: ['a', 'b'], rows: [[1, 2]] })).toBeNull();
  });
});

describe('a log from a spot with a resonance that the model does not have', () => {
  const question = shakeAt('buggy', 'cage-front', {}, { groundId: 'rooty-trail', speedMps: 10 });
  const scene = shakeScene(question);
  const log = logOf(
    read(
      simulatedLog(scene.motion, { frequencyHz: 23, dampingRatio: 0.015 })
        .trim()
        .split('\n')
        .map((l) => l.split(',')),
    ),
  );

  it('shows it as a line of its own that nothing known explains', () => {
    const known = knownFrequencies(question.rig, question.ride, scene, shakeIn(scene));
    const unknown = dominantLines(log.frequencyHz, log.up, known).filter((l) => l.name === null);
    expect(unknown[0]!.frequencyHz).toBeGreaterThan(22.5);
    expect(unknown[0]!.frequencyHz).toBeLessThan(23.5);
  });

  it('names a line that is known: the engine of a small aircraft', () => {
    const flight = shakeAt('light-aircraft', 'window');
    const view = shakeScene(flight);
    const heard = logOf(
      read(
        simulatedLog(view.motion, { frequencyHz: 23, dampingRatio: 0.03 })
          .trim()
          .split('\n')
          .map((l) => l.split(',')),
      ),
    );
    const known = knownFrequencies(flight.rig, flight.ride, view, shakeIn(view));
    const names = dominantLines(heard.frequencyHz, heard.up, known).map((l) => l.name);
    expect(names.join()).toMatch(/propeller/);
    expect(resolveRig(flight.rig).machine.shake.lines.length).toBeGreaterThan(1);
  });

  it('calibrates the spot there and leaves the rest as assumed', () => {
    const bands = calibrate(log, scene.motion);
    const at = (f: number) => bands.find((b) => f >= b.lowHz && f < b.highHz)!.ratio;
    expect(at(23)).toBeGreaterThan(1.6);
    expect(at(5)).toBeGreaterThan(0.6);
    expect(at(5)).toBeLessThan(1.6);
    expect(calibrationWords(bands).join()).toMatch(/shakes [\d.]+ × more than assumed at \d+ to \d+ Hz/);
  });

  it('a log of the model itself says "as assumed"; one twice as strong says twice', () => {
    const plain = logOf(
      read(
        simulatedLog(scene.motion, { frequencyHz: 1e5, dampingRatio: 0.5 })
          .trim()
          .split('\n')
          .map((l) => l.split(',')),
      ),
    );
    const ratios = calibrate(plain, scene.motion)
      .filter((b) => b.lowHz > 3)
      .map((b) => b.ratio);
    for (const ratio of ratios) expect(Math.abs(Math.log(ratio))).toBeLessThan(Math.log(2));
    const doubled = { ...plain, up: plain.up.map((d) => 4 * d) };
    const both = calibrate(doubled, scene.motion).filter((b) => b.lowHz > 3);
    both.forEach((b, i) => expect(b.ratio / ratios[i]!).toBeCloseTo(2, 6));
    expect(calibrationWords([])).toEqual([]);
    expect(calibrationWords([{ lowHz: 1, highHz: 2, ratio: 1.1 }])[0]).toMatch(/as assumed/);
    expect(calibrationWords([{ lowHz: 1, highHz: 2, ratio: 50 }]).join()).toMatch(/more than estimates can/);
  });

  it('the model follows it: with the log the picture shakes more', () => {
    const bands = calibrate(log, scene.motion);
    const followed = shakeIn(shakeScene({ ...question, measured: bands }));
    const assumed = shakeIn(scene);
    const near = (s: typeof assumed, f: number) => s.spectra.spot[s.spectra.frequencyHz.findIndex((x) => x > f)]!;
    expect(near(followed, 23)).toBeGreaterThan(2 * near(assumed, 23));
  });
});
