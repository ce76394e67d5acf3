import type { Ride, ShakeLine } from '../../../words/carrier/machineShake';
import { real, ZERO } from '../../../mathematics/spectra/complex';
import type { RangeEnd } from '../../../words/sourced/ends';
import type { RangeEnds } from '../ends/rangeEnds';
import { groundById } from '../../../posing/lookup/grounds';
import type { RideConditions } from '../../../words/ride/rideConditions';
import { gustDensity } from '../sources/gusts';
import { groundDisplacementM2Hz, trackLikeness } from '../sources/roadProfile';
import { metElevationM2Hz } from '../sources/waves';
import { floatGains, runnerGains, slapGains, wheelsGains, wingGains, type FrameMotion } from './rideGains';
import type { Route } from './route';

export type SourceKind = 'ground' | 'water' | 'air' | 'engine' | 'own movement';

/** Slaps fill these frequencies evenly. Estimate. */
const SLAP_BAND_HZ = [2, 25] as const;
const G = 9.80665;
export interface Drive {
  readonly id: string;
  readonly name: string;
  readonly kind: SourceKind;
  readonly lineHz: number | null;
  /** Variance that a frequency stands for. */
  readonly weight: (frequencyHz: number, widthHz: number) => number;
  readonly frame: (frequencyHz: number) => FrameMotion;
  /** Whether it also shakes along and across. */
  readonly allWays: boolean;
}

export function drivesOf(route: Route, ride: RideConditions, picks: RangeEnds): Drive[] {
  const { shake, xM, wheel } = route;
  const ground = groundById(ride.groundId);
  const moves = shake.ride;
  const { surface } = ground;
  const drives: Drive[] = [];
  const speedMps = Math.max(ride.speedMps, 0);
  const named = { id: ground.id, name: ground.name.toLowerCase(), lineHz: null, allWays: true } as const;
  if (surface.kind === 'rough' && (moves.kind === 'wheels' || moves.kind === 'runner') && speedMps > 0.1) {
    const frame = roughGains(moves, speedMps, xM, wheel, picks.path);
    const roughnessM3 = picks.ground(surface.roughnessM3);
    const trackM = moves.kind === 'wheels' ? moves.trackM : null;
    // Two tracks lift the middle by what they have in common.
    const common = (f: number) => (trackM === null ? 1 : (1 + trackLikeness(f / speedMps, trackM)) / 2);
    const weight = (f: number, w: number) => groundDisplacementM2Hz(roughnessM3, speedMps, f) * common(f) * w;
    drives.push({ ...named, kind: 'ground', weight, frame });
    if (surface.ripples) {
      const { name, lengthM, amplitudeM } = surface.ripples;
      const variance = picks.ground(amplitudeM) ** 2 / 2;
      drives.push({
        id: `${ground.id}-ripples`,
        name,
        kind: 'ground',
        lineHz: speedMps / lengthM.value,
        weight: (_, w) => variance * w,
        frame,
        allWays: true,
      });
    }
  }
  if (surface.kind === 'waves' && moves.kind === 'float') {
    const [heightM, periodS] = [picks.ground(surface.heightM), picks.ground(surface.periodS)];
    const gains = floatGains(moves, speedMps, picks.path);
    const weight = (f: number, w: number) => metElevationM2Hz(heightM, periodS, speedMps, f) * w;
    drives.push({ ...named, kind: 'water', weight, frame: (f) => gains(f, xM) });
    drives.push(slapDrive(moves, heightM, speedMps, xM, picks));
  }
  if (surface.kind === 'gusts' && moves.kind === 'wing') {
    const [rmsMps, lengthM] = [picks.ground(surface.rmsMps), picks.ground(surface.lengthM)];
    const frame = wingGains(moves, speedMps, picks.path);
    // Hovering, the gusts still come along with the wind.
    const airMps = Math.max(speedMps, ride.windMps);
    drives.push({ ...named, kind: 'air', weight: (f, w) => gustDensity(rmsMps, lengthM, airMps, f) * w, frame });
  }
  return [...drives, ...shake.lines.flatMap((line) => lineDrive(line, ride, route, picks) ?? [])];
}

