import FFT from 'fft.js';

/** Fourier transform of a power of two; complex arrays hold real and imaginary parts in turn. */
export interface Fourier {
  /** First half of the spectrum of real data. */
  realTransform(out: Float64Array, data: ArrayLike<number>): void;
  /** Whole spectrum of complex data. */
  transform(out: Float64Array, data: ArrayLike<number>): void;
  /** Divides by its size. */
  inverseTransform(out: Float64Array, data: ArrayLike<number>): void;
}

export const fourier = (size: number): Fourier => new (FFT as new (size: number) => Fourier)(size);
