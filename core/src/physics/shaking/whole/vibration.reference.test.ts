import fc from 'fast-check';
import { frequencyGrid } from '../../../mathematics/spectra/frequencyGrid';
import { magnitude } from '../../../mathematics/spectra/complex';
import { transmissibility } from '../../../mathematics/spectra/transmissibility';
import { sinc } from '../../../mathematics/numbers/sinc';
import { rms, spectrumOf, through, variance } from '../../../../testing/spectra';
import { ROAD_CLASS_M3 } from '../../../words/ride/roadClass';
import { vehicleResponse, type QuarterVehicle } from '../paths/quarterVehicle';
import { spreadOut, type Spreads } from '../picture/spread';
import { groundDisplacementM2Hz } from '../sources/roadProfile';

/** The reference vehicle: Sayers & Karamihas, The Little Book of Profiling; ASTM E1926. */
const REFERENCE_VEHICLE: QuarterVehicle = { tyrePerS2: 653, springPerS2: 63.3, unsprungShare: 0.15, dampingPerS: 6.0 };
const vehicleGains = (frequencyHz: number) => {
  const { body, axle } = vehicleResponse(REFERENCE_VEHICLE, frequencyHz);
  return { body: magnitude(body), axle: magnitude(axle) };
};
/** Acceleration of the ground's contour, (m/s²)²/Hz: (2πf)⁴ times the displacement. */
const groundAcceleration = (roughnessM3: number, speedMps: number, at: Float64Array) =>
  spectrumOf(at, (f) => (2 * Math.PI * f) ** 4 * groundDisplacementM2Hz(roughnessM3, speedMps, f));

const grid = frequencyGrid(0.5, 50, 4000);

describe('spectra', () => {
  it('an even density integrates to its width, a power law to its closed form', () => {
    expect(variance(spectrumOf(grid, () => 2))).toBeCloseTo(2 * 49.5, 6);
    expect(variance(spectrumOf(frequencyGrid(1, 10, 5), (f) => 1 / f))).toBeCloseTo(Math.log(10), 9);
    expect(variance(spectrumOf(frequencyGrid(1, 10, 5), (f) => f ** 2))).toBeCloseTo(333, 9);
  });

  it('a gain counts twice, and a range that is none is refused', () => {
    const s = spectrumOf(grid, () => 3);
    expect(rms(through(s, () => 0.5))).toBeCloseTo(rms(s) / 2, 9);
    expect(() => frequencyGrid(0, 10, 5)).toThrow(/0 to 10 Hz/);
  });
});

describe('roads (ISO 8608)', () => {
  it('class C at 10 m/s, 0.5 to 50 Hz: the contour shakes with 40.77 m/s² rms (closed form)', () => {
    expect(rms(groundAcceleration(ROAD_CLASS_M3.C, 10, grid))).toBeCloseTo(40.77, 2);
  });

  it('each class is twice as rough in amplitude as the one before; twice the speed shakes √2 as much', () => {
    const c = rms(groundAcceleration(ROAD_CLASS_M3.C, 10, grid));
    expect(rms(groundAcceleration(ROAD_CLASS_M3.D, 10, grid)) / c).toBeCloseTo(2, 9);
    expect(rms(groundAcceleration(ROAD_CLASS_M3.C, 20, grid)) / c).toBeCloseTo(Math.SQRT2, 9);
  });
});

describe('the reference quarter vehicle (ASTM E1926, Sayers); figures integrated with SciPy over 0.5 to 50 Hz', () => {
  it.each([
    ['A', 0.384, 3.665],
    ['C', 1.537, 14.66],
    ['E', 6.147, 58.639],
  ] as const)('class %s at 20 m/s: body %s, axle %s m/s² rms', (road, body, axle) => {
    const ground = groundAcceleration(ROAD_CLASS_M3[road], 20, grid);
    expect(rms(through(ground, (f) => vehicleGains(f).body))).toBeCloseTo(body, 2);
    expect(Math.abs(rms(through(ground, (f) => vehicleGains(f).axle)) / axle - 1)).toBeLessThan(2e-3);
  });

  it('the body answers most at 1.14 Hz (1.93), the axle at 9.7 Hz (1.66)', () => {
    const peak = (what: 'body' | 'axle', low: number, high: number) =>
      [...frequencyGrid(low, high, 6000)].reduce(
        (best, f) => (vehicleGains(f)[what] > best.gain ? { f, gain: vehicleGains(f)[what] } : best),
        { f: 0, gain: 0 },
      );
    const body = peak('body', 0.3, 4);
    expect(body.f).toBeCloseTo(1.14, 2);
    expect(body.gain).toBeCloseTo(1.93, 2);
    const axle = peak('axle', 5, 20);
    expect(axle.f).toBeCloseTo(9.7, 1);
    expect(axle.gain).toBeCloseTo(1.66, 2);
  });

  it('follows the ground when it goes slowly, and stays still when it goes very fast', () => {
    expect(vehicleGains(0.01).body).toBeCloseTo(1, 3);
    expect(vehicleGains(500).body).toBeLessThan(1e-3);
  });
});

