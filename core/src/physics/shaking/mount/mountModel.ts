import { rotate } from '../../../mathematics/geometry/rotation';
import { cross, dot, length, normalize, scale, subtract, UP, type Vec3 } from '../../../mathematics/geometry/vec3';
import type { StrutPose } from '../../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../../posing/strut/resolveSetUp';
import { minus, ONE, over, plus, scaled, times, type Complex } from '../../../mathematics/spectra/complex';
import { applied } from '../../../mathematics/numbers/matrix';
import { armFrame, cameraMiddle, type ArmFrame } from '../../stiffness/armFrame';
import type { RangeEnds } from '../ends/rangeEnds';
import { chainPieces, chainSum, type Piece } from './chain';
import { coupledModes } from './coupledMasses';
import { BEAM_END_SHARE, cameraInertia, swingingMassKg } from './swingingMass';
import { naturalFrequencyHz, staticSagM, transmission } from '../../../mathematics/spectra/transmissibility';
import { HANGING } from './give';

/** What a movement of the base across the strut makes of the camera: follow it by a gain, and turn. */
export interface MountGain {
  readonly follows: Complex;
  /** Turn for one metre of the base, rad/m. */
  readonly turnPerM: Complex;
}

/** One way in which the camera swings. */
interface MountMode {
  readonly frequencyHz: number;
  readonly dampingRatio: number;
  readonly direction: 'nod' | 'sideways';
  /** The piece that gives most in it. */
  readonly softest: Piece;
  /** Which of two coupled modes it is; null where there is one mass only. */
  readonly coupled: 'together' | 'against' | null;
}

export interface MountSide {
  /** Unit direction across the strut, world frame, and the axis that the camera turns about for it. */
  readonly across: Vec3;
  readonly turnAxis: Vec3;
  readonly gain: (frequencyHz: number) => MountGain;
  readonly modes: readonly MountMode[];
  readonly pieces: readonly Piece[];
  readonly dampingRatio: number;
  readonly turnPerM: number;
}

export interface MountModel {
  /** From the surface to the camera's middle, world frame. */
  readonly along: Vec3;
  readonly lengthM: number;
  readonly nod: MountSide;
  readonly sideways: MountSide;
  readonly massKg: number;
  /** Whether the camera pulls at a damper rather than pressing on it. */
  readonly hangs: boolean;
  /** How far the camera's weight stretches or presses its dampers, metres; 0 without any. */
  readonly sagM: number;
}

/** Of a movement along the strut, so much gets across it: no camera's middle stands exactly over its base. Estimate 0.05 to 0.3. */
export const CROSS_AXIS = 0.15;

/**
 * The strut as springs and masses in both directions across it. A strut without a damper is one mass; with one, what stands before the
 * damper is a mass of its own and the two are solved together. Dampers that the camera hangs from are softer and less damped.
 * @param pose where the strut is in the stance that is ridden
 */
export function mountModel(resolved: ResolvedSetUp, pose: StrutPose, picks: RangeEnds): MountModel {
  const base = pose.worldFromSpot.position;
  const middle = cameraMiddle(resolved, pose);
  const arm = subtract(middle, base);
  const lengthM = Math.max(length(arm), 1e-3);
  const along = normalize(arm);
  const pin = rotate(pose.worldFromCamera.rotation, [0, 0, 1]);
  const flat = subtract(pin, scale(along, dot(pin, along)));
  const side =
    length(flat) > 0.1 ? normalize(flat) : normalize(cross(along, Math.abs(along[1]) < 0.9 ? UP : [1, 0, 0]));
  const hangs = along[1] < -0.3;
  const frame = armFrame(resolved, pose, picks.stiffness);
  const sideOf = (sideways: boolean, across: Vec3): MountSide => {
    const turnAxis = cross(along, across);
    const pieces = chainPieces(resolved, picks, { sideways, hangs });
    return mountSide(resolved, frame ? held(pieces, frame, across) : pieces, { sideways, across, turnAxis });
  };
  return {
    along,
    lengthM,
    // Nodding moves across the pin and turns about it.
    nod: sideOf(false, normalize(cross(side, along))),
    sideways: sideOf(true, side),
    massKg: swingingMassKg(resolved),
    hangs,
    sagM: resolved.links
      .filter((l) => l.definition.kind === 'damper')
      .reduce((sum, { definition }) => {
        const softer = hangs ? picks.stiffness(HANGING.stiffness) : 1;
        return sum + staticSagM(swingingMassKg(resolved), picks.stiffness(definition.stiffnessNM) * softer);
      }, 0),
  };
}

/** The pieces of the first arm as far as the others let them give: all by the same share, that of the camera's own give. */
function held(pieces: readonly Piece[], { alone, together }: ArmFrame, across: Vec3): readonly Piece[] {
  const push = [...across, 0, 0, 0];
  const [by, of] = [applied(together, push), applied(alone, push)];
  const way = (moved: readonly number[]) => dot([moved[0]!, moved[1]!, moved[2]!], across);
  const turn = (moved: readonly number[]) => Math.hypot(moved[3]!, moved[4]!, moved[5]!);
  return pieces.map((piece) => ({
    ...piece,
    mPerN: (piece.mPerN * way(by)) / way(of),
    radPerN: (piece.radPerN * turn(by)) / turn(of),
  }));
}

