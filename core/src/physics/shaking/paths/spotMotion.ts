import { keepLatest } from '../../../mathematics/caching/keepLatest';
import { invert, transformPoint } from '../../../mathematics/geometry/pose';
import { AHEAD, RIGHT, UP, type Vec3 } from '../../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import { poseRig } from '../../../posing/rig/poseRig';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import type { RigSpec } from '../../../words/rig/rigSpec';
import type { WornDefinition } from '../../../words/carrier/worn';
import type { MachineShake, Ride, ShakeLine, ShakeStage } from '../../../words/carrier/machineShake';
import { worldFromSpot, type PlacedSpot } from '../../../posing/rig/spots';
import { bodySegments } from '../../../posing/body/segments';
import { ONE, real, scaled, ZERO } from '../../../mathematics/spectra/complex';
import type { RangeEnd } from '../../../words/sourced/ends';
import type { RangeEnds } from '../ends/rangeEnds';
import { groundById } from '../../../posing/lookup/grounds';
import type { RideConditions } from '../../../words/ride/rideConditions';
import { gustDensity } from '../sources/gusts';
import { groundDisplacementM2Hz, trackLikeness } from '../sources/roadProfile';
import { metElevationM2Hz } from '../sources/waves';
import { floatGains, runnerGains, slapGains, wheelsGains, wingGains, type FrameMotion } from './rideGains';
import { HELMET_PADS, isSeated, OWN_MOVEMENT, riderStages, SITTING_SHARE } from './riderStages';
import { zoneOfBodyPart, type RiderZone } from '../../../posing/rig/riderZone';
import { throughStage, type Movement } from './stage';
import { swayWeight } from './sway';
import type { MeasuredBand } from '../../../words/ride/measuredBand';

export type SourceKind = 'ground' | 'water' | 'air' | 'engine' | 'own movement';

/** One independent movement of the spot: along an axis and about another (world axes), over its own frequencies. */
export interface MotionComponent {
  readonly sourceId: string;
  readonly sourceName: string;
  readonly kind: SourceKind;
  /** Fixed rate that it comes at; null = spread over all frequencies. */
  readonly lineHz: number | null;
  readonly axis: Vec3;
  readonly turnAxis: Vec3;
  readonly frequencyHz: Float64Array;
  /** What each frequency stands for: density of what drives it times the width there, so that sums are variances. */
  readonly weight: Float64Array;
  /** Displacement along the axis (m) and turn about the other (rad) for one unit of it, complex. */
  readonly zRe: Float64Array;
  readonly zIm: Float64Array;
  readonly turnRe: Float64Array;
  readonly turnIm: Float64Array;
}

export interface SpotMotion {
  readonly components: readonly MotionComponent[];
  /** Width that each frequency of the common grid stands for, hertz. */
  readonly gridHz: Float64Array;
  readonly widthHz: Float64Array;
  /** Upward acceleration of what drives it all, per frequency of the grid, (m/s²)²/Hz. */
  readonly source: Float64Array;
  /** Names of what is soft between the machine and the spot. */
  readonly stages: readonly ShakeStage[];
}

interface SpotQuestion {
  readonly rig: RigSpec;
  readonly placed: PlacedSpot;
  readonly stanceId: string;
  readonly ride: RideConditions;
  /** What a measured log of this spot found: amplitudes against the model, by band. */
  readonly measured?: readonly MeasuredBand[];
}

/** Relative width of a line: revolutions and speed are never quite even. Estimate 1 to 5 %. */
const LINE_SPREAD = 0.025;
const LINE_STEPS = [-1.5, -0.75, 0, 0.75, 1.5] as const;
/** Slaps fill these frequencies evenly. Estimate. */
const SLAP_BAND_HZ = [2, 25] as const;
const G = 9.80665;
/** Source that begins at the spot itself: no stage lies between. */
const RIDER_DRIVE = 'rider';