describe('one mass on its mount', () => {
  it('passes on exactly as much as it gets at √2 times its frequency, whatever the damping', () => {
    for (const damping of [0.01, 0.1, 0.5, 2])
      expect(transmissibility(Math.SQRT2 * 12, 12, damping)).toBeCloseTo(1, 12);
  });

  it('at its own frequency: √(1 + 4ζ²) / 2ζ; far below 1; infinitely stiff 1 everywhere', () => {
    for (const z of [0.02, 0.05, 0.2])
      expect(transmissibility(30, 30, z)).toBeCloseTo(Math.sqrt(1 + 4 * z * z) / (2 * z), 9);
    expect(transmissibility(0.01, 30, 0.05)).toBeCloseTo(1, 6);
    expect(transmissibility(400, Infinity, 0.05)).toBe(1);
  });

  it.each([
    [30, 0.05, 0.01, 2.171, 2.182],
    [80, 0.1, 0.02, 3.545, 3.615],
  ])(
    'white noise: %s Hz, ζ %s, %s g²/Hz gives %s g by Miles (1954), %s g with the damper’s own path (closed form)',
    (f, z, g, miles, white) => {
      const wide = frequencyGrid(0.02, 40_000, 60_000);
      const answered = rms(
        through(
          spectrumOf(wide, () => g),
          (hz) => transmissibility(hz, f, z),
        ),
      );
      expect(answered).toBeCloseTo(white, 2);
      expect(answered / Math.sqrt(1 + 4 * z * z)).toBeCloseTo(miles, 2);
    },
  );
});

describe('the picture', () => {
  const frequencyHz = frequencyGrid(0.1, 500, 3000);
  const shake = spectrumOf(frequencyHz, (f) => 4 / (1 + (f / 20) ** 2));
  /** Jump, jelly and blur, as spreadOut shares the square at each frequency out, integrated. */
  const shared = (exposureS: number, readoutS: number, left: (f: number) => number = () => 1) => {
    const empty = () => new Float64Array(frequencyHz.length);
    const figures = { jump: empty(), jelly: empty(), blur: empty() };
    const spread = { before: frequencyHz.map(() => 1), after: frequencyHz.map(left), figures };
    const spreads: Spreads = new Map([[frequencyHz, spread]]);
    spreadOut(spreads, exposureS, readoutS);
    const part = (share: Float64Array) =>
      Math.sqrt(Math.max(0, variance({ frequencyHz, density: shake.density.map((s, i) => s * share[i]!) })));
    return { jump: part(figures.jump), jelly: part(figures.jelly), blur: part(figures.blur), figures };
  };

  it('without a stabiliser jump, jelly and blur add up to the whole at every frequency, for any shutter', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.05, noNaN: true }),
        fc.double({ min: 0, max: 0.04, noNaN: true }),
        (exposureS, readoutS) => {
          const { figures } = shared(exposureS, readoutS);
          const off = frequencyHz.map((_, i) => Math.abs(figures.jump[i]! + figures.jelly[i]! + figures.blur[i]! - 1));
          expect(Math.max(...off)).toBeLessThan(1e-12);
        },
      ),
      { seed: 6, numRuns: 40 },
    );
  });

  it('no exposure, no blur; no readout, no jelly; a longer shutter turns jelly into blur', () => {
    expect(shared(0, 0.015).blur).toBe(0);
    expect(shared(0.004, 0).jelly).toBe(0);
    const short = shared(1 / 4000, 0.015);
    const long = shared(1 / 60, 0.015);
    expect(long.jelly).toBeLessThan(short.jelly);
    expect(long.blur).toBeGreaterThan(short.blur);
    expect(sinc(0)).toBe(1);
    expect(sinc(1)).toBeCloseTo(0, 12);
  });

  it('a stabiliser takes from the jump, and from the slow skew in the jelly within its band; nothing from the blur', () => {
    const free = shared(0.004, 0.015);
    const held = shared(0.004, 0.015, (f) => (f < 6 ? 0.02 : 1));
    expect(held.jump).toBeLessThan(free.jump);
    expect(held.jelly).toBeLessThan(free.jelly);
    // Above its band nothing changes: by 1 − sinc² most of the jelly lies there.
    expect(held.jelly).toBeGreaterThan(0.9 * free.jelly);
    expect(held.blur).toBe(free.blur);
  });
});
