import type { AxleFigures, Ride } from '../../../words/carrier/machineShake';
import { minus, over, plus, real, scaled, times, turned, type Complex } from '../../../mathematics/spectra/complex';
import type { RangeEnd } from '../../../words/sourced/ends';
import { sinc } from '../../../mathematics/numbers/sinc';
import { waveNumber, metWaveHz } from '../sources/waves';
import { transmission } from '../../../mathematics/spectra/transmissibility';
import { quarterVehicleFrom, vehicleResponse } from './quarterVehicle';

/** Movement of the frame for one unit of the source: up at a place, and nose up. */
export interface FrameMotion {
  readonly up: Complex;
  readonly pitch: Complex;
}

type RideOf<Kind extends Ride['kind']> = Extract<Ride, { kind: Kind }>;

const responseOf = (axle: AxleFigures, pick: RangeEnd) =>
  quarterVehicleFrom(pick(axle.bodyHz), pick(axle.hopHz), pick(axle.unsprungShare), pick(axle.dampingRatio));

/** From the rear axle to the pivot of its arm, metres. Estimate 0.4 to 0.6. */
const SWING_ARM_M = 0.5;

/**
 * Two axles over the same ground, the rear one later by the wheelbase: the frame at x ahead of the origin moves by
 * z = (1 − ξ)·z_f + ξ·z_r·e^(−jωL/v), ξ = (x_f − x)/L, and turns by (z_f − z_r·e^(−jωL/v))/L. Front and rear are taken as not
 * coupled (dynamic index 1, common for cars). Limits: over an axle only that axle counts; at 0 Hz all of it moves as the ground does.
 */
export function wheelsGains(ride: RideOf<'wheels'>, speedMps: number, pick: RangeEnd) {
  const { front, rear } = ride;
  const wheelbaseM = front.xM - rear.xM;
  const quarters = [responseOf(front, pick), responseOf(rear, pick)] as const;
  const contactM = pick(ride.contactM);
  const ends = (f: number): readonly [Complex, Complex] => {
    const evened = Math.abs(sinc((f * contactM) / speedMps));
    const late = turned((-2 * Math.PI * f * wheelbaseM) / speedMps);
    const [a, b] = [vehicleResponse(quarters[0], f), vehicleResponse(quarters[1], f)];
    const zFront = front.frame === 'sprung' ? a.body : a.axle;
    const zRear = rear.frame === 'sprung' ? b.body : b.axle;
    return [scaled(zFront, evened), scaled(times(zRear, late), evened)];
  };
  return {
    frame(f: number, xM: number): FrameMotion {
      const [zf, zr] = ends(f);
      const xi = (front.xM - xM) / wheelbaseM;
      return { up: plus(scaled(zf, 1 - xi), scaled(zr, xi)), pitch: scaled(minus(zf, zr), 1 / wheelbaseM) };
    },
    /**
     * What is bolted to the wheel's side of the spring: fork lowers slide on the frame and turn with it; a swing arm turns about its pivot, by
     * (z_pivot − z_axle)/L, and moves by the more of it the further from the pivot. @param xM ahead of the origin
     */
    wheel(f: number, which: 'front' | 'rear', xM: number): FrameMotion {
      const evened = Math.abs(sinc((f * contactM) / speedMps));
      const axle = scaled(vehicleResponse(quarters[which === 'front' ? 0 : 1], f).axle, evened);
      if (which === 'front') return { up: axle, pitch: this.frame(f, xM).pitch };
      const late = turned((-2 * Math.PI * f * wheelbaseM) / speedMps);
      const behind = times(axle, late);
      const pitch = scaled(minus(this.frame(f, rear.xM + SWING_ARM_M).up, behind), 1 / SWING_ARM_M);
      return { up: plus(behind, scaled(pitch, xM - rear.xM)), pitch };
    },
  };
}

/**
 * A hull against the waves, per metre of wave: the mean of the water along it and its mean slope, with x = kL/2: heave sin(x)/x, pitch
 * 3k·(sin x − x·cos x)/x³ a quarter wave late; waves longer than the hull carry it along, k for pitch. Both with its own frequency and
 * damping. @param xM ahead of the middle
 */
export function floatGains(ride: RideOf<'float'>, speedMps: number, pick: RangeEnd) {
  return (f: number, xM: number): FrameMotion => {
    const k = waveNumber(metWaveHz(f, speedMps));
    const x = (k * ride.lengthM) / 2;
    const own = transmission(f, pick(ride.heaveHz), pick(ride.dampingRatio));
    const pitch = times([0, k * slopeKept(x)], own);
    return { up: plus(scaled(own, sinc(x / Math.PI)), scaled(pitch, xM)), pitch };
  };
}

/** Slope of the best straight line through a sine along a hull, against that in its middle: 1 for long waves, 0 for short ones. */
export const slopeKept = (x: number): number =>
  x < 0.02 ? 1 - x ** 2 / 10 : (3 * (Math.sin(x) - x * Math.cos(x))) / x ** 3;

/** A slap lifts the bow: the whole of it there, half amidships, nothing at the stern. */
export const slapGains = (ride: RideOf<'float'>, xM: number): FrameMotion => ({
  up: real(Math.max(0, 0.5 + xM / ride.lengthM)),
  pitch: real(1 / ride.lengthM),
});

/**
 * A board on snow: bumps shorter than itself are evened out as 1/√(1 + (n·L)²), a share of them comes through as chatter; it turns
 * with the slope that is left.
 */
export function runnerGains(ride: RideOf<'runner'>, speedMps: number, pick: RangeEnd) {
  return (f: number, xM: number): FrameMotion => {
    const n = f / speedMps;
    const evened = 1 / Math.sqrt(1 + (n * ride.lengthM) ** 2);
    const up = real(Math.hypot(evened, pick(ride.chatterShare) * (1 - evened)));
    const pitch: Complex = [0, 2 * Math.PI * n * evened ** 2];
    return { up: plus(up, scaled(pitch, xM)), pitch };
  };
}

/**
 * A wing in a gust, per m/s of it: m·ẇ = ρvSC_Lα/2·(w_g − w) gives the acceleration jω/(1 + jωτ) and so the displacement
 * 1/(jω(1 + jωτ)); short gusts lift less, 1/√(1 + 2πκ), κ = πfc/v (Liepmann's fit of Sears' function). The nose turns by w/v up to
 * its own frequency.
 */
export function wingGains(ride: RideOf<'wing'>, speedMps: number, pick: RangeEnd) {
  return (f: number): FrameMotion => {
    const v = Math.max(speedMps, 1);
    const w = 2 * Math.PI * f;
    const lifts = 1 / Math.sqrt(1 + (2 * Math.PI * Math.PI * f * ride.chordM) / v);
    const up = scaled(over([1, 0], times([0, w], [1, w * pick(ride.heaveS)])), lifts);
    const f0 = pick(ride.pitchHz);
    const pitch = over([lifts / v, 0], [1 - (f / f0) ** 2, (2 * 0.6 * f) / f0]);
    return { up, pitch };
  };
}
