import { seededNumbers } from '../../../mathematics/numbers/seededNumbers';
import { densityInThirds, pathSpectrum, type SwingBand } from './pathSpectrum';

const STEP_S = 1 / 60;
const N = 600;
const sampled = (of: (t: number) => number) => Float64Array.from({ length: N }, (_, i) => of(i * STEP_S));
const wave = (hz: number, amplitude: number) => sampled((t) => amplitude * Math.sin(2 * Math.PI * hz * t + 0.4));
const whole = (bands: readonly SwingBand[]) => Math.sqrt(bands.reduce((sum, { rms }) => sum + rms * rms, 0));
const rmsOf = (path: ArrayLike<number>) => {
  const values = Array.from(path);
  const mean = values.reduce((sum, v) => sum + v, 0) / values.length;
  return Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / values.length);
};
const strongest = (bands: readonly SwingBand[]) => bands.reduce((a, b) => (b.rms > a.rms ? b : a));

describe('what swings in thirds of an octave', () => {
  it('a sine is all in its own third, by its amplitude over √2', () => {
    for (const hz of [2, 5, 12, 25]) {
      const bands = pathSpectrum([wave(hz, 3)], STEP_S);
      const band = strongest(bands);
      expect([hz, Math.abs(Math.log2(band.hz / hz)) <= 1 / 6 + 1e-9]).toEqual([hz, true]);
      expect(band.rms).toBeCloseTo(3 / Math.SQRT2, 2);
      expect(whole(bands)).toBeCloseTo(band.rms, 2);
    }
  });

  it('bands stand a third of an octave apart, from 1 Hz up to half the pictures a second', () => {
    const bands = pathSpectrum([wave(5, 1)], STEP_S);
    expect(bands[0]!.hz).toBe(1);
    bands.slice(1).forEach(({ hz }, i) => expect(hz / bands[i]!.hz).toBeCloseTo(2 ** (1 / 3), 9));
    expect(bands.at(-1)!.hz / 2 ** (1 / 6)).toBeLessThan(30);
    expect(bands.at(-1)!.hz * 2 ** (1 / 6)).toBeGreaterThanOrEqual(30);
  });

  it('together they hold what the path does (Parseval), noise as well as sines', () => {
    const random = seededNumbers(7);
    const noise = Float64Array.from({ length: N }, () => random() - 0.5);
    // Slower than the first band there is next to nothing of white noise.
    expect(whole(pathSpectrum([noise], STEP_S)) / rmsOf(noise)).toBeGreaterThan(0.97);
    expect(whole(pathSpectrum([noise], STEP_S)) / rmsOf(noise)).toBeLessThanOrEqual(1 + 1e-9);
  });

  it('of two paths the squares add up: along and across as one', () => {
    const [along, across] = [wave(6, 3), wave(6, 4)];
    expect(whole(pathSpectrum([along, across], STEP_S))).toBeCloseTo(5 / Math.SQRT2, 2);
  });

  it('where it stands does not count, nor that it drifts slower than a second', () => {
    const still = pathSpectrum([sampled(() => 40)], STEP_S);
    expect(whole(still)).toBeLessThan(1e-9);
    expect(whole(pathSpectrum([wave(0.5, 10)], STEP_S))).toBeLessThan(1e-6);
  });

  it('the fastest that can be shown counts once', () => {
    const flicker = Float64Array.from({ length: N }, (_, i) => (i % 2 ? 1 : -1));
    expect(whole(pathSpectrum([flicker], STEP_S))).toBeCloseTo(1, 6);
  });

  it('of a few pictures nothing is said', () => {
    expect(pathSpectrum([[1, 2, 3]], STEP_S)).toEqual([]);
    expect(pathSpectrum([], STEP_S)).toEqual([]);
  });
});

describe('the same of a model’s density', () => {
  const hz = Float64Array.from({ length: 1201 }, (_, i) => i / 10);

  it('an even density gives each band its width', () => {
    const bands = densityInThirds(
      hz,
      hz.map(() => 4),
      240,
    );
    for (const { hz: middle, rms } of bands.slice(0, -1)) {
      const width = middle * (2 ** (1 / 6) - 2 ** (-1 / 6));
      expect(rms / Math.sqrt(4 * width)).toBeCloseTo(1, 1);
    }
  });

  it('ends where the pictures of a clip end, in the bands of the clip itself', () => {
    const model = densityInThirds(
      hz,
      hz.map(() => 1),
      60,
    );
    expect(model.map((band) => band.hz)).toEqual(pathSpectrum([wave(5, 1)], STEP_S).map((band) => band.hz));
    // From the lower edge of the first band up to 30 Hz, and no further.
    expect(whole(model) ** 2).toBeCloseTo(30 - 2 ** (-1 / 6), 0);
  });

  it('a line in it is found where it is, as a clip of it is', () => {
    const line = hz.map((f) => (Math.abs(f - 12) < 0.15 ? 10 : 0));
    const [model, clip] = [strongest(densityInThirds(hz, line, 60)), strongest(pathSpectrum([wave(12, 2)], STEP_S))];
    expect(model.hz).toBe(clip.hz);
  });

  it('nothing swings where there is no density', () => {
    expect(
      whole(
        densityInThirds(
          hz,
          hz.map(() => 0),
          60,
        ),
      ),
    ).toBe(0);
    expect(whole(densityInThirds([], [], 60))).toBe(0);
  });
});