function mountSide(
  resolved: ResolvedSetUp,
  pieces: readonly Piece[],
  { sideways, across, turnAxis }: Pick<MountSide, 'across' | 'turnAxis'> & { readonly sideways: boolean },
): MountSide {
  const whole = chainSum(pieces);
  const massKg = swingingMassKg(resolved);
  const damper = pieces.findIndex((p) => p.kind === 'damper');
  const before = damper < 0 ? [] : pieces.slice(0, damper);
  const after = pieces.slice(Math.max(0, damper));
  const direction = sideways ? ('sideways' as const) : ('nod' as const);
  const side = { across, turnAxis, pieces, dampingRatio: whole.dampingRatio, turnPerM: whole.turnPerM };
  const firstMassKg = damper < 0 ? 0 : massBefore(resolved, pieces[damper]!.link!);
  if (before.length === 0 || firstMassKg < 0.001) {
    // The camera turns with its swing: that counts as mass too.
    const swinging = massKg + cameraInertia(resolved) * whole.turnPerM ** 2;
    const frequencyHz = naturalFrequencyHz(whole.mPerN > 0 ? 1 / whole.mPerN : Infinity, swinging);
    return {
      ...side,
      gain: (f) => {
        const follows = transmission(f, frequencyHz, whole.dampingRatio);
        return { follows, turnPerM: scaled(minus(follows, ONE), whole.turnPerM) };
      },
      modes: [{ frequencyHz, dampingRatio: whole.dampingRatio, direction, softest: softestOf(pieces), coupled: null }],
    };
  }
  return { ...side, ...coupledSide(before, after, firstMassKg, massKg, cameraInertia(resolved), direction) };
}

/** Two masses in a row: what stands before the damper, and the camera on it. */
function coupledSide(
  before: readonly Piece[],
  after: readonly Piece[],
  m1: number,
  massKg: number,
  inertia: number,
  direction: MountMode['direction'],
) {
  const [lower, upper] = [chainSum(before), chainSum(after)];
  const m2 = massKg + inertia * upper.turnPerM ** 2;
  const [k1, k2] = [1 / lower.mPerN, 1 / upper.mPerN];
  const spring = (k: number, mass: number, ratio: number) => {
    const own = naturalFrequencyHz(k, mass);
    return (f: number): Complex => [k, (k * 2 * ratio * f) / own];
  };
  const [spring1, spring2] = [spring(k1, m1 + m2, lower.dampingRatio), spring(k2, m2, upper.dampingRatio)];
  const gain = (f: number): MountGain => {
    const w2 = (2 * Math.PI * f) ** 2;
    const [c1, c2] = [spring1(f), spring2(f)];
    const second = over(c2, [c2[0] - m2 * w2, c2[1]]);
    // k1·z = (k1 + k2 − m1ω²)·x1 − k2·x2
    const rest = minus(plus(plus(c1, c2), [-m1 * w2, 0]), times(c2, second));
    const first = over(c1, rest);
    const follows = times(second, first);
    const turnPerM = plus(scaled(minus(first, ONE), lower.turnPerM), scaled(minus(follows, first), upper.turnPerM));
    return { follows, turnPerM };
  };
  const [slow, fast] = coupledModes(m1, k1, m2, k2);
  const modes: MountMode[] = [
    { frequencyHz: slow.frequencyHz, mode: slow },
    { frequencyHz: fast.frequencyHz, mode: fast },
  ].map(({ frequencyHz, mode }) => {
    // Energy in the second spring against both decides whose damping counts.
    const stretch2 = k2 * (mode.secondOverFirst - 1) ** 2;
    const share2 = stretch2 / (stretch2 + k1);
    return {
      frequencyHz,
      dampingRatio: share2 * upper.dampingRatio + (1 - share2) * lower.dampingRatio,
      direction,
      softest: share2 > 0.5 ? softestOf(after) : softestOf(before),
      coupled: mode.secondOverFirst > 0 ? ('together' as const) : ('against' as const),
    };
  });
  return { gain, modes };
}

const softestOf = (pieces: readonly Piece[]): Piece => pieces.reduce((a, b) => (b.mPerN > a.mPerN ? b : a));

/** What stands before the damper and swings with it: half the damper, and its share of the links before. */
function massBefore({ links }: ResolvedSetUp, damper: number): number {
  const mass = (i: number) => links[i]!.definition.massKg.value;
  let sum = mass(damper) / 2;
  for (let i = 0; i < damper; i++) sum += mass(i) * (i === damper - 1 ? 0.5 : BEAM_END_SHARE);
  return sum;
}

/** Modes of both directions, slowest first. */
export const mountModes = ({ nod, sideways }: MountModel): readonly MountMode[] =>
  [...nod.modes, ...sideways.modes].sort((a, b) => a.frequencyHz - b.frequencyHz);

/** "the 120 mm long arm nods at 31 Hz" */
export function modeWords(resolved: ResolvedSetUp, { softest, direction, coupled, frequencyHz }: MountMode): string {
  const way = direction === 'nod' ? 'up and down' : 'sideways';
  const use = softest.link === null ? null : resolved.links[softest.link]!.use;
  const at = `at about ${hertzWords(frequencyHz)}`;
  if (coupled === 'against') return `camera and arm swing against each other, ${way}, ${at}`;
  switch (softest.kind) {
    case 'link':
      return `the ${Math.round(use!.lengthM * 1000)} mm ${softest.name} swings ${way} ${at}`;
    case 'damper':
      return `the camera swings ${way} on its ${softest.name} ${at}`;
    case 'pad':
      return `the camera rocks ${way} on the ${softest.name} ${at}`;
    case 'surface':
      return `the strut rocks ${way} on ${softest.name} ${at}`;
    case 'base':
      return `the strut rocks ${way} on its ${softest.name} ${at}`;
    default:
      return `the camera ${direction === 'nod' ? 'nods' : 'swings sideways'} in its ${softest.name} ${at}`;
  }
}

/** A frequency with the digits that an estimate bears. */
export const hertzWords = (f: number): string => `${f < 9.5 ? f.toFixed(1) : String(Number(f.toPrecision(2)))} Hz`;
