import { fourier, type Fourier } from './fourier';

/** Densities of several channels together: own and shared parts, so that any direction between them can be asked for. */
interface WelchResult {
  readonly frequencyHz: Float64Array;
  /** One-sided density of channels i and j in common (real part), [i][j], unit²/Hz; [i][i] is channel i's own. */
  readonly density: readonly (readonly Float64Array[])[];
  readonly segments: number;
}

/**
 * Welch's method (1967) as a stream: Hann windows, half overlapping, each freed of its mean. Σ density·Δf is the variance of the signal
 * (Parseval) as far as it is steady. A gap starts afresh.
 */
export class WelchStream {
  private readonly fft: Fourier;
  private readonly window: Float64Array;
  private readonly windowPower: number;
  private readonly held: Float64Array[];
  private filled = 0;
  private readonly spectra: Float64Array[];
  private readonly padded: Float64Array;
  private readonly sums: Float64Array[][];
  private segments = 0;

  /** @param size samples in a window, a power of two of at least 16 @throws RangeError for any other */
  constructor(
    readonly channels: number,
    readonly size: number,
    readonly sampleHz: number,
  ) {
    if (size < 16 || (size & (size - 1)) !== 0) throw new RangeError(`WelchStream: size ${size} is no power of two`);
    this.fft = fourier(size);
    this.window = Float64Array.from({ length: size }, (_, i) => 0.5 - 0.5 * Math.cos((2 * Math.PI * i) / size));
    this.windowPower = this.window.reduce((sum, w) => sum + w * w, 0);
    const arrays = (length: number) => Array.from({ length: channels }, () => new Float64Array(length));
    this.held = arrays(size);
    this.spectra = arrays(2 * size);
    this.padded = new Float64Array(size);
    this.sums = Array.from({ length: channels }, () => arrays(size / 2 + 1));
  }

  push(sample: ArrayLike<number>): void {
    for (let c = 0; c < this.channels; c++) this.held[c]![this.filled] = sample[c]!;
    if (++this.filled < this.size) return;
    this.add();
    const half = this.size / 2;
    for (const channel of this.held) channel.copyWithin(0, half);
    this.filled = half;
  }

  /** Forgets what has not filled a window: what comes next does not follow on. */
  gap(): void {
    this.filled = 0;
  }

  private add(): void {
    const { size, window, padded } = this;
    for (let c = 0; c < this.channels; c++) {
      const held = this.held[c]!;
      let mean = 0;
      for (let i = 0; i < size; i++) mean += held[i]!;
      mean /= size;
      for (let i = 0; i < size; i++) padded[i] = (held[i]! - mean) * window[i]!;
      this.fft.realTransform(this.spectra[c]!, padded);
    }
    for (let a = 0; a < this.channels; a++) {
      for (let b = a; b < this.channels; b++) {
        const [x, y, sum] = [this.spectra[a]!, this.spectra[b]!, this.sums[a]![b]!];
        for (let k = 0; k <= size / 2; k++) sum[k]! += x[2 * k]! * y[2 * k]! + x[2 * k + 1]! * y[2 * k + 1]!;
      }
    }
    this.segments++;
  }

  result(): WelchResult {
    const { size, sampleHz, segments } = this;
    const scale = segments > 0 ? 1 / (sampleHz * this.windowPower * segments) : 0;
    const density = this.sums.map((row, a) =>
      row.map((_, b) => {
        const sum = this.sums[Math.min(a, b)]![Math.max(a, b)]!;
        // Both ends of the band stand for themselves, everything between for two sides.
        return sum.map((v, k) => v * scale * (k === 0 || k === size / 2 ? 1 : 2));
      }),
    );
    return {
      frequencyHz: Float64Array.from({ length: size / 2 + 1 }, (_, k) => (k * sampleHz) / size),
      density,
      segments,
    };
  }
}

/** Density along a direction: uᵀ·S·u. */
export const densityAlong = ({ density }: WelchResult, first: number, direction: readonly number[]): Float64Array =>
  density[first]![first]!.map((_, k) => {
    let sum = 0;
    for (let a = 0; a < direction.length; a++)
      for (let b = 0; b < direction.length; b++)
        sum += direction[a]! * direction[b]! * density[first + a]![first + b]![k]!;
    return Math.max(0, sum);
  });
