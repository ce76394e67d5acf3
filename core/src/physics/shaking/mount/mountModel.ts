import { rotate } from '../../../mathematics/geometry/rotation';
import { cross, dot, length, normalize, scale, subtract, UP, type Vec3 } from '../../../mathematics/geometry/vec3';
import type { StrutPose } from '../../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import { applied } from '../../../mathematics/numbers/matrix';
import { armFrame, cameraMiddle, type ArmFrame } from '../../stiffness/armFrame';
import type { RangeEnds } from '../ends/rangeEnds';
import { chainPieces, chainSum, type Piece } from './chain';
import { gainsOf, swingsOf, type Body, type MountGain, type Stage } from './bodies';
import { BEAM_END_SHARE, cameraInertia, swingingMassKg } from './swingingMass';
import { staticSagM } from '../../../mathematics/spectra/transmissibility';
import { HANGING } from './give';
import { springArm, springPiece, type SpringArm } from './springArm';

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

/** Swings that are faster are not told: no camera sees them. */
const FASTEST_TOLD_HZ = 200;

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
  readonly spring: SpringArm | null;
}

/** Of a movement along the strut, so much gets across it: no camera's middle stands exactly over its base. Estimate 0.05 to 0.3. */
export const CROSS_AXIS = 0.15;

/**
 * The strut as springs and rigid bodies in both directions across it. A strut without a damper carries one body, the camera; with one, what stands
 * before the damper is a body of its own and the two are solved together. Dampers that the camera hangs from are softer and less damped.
 * @param pose where the strut is in the stance that is ridden @param springStiffer so many times as stiff a spring arm is where it meets its stops
 */
export function mountModel(resolved: ResolvedSetUp, pose: StrutPose, picks: RangeEnds, springStiffer = 1): MountModel {
  const base = pose.worldFromSpot.position;
  const middle = cameraMiddle(resolved, pose);
  const reach = subtract(middle, base);
  const lengthM = Math.max(length(reach), 1e-3);
  const along = normalize(reach);
  const pin = rotate(pose.worldFromCamera.rotation, [0, 0, 1]);
  const flat = subtract(pin, scale(along, dot(pin, along)));
  const side =
    length(flat) > 0.1 ? normalize(flat) : normalize(cross(along, Math.abs(along[1]) < 0.9 ? UP : [1, 0, 0]));
  const hangs = along[1] < -0.3;
  const arm = springArm(resolved, pose, picks);
  const frame = armFrame(resolved, pose, picks.stiffness);
  const sideOf = (sideways: boolean, across: Vec3): MountSide => {
    const turnAxis = cross(along, across);
    const pieces = [
      ...chainPieces(resolved, picks, { sideways, hangs }),
      ...(arm && !arm.stuck ? [springPiece(arm, springStiffer)] : []),
    ];
    return mountSide(resolved, frame ? held(pieces, frame, across, turnAxis) : pieces, {
      sideways,
      across,
      turnAxis,
      lengthM,
    });
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
    spring: arm,
  };
}

/** The pieces of the first arm as far as the others let them give: all by the same share, that of the camera's own give. */
function held(pieces: readonly Piece[], { alone, together }: ArmFrame, across: Vec3, turnAxis: Vec3): readonly Piece[] {
  const share = (load: readonly number[]) => {
    const [by, of] = [applied(together, load), applied(alone, load)];
    const work = (moved: readonly number[]) => moved.reduce((sum, x, i) => sum + x * load[i]!, 0);
    return work(by) / work(of);
  };
  const moves = share([...across, 0, 0, 0]);
  const turns = share([0, 0, 0, ...turnAxis]);
  return pieces.map((piece) => ({
    ...piece,
    mPerN: piece.mPerN * moves,
    radPerN: piece.radPerN * Math.sqrt(moves * turns),
    radPerNm: piece.radPerNm * turns,
  }));
}

function mountSide(
  resolved: ResolvedSetUp,
  pieces: readonly Piece[],
  {
    sideways,
    across,
    turnAxis,
    lengthM,
  }: Pick<MountSide, 'across' | 'turnAxis'> & {
    readonly sideways: boolean;
    readonly lengthM: number;
  },
): MountSide {
  const whole = chainSum(pieces);
  const stages = stagesOf(resolved, pieces, lengthM);
  const direction = sideways ? ('sideways' as const) : ('nod' as const);
  const modes = swingsOf(stages).map(({ lastOverFirst, ...swing }) => ({
    ...swing,
    direction,
    coupled: stages.length < 2 ? null : lastOverFirst > 0 ? ('together' as const) : ('against' as const),
  }));
  return {
    across,
    turnAxis,
    pieces,
    dampingRatio: whole.dampingRatio,
    turnPerM: whole.turnPerM,
    gain: gainsOf(stages),
    modes: modes.filter(({ frequencyHz }, i) => i === 0 || frequencyHz < FASTEST_TOLD_HZ),
  };
}

/** One body, the camera; or two where a damper has something before it: that, and the camera with what stands behind the damper. */
function stagesOf(resolved: ResolvedSetUp, pieces: readonly Piece[], lengthM: number): readonly Stage[] {
  const camera: Body = { massKg: swingingMassKg(resolved), inertiaKgM2: cameraInertia(resolved) };
  const at = pieces.findIndex((p) => p.kind === 'damper');
  const massKg = at < 0 ? 0 : massBefore(resolved, pieces[at]!.link!);
  if (at <= 0 || massKg < 0.001) return [{ pieces, body: camera, leverM: lengthM }];
  const damper = pieces[at]!;
  const aboveM = Math.min(damper.awayM, lengthM);
  const { radiusM } = resolved.links[damper.link!]!.definition;
  return [
    {
      pieces: pieces.slice(0, at).map((piece) => seenFurtherDown(piece, aboveM)),
      body: { massKg, inertiaKgM2: (massKg * radiusM ** 2) / 2 },
      leverM: lengthM - aboveM,
    },
    { pieces: pieces.slice(at), body: camera, leverM: aboveM },
  ];
}

/** What a piece gives at a place a lever nearer the base than where it was told for. */
const seenFurtherDown = (piece: Piece, leverM: number): Piece => ({
  ...piece,
  mPerN: Math.max(0, piece.mPerN - 2 * leverM * piece.radPerN + leverM ** 2 * piece.radPerNm),
  radPerN: piece.radPerN - leverM * piece.radPerNm,
});

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
    case 'spring':
      return `the camera floats ${way} on the ${softest.name} ${at}`;
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
