import { seededNumbers } from '../../../mathematics/numbers/seededNumbers';
import { fourier } from './fourier';
import type { SpotMotion } from '../paths/spotMotion';
import { transmission } from '../../../mathematics/spectra/transmissibility';
import { magnitude } from '../../../mathematics/spectra/complex';

/** A resonance that the model knows nothing of. */
interface HiddenResonance {
  readonly frequencyHz: number;
  readonly dampingRatio: number;
}

/** A signal with a given one-sided density, random phases, zero mean; 2^k samples. */
export function signalWith(
  density: (frequencyHz: number) => number,
  sampleHz: number,
  size: number,
  random: () => number,
): Float64Array {
  const fft = fourier(size);
  const spectrum = new Float64Array(2 * size);
  const stepHz = sampleHz / size;
  for (let k = 1; k < size / 2; k++) {
    // Each line a·cos(ωt + φ) has the variance a²/2 = S·Δf; the inverse transform divides by its size.
    const half = Math.sqrt(2 * density(k * stepHz) * stepHz) * (size / 2);
    const phase = 2 * Math.PI * random();
    [spectrum[2 * k], spectrum[2 * k + 1]] = [half * Math.cos(phase), half * Math.sin(phase)];
    [spectrum[2 * (size - k)], spectrum[2 * (size - k) + 1]] = [spectrum[2 * k]!, -spectrum[2 * k + 1]!];
  }
  const out = new Float64Array(2 * size);
  fft.inverseTransform(out, spectrum);
  return Float64Array.from({ length: size }, (_, i) => out[2 * i]!);
}

/** Density of a movement along one axis and of all turning, at any frequency, from the components of a spot. */
function densities(motion: SpotMotion, axis: 0 | 1 | 2) {
  const { gridHz, widthHz } = motion;
  const table = new Float64Array(gridHz.length);
  for (const c of motion.components) {
    if (c.lineHz !== null || c.axis[axis] !== 1) continue;
    for (let i = 0; i < gridHz.length; i++) {
      table[i]! += (c.weight[i]! / widthHz[i]!) * (c.zRe[i]! ** 2 + c.zIm[i]! ** 2) * (2 * Math.PI * gridHz[i]!) ** 4;
    }
  }
  return (f: number): number => {
    if (f < gridHz[0]! || f > gridHz[gridHz.length - 1]!) return 0;
    const at = (Math.log(f / gridHz[0]!) / Math.log(gridHz[1]! / gridHz[0]!)) | 0;
    return table[Math.min(at, table.length - 1)]!;
  };
}

/** Of a phone's or logger's sensor, (m/s²)²/Hz. Estimate 1e-6 to 1e-4. */
const SENSOR_NOISE = 2e-5;

/**
 * A log as a logger at a spot would write it: the model's own spectrum and lines, with a resonance that the model does not have.
 * CSV with time, acceleration in m/s² (z up, with gravity) and rotation rate. Repeatable by its seed.
 */
export function simulatedLog(
  motion: SpotMotion,
  hidden: HiddenResonance,
  { sampleHz = 250, size = 16384, seed = 1 } = {},
): string {
  const random = seededNumbers(seed);
  const extra = (f: number) => magnitude(transmission(f, hidden.frequencyHz, hidden.dampingRatio)) ** 2;
  /** The resonance adds to what lies around it and holds nothing back above. */
  const shaped = (axis: 0 | 1 | 2) => {
    const plain = densities(motion, axis);
    return (f: number) =>
      plain(f) * (Math.abs(Math.log(f / hidden.frequencyHz)) < 0.3 ? Math.max(1, extra(f)) : 1) + SENSOR_NOISE;
  };
  const [ahead, up, right] = ([0, 1, 2] as const).map((axis) => signalWith(shaped(axis), sampleHz, size, random));
  const rates = [0, 1, 2].map(() => signalWith((f) => 2e-4 / (1 + (f / 4) ** 4), sampleHz, size, random));
  const lines = motion.components.filter((c) => c.lineHz !== null && c.axis[1] === 1 && c.lineHz < sampleHz / 2);
  const amplitude = lines.map((c) => {
    const variance = c.weight.reduce(
      (sum, w, i) => sum + w * (c.zRe[i]! ** 2 + c.zIm[i]! ** 2) * (2 * Math.PI * c.frequencyHz[i]!) ** 4,
      0,
    );
    return Math.sqrt(2 * variance);
  });
  const rows = ['time (s),acc x (m/s²),acc y (m/s²),acc z (m/s²),gyro x (rad/s),gyro y (rad/s),gyro z (rad/s)'];
  for (let i = 0; i < size; i++) {
    const t = i / sampleHz;
    const tones = lines.reduce((sum, c, k) => sum + amplitude[k]! * Math.sin(2 * Math.PI * c.lineHz! * t + k), 0);
    const figures = [ahead![i]!, right![i]!, 9.80665 + up![i]! + tones, ...rates.map((r) => r[i]!)];
    rows.push(`${t.toFixed(4)},${figures.map((v) => v.toFixed(3)).join(',')}`);
  }
  return `${rows.join('\n')}\n`;
}
