import { AHEAD, RIGHT, UP, type Vec3 } from '../../../mathematics/geometry/vec3';
import type { Ride, ShakeStage } from '../../../words/carrier/machineShake';
import { magnitude, ONE, real, ZERO } from '../../../mathematics/spectra/complex';
import type { RangeEnd } from '../../../words/sourced/ends';
import type { RangeEnds } from '../ends/rangeEnds';
import { throughStage, type Movement } from './stage';
import type { MeasuredBand } from '../../../words/ride/measuredBand';
import { type SpotQuestion, routeTo } from './route';
import { type Drive, type SourceKind, drivesOf, sweptM } from './drives';
import { rollOf, steeringOf, swayOf, twistOf, RIDER_DRIVE } from './turning';

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

/** Relative width of a line: revolutions and speed are never quite even. Estimate 1 to 5 %. */
const LINE_SPREAD = 0.025;
const LINE_STEPS = [-1.5, -0.75, 0, 0.75, 1.5] as const;
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
  const highM = sweptM(route, picks.path).pitch;
  const sourceDrive = drives.find((d) => d.lineHz === null && d.allWays);
  const components = drives.flatMap((drive) => {
    const grid = weighed(drive, drive.lineHz === null ? { f: gridHz, w: widthHz } : lineGrid(drive.lineHz));
    const frames = Array.from(grid.f, drive.frame);
    const component = (axis: Vec3, turnAxis: Vec3, share: number): MotionComponent => {
      const start = (i: number): Movement => {
        const { up, pitch } = frames[i]!;
        if (axis === UP) return { z: up, turn: pitch };
        // What stands high is swept fore and aft by the pitch, where that is more than the share told.
        const swept = axis === AHEAD ? highM * magnitude(pitch) : 0;
        return { z: real(Math.max(share * magnitude(up), swept)), turn: ZERO };
      };
      // A stage that gives one way only is rigid in the others.
      const met = stages.filter(({ gives }) => gives === undefined || (gives === 'along' && axis === AHEAD));
      return fill(
        grid,
        { drive, axis, turnAxis, start },
        { stages: met, pick: picks.path, measured: question.measured },
      );
    };
    return [
      component(UP, RIGHT, 1),
      ...(drive.allWays ? [component(AHEAD, RIGHT, along), component(RIGHT, AHEAD, across)] : []),
    ];
  });
  const turning = [
    ...rollOf(route, question.ride, picks),
    ...steeringOf(route, question.ride, picks),
    ...twistOf(route, question.ride, picks),
    ...swayOf(route, question.ride, picks),
  ].flatMap(({ drive, axes, sidewaysM = 0 }) => {
    const grid = weighed(drive, drive.lineHz === null ? { f: gridHz, w: widthHz } : lineGrid(drive.lineHz));
    return axes.map((axis) =>
      fill(
        grid,
        {
          drive,
          axis: sidewaysM === 0 ? UP : RIGHT,
          turnAxis: axis,
          start: () => ({ z: real(sidewaysM), turn: ONE }),
        },
        {
          stages: drive.id === RIDER_DRIVE ? [] : stages.filter(({ gives }) => gives === undefined),
          pick: picks.path,
          measured: question.measured,
        },
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

/** What one drive does in one way. */
interface Driven {
  readonly drive: Drive;
  readonly axis: Vec3;
  readonly turnAxis: Vec3;
  /** At a frequency of the grid, by its place in it. */
  readonly start: (at: number) => Movement;
}

/** What is between a drive and the spot. */
interface Passed {
  readonly stages: readonly ShakeStage[];
  readonly pick: RangeEnd;
  readonly measured: readonly MeasuredBand[] | undefined;
}

/** A drive in one way as it comes to the spot. */
function fill(
  { f, variance }: Weighed,
  { drive, axis, turnAxis, start }: Driven,
  { stages, pick, measured = [] }: Passed,
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