interface Drive {
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

/** Where the spot stands on the machine and what lies between. */
interface Route {
  readonly shake: MachineShake;
  readonly xM: number;
  readonly wheel: 'front' | 'rear' | null;
  readonly stages: readonly ShakeStage[];
  readonly zone: RiderZone | null;
}

const sittings = keepLatest<ReadonlyMap<string, string>>(24);

/** What of the body each part of something worn sits on. Its meshes are built for that, so it is asked once. */
const sitsOn = (worn: WornDefinition, statureM: number): ReadonlyMap<string, string> =>
  sittings(`${worn.id} ${statureM}`, () => new Map(worn.parts(bodySegments(statureM)).map(({ id, on }) => [id, on])));

function routeTo({ rig, placed, stanceId }: SpotQuestion): Route {
  const { machine, worn } = resolveRig(rig);
  const { shake } = machine;
  const { partId } = placed.spot;
  const wornOn = worn.map((w) => sitsOn(w, rig.statureM).get(partId)).find((on) => on !== undefined);
  const zone = zoneOfBodyPart(wornOn ?? partId);
  if (zone && shake.rider) {
    const { rider } = shake;
    const seated = isSeated(rider, stanceId);
    const stages = [
      ...riderStages(zone, rider, stanceId),
      ...(wornOn !== undefined && /^helmet/.test(partId) ? [HELMET_PADS] : []),
    ];
    const xM = zone !== 'foot' && zone !== 'hand' && seated ? rider.seatXM : rider.feetXM;
    return { shake, xM, wheel: null, stages, zone };
  }
  const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
  const machineFromWorld = invert(setUpRig.worldFromMachine);
  const [xM] = transformPoint(machineFromWorld, worldFromSpot(setUpRig, placed).position);
  return { shake, xM, wheel: shake.withWheel?.[partId] ?? null, stages: shake.flex[partId] ?? [], zone: null };
}

/**
 * How the place under a base moves: every independent source through the machine and the rider to the spot, in a stance.
 * @param gridHz frequencies that spread-out sources are computed at, rising
 */
export function spotMotion(question: SpotQuestion, gridHz: Float64Array, picks: RangeEnds): SpotMotion {
  const route = routeTo(question);
  const widthHz = widths(gridHz);
  const drives = drivesOf(route, question.ride, picks);
  const { shake, stages } = route;
  const along = picks.path(shake.alongShare);
  const across = picks.path(shake.acrossShare);
  const sourceDrive = drives.find((d) => d.lineHz === null && d.allWays);
  const components = drives.flatMap((drive) => {
    const grid = weighed(drive, drive.lineHz === null ? { f: gridHz, w: widthHz } : lineGrid(drive.lineHz));
    const frames = Array.from(grid.f, drive.frame);
    const component = (axis: Vec3, turnAxis: Vec3, share: number, pitches: boolean): MotionComponent => {
      const start = (i: number): Movement => {
        const { up, pitch } = frames[i]!;
        return { z: scaled(up, share), turn: pitches ? pitch : ZERO };
      };
      // A stage that gives one way only is rigid in the others.
      const met = stages.filter(({ gives }) => gives === undefined || (gives === 'along' && axis === AHEAD));
      return fill(drive, axis, turnAxis, grid, start, met, picks.path, question.measured);
    };
    return [
      component(UP, RIGHT, 1, true),
      ...(drive.allWays ? [component(AHEAD, RIGHT, along, false), component(RIGHT, AHEAD, across, false)] : []),
    ];
  });
  const turning = [...rollOf(route, question.ride, picks), ...swayOf(route, picks)].flatMap(({ drive, axes }) => {
    const grid = weighed(drive, { f: gridHz, w: widthHz });
    return axes.map((axis) =>
      fill(
        drive,
        UP,
        axis,
        grid,
        () => ({ z: ZERO, turn: ONE }),
        drive.id === RIDER_DRIVE ? [] : stages.filter(({ gives }) => gives === undefined),
        picks.path,
        question.measured,
      ),
    );
  });
  return {
    components: [...components, ...turning],
    gridHz,
    widthHz,
    source: gridHz.map((f, i) =>
      sourceDrive ? (sourceDrive.weight(f, widthHz[i]!) / widthHz[i]!) * sourceScale(shake.ride, f) : 0,
    ),
    stages,
  };
}

/** From what drives to an upward acceleration squared: displacements by ω⁴, gusts (m/s) by ω². */
const sourceScale = ({ kind }: Ride, f: number): number => (2 * Math.PI * f) ** (kind === 'wing' ? 2 : 4);

/** Trapezoids over the grid. */
function widths(gridHz: Float64Array): Float64Array {
  const last = gridHz.length - 1;
  return gridHz.map((_, i) => (gridHz[Math.min(last, i + 1)]! - gridHz[Math.max(0, i - 1)]!) / 2);
}

const lineGrid = (lineHz: number) => ({
  f: Float64Array.from(LINE_STEPS, (s) => lineHz * (1 + s * LINE_SPREAD)),
  w: Float64Array.from(LINE_STEPS, () => 1 / LINE_STEPS.length),
});

/** Frequencies of a drive with the variance that each stands for: the same for all ways in which it shakes. */
interface Weighed {
  readonly f: Float64Array;
  readonly variance: Float64Array;
}

const weighed = (drive: Drive, { f, w }: { f: Float64Array; w: Float64Array }): Weighed => ({
  f,
  variance: f.map((frequencyHz, i) => drive.weight(frequencyHz, w[i]!)),
});

/** @param start what the drive does at a frequency of the grid, by its place in it */
function fill(
  drive: Drive,
  axis: Vec3,
  turnAxis: Vec3,
  { f, variance }: Weighed,
  start: (at: number) => Movement,
  stages: readonly ShakeStage[],
  pick: RangeEnd,
  measured: readonly MeasuredBand[] = [],
): MotionComponent {
  const n = f.length;
  const out = {
    weight: new Float64Array(n),
    zRe: new Float64Array(n),
    zIm: new Float64Array(n),
    turnRe: new Float64Array(n),
    turnIm: new Float64Array(n),
  };
  for (let i = 0; i < n; i++) {
    const frequencyHz = f[i]!;
    const { z, turn } = stages.reduce((m, stage) => throughStage(m, stage, frequencyHz, pick), start(i));
    const ratio = measured.find((b) => frequencyHz >= b.lowHz && frequencyHz < b.highHz)?.ratio ?? 1;
    out.weight[i] = variance[i]! * ratio ** 2;
    [out.zRe[i], out.zIm[i]] = z;
    [out.turnRe[i], out.turnIm[i]] = turn;
  }
  const { id, name, kind, lineHz } = drive;
  return { sourceId: id, sourceName: name, kind, lineHz, axis, turnAxis, frequencyHz: f, ...out };
}

function drivesOf({ shake, xM, wheel }: Route, ride: RideConditions, picks: RangeEnds): Drive[] {
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
    drives.push({ ...named, kind: 'air', weight: (f, w) => gustDensity(rmsMps, lengthM, speedMps, f) * w, frame });
  }
  return [...drives, ...shake.lines.flatMap((line) => lineDrive(line, ride, picks) ?? [])];
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
  return wheel ? (f) => gains.wheel(f, wheel) : (f) => gains.frame(f, xM);
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

/** Frequency of a line in this ride, hertz; 0 when it stands still. */
export function lineFrequencyHz({ every }: ShakeLine, ride: Pick2<RideConditions, 'rpm' | 'speedMps'>): number {
  return every.kind === 'turn'
    ? ((ride.rpm ?? every.rpm.value) / 60) * every.order
    : Math.max(0, ride.speedMps) / every.lengthM;
}
type Pick2<T, K extends keyof T> = { readonly [P in K]: T[P] };

function lineDrive(line: ShakeLine, ride: RideConditions, picks: RangeEnds): Drive | null {
  const lineHz = lineFrequencyHz(line, ride);
  if (lineHz < 0.5) return null;
  const usualHz = line.every.kind === 'turn' ? (line.every.rpm.value / 60) * line.every.order : null;
  const growth = usualHz === null ? 1 : (lineHz / usualHz) ** 2;
  const variance = (picks.lines(line.accelerationMS2) * growth) ** 2;
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

interface Turning {
  readonly drive: Drive;
  readonly axes: readonly Vec3[];
}

/** Left and right wheels over ground that differs: the difference turns the body about its length. */
function rollOf({ shake, wheel }: Route, ride: RideConditions, picks: RangeEnds): Turning[] {
  const { surface, id, name } = groundById(ride.groundId);
  const moves = shake.ride;
  if (surface.kind !== 'rough' || moves.kind !== 'wheels' || moves.trackM === null || ride.speedMps <= 0.1 || wheel)
    return [];
  const { trackM } = moves;
  const gains = wheelsGains(moves, ride.speedMps, picks.path);
  const roughnessM3 = picks.ground(surface.roughnessM3);
  const weight = (f: number, w: number) => {
    const { up } = gains.frame(f, (moves.front.xM + moves.rear.xM) / 2);
    const unlike = (2 * (1 - trackLikeness(f / ride.speedMps, trackM))) / trackM ** 2;
    return groundDisplacementM2Hz(roughnessM3, ride.speedMps, f) * unlike * (up[0] ** 2 + up[1] ** 2) * w;
  };
  return [{ drive: turningDrive(id, name.toLowerCase(), 'ground', weight), axes: [AHEAD] }];
}

const turningDrive = (id: string, name: string, kind: SourceKind, weight: Drive['weight']): Drive => ({
  id,
  name,
  kind,
  lineHz: null,
  weight,
  frame: () => ({ up: ZERO, pitch: ZERO }),
  allWays: false,
});

/** What turns by itself: the machine being steered and balanced, and the rider's own movement at the spot. */
function swayOf({ shake, zone }: Route, picks: RangeEnds): Turning[] {
  const axes = [AHEAD, UP, RIGHT];
  const sway = {
    drive: turningDrive('sway', 'steering and balance', 'own movement', swayWeight(shake.sway, picks.lines)),
    axes,
  };
  if (!zone) return [sway];
  const share = shake.rider?.effort === 'sitting' ? SITTING_SHARE : 1;
  const full = swayWeight(OWN_MOVEMENT[zone], picks.lines);
  const own: Drive['weight'] = (f, w) => full(f, w) * share ** 2;
  return [{ drive: turningDrive(RIDER_DRIVE, 'own movement', 'own movement', own), axes }];
}
