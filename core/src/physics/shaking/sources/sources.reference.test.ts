import { frequencyGrid } from '../../../mathematics/spectra/frequencyGrid';
import { spectrumOf, variance } from '../../../../testing/spectra';
import { gustDensity } from './gusts';
import { trackLikeness } from './roadProfile';
import { metElevationM2Hz, metWaveHz, waveElevationM2Hz, waveNumber } from './waves';

const wide = frequencyGrid(1e-5, 200, 8000);

describe('waves (Bretschneider 1959; linear theory of deep water)', () => {
  it('the area of the spectrum is H²/16, whoever meets it at whatever speed', () => {
    const still = variance(spectrumOf(wide, (f) => waveElevationM2Hz(0.8, 3.2, f)));
    expect(still).toBeCloseTo(0.8 ** 2 / 16, 5);
    for (const v of [0.5, 6, 13]) {
      expect(variance(spectrumOf(wide, (f) => metElevationM2Hz(0.8, 3.2, v, f)))).toBeCloseTo(still, 4);
    }
  });

  it('is highest at its peak period', () => {
    const at = (f: number) => waveElevationM2Hz(1, 4, f);
    expect(at(0.25)).toBeGreaterThan(at(0.24));
    expect(at(0.25)).toBeGreaterThan(at(0.26));
  });

  it('a wave of 8 s is 100 m long (1.56·T², handbook of linear wave theory)', () => {
    expect((2 * Math.PI) / waveNumber(1 / 8)).toBeCloseTo(1.5613 * 64, 0);
  });

  it('meeting frequency and own frequency are inverse to each other; standing still they are the same', () => {
    for (const [f, v] of [[0.3, 6] as const, [1, 13] as const, [2, 0.5] as const]) {
      const met = f + (2 * Math.PI * f * f * v) / 9.80665;
      expect(metWaveHz(met, v)).toBeCloseTo(f, 12);
    }
    expect(metWaveHz(0.7, 0)).toBe(0.7);
  });
});

it('gusts (Dryden form, MIL-F-8785C): the area is the square of their strength, at any speed', () => {
  for (const v of [11, 28, 60]) {
    expect(variance(spectrumOf(wide, (f) => gustDensity(1.4, 200, v, f)))).toBeCloseTo(1.4 ** 2, 2);
  }
});

it('two tracks are alike for long waves and strangers for short ones: x·K₁(x) (Abramowitz & Stegun, table 9.8)', () => {
  // K₁(1) = 0.601907, K₁(2) = 0.139866.
  const track = 1.5;
  const n = (x: number) => x / (2 * Math.PI * track);
  expect(trackLikeness(n(1), track)).toBeCloseTo(0.601907, 5);
  expect(trackLikeness(n(2), track)).toBeCloseTo(2 * 0.139866, 5);
  expect(trackLikeness(n(1e-4), track)).toBe(1);
  expect(trackLikeness(n(100), track)).toBe(0);
});
