import type { MeasuredBand } from '../../../words/ride/measuredBand';
import type { MotionComponent, SpotMotion } from '../paths/spotMotion';
import { hertzWords } from '../mount/mountModel';
import { LEAST_MOTION_MS2, type ReadLog } from './logReader';

/** Third octaves from 1 Hz up: centres 10^(n/10). */
const BAND_CENTRES_HZ = Array.from({ length: 27 }, (_, n) => 10 ** (n / 10));
const HALF_BAND = 10 ** 0.05;
/** Bands with fewer bins than this say nothing. */
const LEAST_BINS = 2;
/** A band with a smaller share of the log's power than this is the sensor's own noise. Estimate 1e-4 to 1e-3. */
const LEAST_SHARE = 3e-4;
/** The model is taken to be right within this; estimates bear no more. */
const AS_ASSUMED = 1.25;
/** A ratio beyond these says that one of the two is not what it is taken for; it is kept, and told. */
const PLAUSIBLE_RATIO = [0.05, 20] as const;

/** Rms of the upward acceleration in a band, as the model has it. */
function modelled({ components }: SpotMotion, lowHz: number, highHz: number): number {
  const inBand = (c: MotionComponent) => {
    let sum = 0;
    for (let i = 0; i < c.frequencyHz.length; i++) {
      const f = c.frequencyHz[i]!;
      if (f < lowHz || f >= highHz) continue;
      sum += c.weight[i]! * (c.zRe[i]! ** 2 + c.zIm[i]! ** 2) * (2 * Math.PI * f) ** 4;
    }
    return sum;
  };
  return Math.sqrt(components.filter((c) => c.axis[1] === 1).reduce((sum, c) => sum + inBand(c), 0));
}

function measured({ frequencyHz, up }: ReadLog, lowHz: number, highHz: number): { rms: number; bins: number } {
  const stepHz = frequencyHz[1]! - frequencyHz[0]!;
  let [power, bins] = [0, 0];
  for (let k = 1; k < frequencyHz.length; k++) {
    if (frequencyHz[k]! < lowHz || frequencyHz[k]! >= highHz) continue;
    power += up[k]! * stepHz;
    bins++;
  }
  return { rms: Math.sqrt(power), bins };
}

/**
 * How many times as much the spot shakes as the model says, by third octaves up to 0.4 of the sample rate.
 * @param motion of the same spot and ride, without any earlier log
 */
export function calibrate(log: ReadLog, motion: SpotMotion): readonly MeasuredBand[] {
  const limitHz = Math.min(0.4 * log.sampleHz, motion.gridHz[motion.gridHz.length - 1]!);
  const whole = measured(log, BAND_CENTRES_HZ[0]!, limitHz).rms;
  if (!(whole >= LEAST_MOTION_MS2)) return [];
  return BAND_CENTRES_HZ.flatMap((centre): MeasuredBand[] => {
    const [lowHz, highHz] = [centre / HALF_BAND, centre * HALF_BAND];
    if (highHz > limitHz) return [];
    const { rms, bins } = measured(log, lowHz, highHz);
    const expected = modelled(motion, lowHz, highHz);
    if (bins < LEAST_BINS || !(expected > 0) || !(rms ** 2 > LEAST_SHARE * whole ** 2)) return [];
    return [{ lowHz, highHz, ratio: rms / expected }];
  });
}

/** "shakes 1.6 × more than assumed at 18 to 30 Hz", for each stretch of bands that lie off alike, widest difference first. */
export function calibrationWords(bands: readonly MeasuredBand[]): readonly string[] {
  const sign = ({ ratio }: MeasuredBand) => (ratio > AS_ASSUMED ? 1 : ratio < 1 / AS_ASSUMED ? -1 : 0);
  const runs: MeasuredBand[][] = [];
  for (const band of bands) {
    const last = runs[runs.length - 1];
    const before = last?.[last.length - 1];
    if (last && before && sign(before) === sign(band) && Math.abs(before.highHz / band.lowHz - 1) < 0.01)
      last.push(band);
    else runs.push([band]);
  }
  const off = runs
    .filter((run) => sign(run[0]!) !== 0)
    .map((run) => ({ run, mean: Math.exp(run.reduce((sum, b) => sum + Math.log(b.ratio), 0) / run.length) }))
    .sort((a, b) => Math.abs(Math.log(b.mean)) - Math.abs(Math.log(a.mean)));
  if (off.length === 0) return bands.length > 0 ? ['shakes as assumed, within what the estimates bear'] : [];
  const wild = bands.some(({ ratio }) => ratio < PLAUSIBLE_RATIO[0] || ratio > PLAUSIBLE_RATIO[1]);
  const words = off.slice(0, 3).map(({ run, mean }) => {
    const [low, high] = [run[0]!.lowHz, run[run.length - 1]!.highHz];
    const times = mean > 1 ? `${mean.toFixed(1)} × more` : `${(1 / mean).toFixed(1)} × less`;
    return `shakes ${times} than assumed at ${hertzWords(low).replace(' Hz', '')} to ${hertzWords(high)}`;
  });
  return wild ? [...words, 'differs more than estimates can: check spot, unit, speed and ground'] : words;
}
