import { fourier } from '../../../physics/shaking/measured/fourier';

/** Side of a block, pixels: a power of two. Shifts up to a third of it are found. */
export const BLOCK_PX = 64;
const N = BLOCK_PX;
const fft = fourier(N);
const hann = Float64Array.from({ length: N }, (_, i) => 0.5 - 0.5 * Math.cos((2 * Math.PI * (i + 0.5)) / N));
/** The peak is made a bell of this width, pixels, so that its middle is known to a fraction of one. */
const BELL_PX = 1;
const bell = Float64Array.from({ length: N }, (_, i) => {
  const cycles = (i <= N / 2 ? i : i - N) / N;
  return Math.exp(-2 * (Math.PI * BELL_PX * cycles) ** 2);
});
/** The same over a block, and their sums. */
const overBlock = (along: Float64Array) =>
  Float64Array.from({ length: N * N }, (_, i) => along[i % N]! * along[(i / N) | 0]!);
const [hannOver, bellOver] = [overBlock(hann), overBlock(bell)];
const bellSum = bellOver.reduce((sum, weight) => sum + weight, 0);
const [line, lineOut] = [new Float64Array(2 * N), new Float64Array(2 * N)];

/** Spectrum of a block, N × N complex numbers row by row. */
export type BlockSpectrum = Float64Array;

/** A picture in shades of grey, row by row. */
export interface GreyPicture {
  readonly grey: Float32Array | Uint8Array | Uint8ClampedArray;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** Rows, then columns. */
function transform2(data: Float64Array, inverse: boolean): void {
  const step = inverse ? fft.inverseTransform.bind(fft) : fft.transform.bind(fft);
  for (let y = 0; y < N; y++) {
    step(lineOut, data.subarray(2 * N * y, 2 * N * (y + 1)));
    data.set(lineOut, 2 * N * y);
  }
  for (let x = 0; x < N; x++) {
    for (let y = 0; y < N; y++) {
      line[2 * y] = data[2 * (y * N + x)]!;
      line[2 * y + 1] = data[2 * (y * N + x) + 1]!;
    }
    step(lineOut, line);
    for (let y = 0; y < N; y++) {
      data[2 * (y * N + x)] = lineOut[2 * y]!;
      data[2 * (y * N + x) + 1] = lineOut[2 * y + 1]!;
    }
  }
}

/** Spectrum of the block whose top left pixel is told, freed of its mean, under a Hann window; null where it is all one shade. */
export function blockSpectrum({ grey, widthPx }: GreyPicture, left: number, top: number): BlockSpectrum | null {
  const out = new Float64Array(2 * N * N);
  let mean = 0;
  for (let y = 0; y < N; y++) for (let x = 0; x < N; x++) mean += grey[(top + y) * widthPx + left + x]!;
  mean /= N * N;
  let variance = 0;
  for (let y = 0; y < N; y++) {
    for (let x = 0; x < N; x++) {
      const value = grey[(top + y) * widthPx + left + x]! - mean;
      variance += value * value;
      out[2 * (y * N + x)] = value * hannOver[y * N + x]!;
    }
  }
  if (variance / (N * N) < LEAST_VARIANCE) return null;
  transform2(out, false);
  return out;
}
/** Of shades from 0 to 255: less than a step and a half is noise. */
const LEAST_VARIANCE = 2;

export interface BlockShift {
  readonly dx: number;
  readonly dy: number;
  /** 1 where one block is the other shifted, near 0 where they have nothing in common. */
  readonly sure: number;
}

/** How far the content of a block moved from one picture to the next, pixels: phase correlation (Kuglin and Hines 1975), its peak made a bell. */
export function blockShift(before: BlockSpectrum, after: BlockSpectrum): BlockShift {
  const cross = new Float64Array(2 * N * N);
  for (let i = 0; i < N * N; i++) {
    const k = 2 * i;
    const real = after[k]! * before[k]! + after[k + 1]! * before[k + 1]!;
    const imaginary = after[k + 1]! * before[k]! - after[k]! * before[k + 1]!;
    const size = Math.sqrt(real * real + imaginary * imaginary);
    if (!(size > 0)) continue;
    cross[k] = (real / size) * bellOver[i]!;
    cross[k + 1] = (imaginary / size) * bellOver[i]!;
  }
  transform2(cross, true);
  let [peak, at] = [-Infinity, 0];
  for (let i = 0; i < N * N; i++) if (cross[2 * i]! > peak) [peak, at] = [cross[2 * i]!, i];
  const [px, py] = [at % N, Math.floor(at / N)];
  const value = (x: number, y: number): number => Math.max(1e-12, cross[2 * (((y + N) % N) * N + ((x + N) % N))]!);
  const between = (low: number, middle: number, high: number): number => {
    const [l, m, h] = [Math.log(low), Math.log(middle), Math.log(high)];
    const bend = l - 2 * m + h;
    return bend < -1e-9 ? Math.max(-0.6, Math.min(0.6, (l - h) / (2 * bend))) : 0;
  };
  const signed = (i: number): number => (i <= N / 2 ? i : i - N);
  return {
    dx: signed(px) + between(value(px - 1, py), peak, value(px + 1, py)),
    dy: signed(py) + between(value(px, py - 1), peak, value(px, py + 1)),
    sure: (peak * N * N) / bellSum,
  };
}