function roughGains(
  moves: Extract<Ride, { kind: 'wheels' | 'runner' }>,
  speedMps: number,
  xM: number,
  wheel: 'front' | 'rear' | null,
  pick: RangeEnd,
): (frequencyHz: number) => FrameMotion {
  if (moves.kind === 'runner') {
    const gains = runnerGains(moves, speedMps, pick);
    return (f) => gains(f, xM);
  }
  const gains = wheelsGains(moves, speedMps, pick);
  return wheel ? (f) => gains.wheel(f, wheel, xM) : (f) => gains.frame(f, xM);
}

/** Slaps grow with the speed and with the root of the height of the waves. */
function slapDrive(
  moves: Extract<Ride, { kind: 'float' }>,
  heightM: number,
  speedMps: number,
  xM: number,
  picks: RangeEnds,
): Drive {
  const [low, high] = SLAP_BAND_HZ;
  const rmsMS2 = picks.path(moves.slapG) * G * (speedMps / 10) * Math.sqrt(heightM / 0.3);
  return {
    id: 'slap',
    name: 'slap of the waves',
    kind: 'water',
    lineHz: null,
    weight: (f, w) => (f < low || f > high ? 0 : (rmsMS2 ** 2 / (high - low) / (2 * Math.PI * f) ** 4) * w),
    frame: () => slapGains(moves, xM),
    allWays: true,
  };
}

/**
 * How far a spot is swept for one radian, metres: fore and aft by the pitch, which is about the middle of mass, since wheels roll and hulls slide freely;
 * sideways by the roll, which is about the ground, where tyres hold. Riders stand or sit on a hinge: what sweeps them is left out.
 */
export function sweptM({ shake: { ride }, heightM, zone }: Route, pick: RangeEnd): { pitch: number; roll: number } {
  if (zone !== null || ride.kind === 'wing' || ride.kind === 'still') return { pitch: 0, roll: 0 };
  return { pitch: ride.kind === 'wheels' ? heightM - pick(ride.middleHighM) : heightM, roll: heightM };
}

/** Frequency of a line in this ride, hertz; 0 when it stands still. */
export function lineFrequencyHz({ every }: ShakeLine, ride: Pick2<RideConditions, 'rpm' | 'speedMps'>): number {
  return every.kind === 'turn'
    ? ((ride.rpm ?? every.rpm.value) / 60) * every.order
    : Math.max(0, ride.speedMps) / every.lengthM;
}
type Pick2<T, K extends keyof T> = { readonly [P in K]: T[P] };

/** So many times the imbalance of clean blades. Estimate 1.5 to 4. */
const NICKED = 2.5;

/** Forces of what turns grow with the square of its rate. */
export const lineGrowth = (
  { every, unbalanced }: ShakeLine,
  lineHz: number,
  { usualMps }: Route,
  { blades }: RideConditions,
): number =>
  (unbalanced && blades === 'nicked' ? NICKED : 1) *
  (lineHz / (every.kind === 'turn' ? (every.rpm.value / 60) * every.order : usualMps / every.lengthM)) ** 2;

function lineDrive(line: ShakeLine, ride: RideConditions, route: Route, picks: RangeEnds): Drive | null {
  const lineHz = lineFrequencyHz(line, ride);
  if (lineHz < 0.5) return null;
  const variance = (picks.lines(line.accelerationMS2) * lineGrowth(line, lineHz, route, ride)) ** 2;
  return {
    id: line.id,
    name: line.name,
    kind: 'engine',
    lineHz,
    weight: (f, w) => (variance / (2 * Math.PI * f) ** 4) * w,
    frame: () => ({ up: real(1), pitch: ZERO }),
    allWays: true,
  };
}
