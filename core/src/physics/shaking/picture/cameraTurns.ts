import { rotate, type Rotation } from '../../../mathematics/geometry/rotation';
import { dot, type Vec3 } from '../../../mathematics/geometry/vec3';
import { CROSS_AXIS, type MountModel, type MountSide } from '../mount/mountModel';
import type { MotionComponent } from '../paths/spotMotion';
import type { PixelScale } from './pixels';

/** Complex gains of one side of a mount, one entry a frequency: see MountGain. */
interface SideGains {
  readonly followsRe: Float64Array;
  readonly followsIm: Float64Array;
  readonly turnRe: Float64Array;
  readonly turnIm: Float64Array;
  /** For a turn of the base. */
  readonly turnedMovesRe: Float64Array;
  readonly turnedMovesIm: Float64Array;
  readonly turnedTurnsRe: Float64Array;
  readonly turnedTurnsIm: Float64Array;
}

/** Gains of both sides of a mount over a component's frequencies, so that many components share them. */
interface MountGains {
  readonly nod: SideGains;
  readonly sideways: SideGains;
}

export const gainsOver = ({ nod, sideways }: MountModel, frequencyHz: Float64Array): MountGains => ({
  nod: sideGains(nod, frequencyHz),
  sideways: sideGains(sideways, frequencyHz),
});

function sideGains(side: MountSide, frequencyHz: Float64Array): SideGains {
  const n = frequencyHz.length;
  const out = {
    followsRe: new Float64Array(n),
    followsIm: new Float64Array(n),
    turnRe: new Float64Array(n),
    turnIm: new Float64Array(n),
    turnedMovesRe: new Float64Array(n),
    turnedMovesIm: new Float64Array(n),
    turnedTurnsRe: new Float64Array(n),
    turnedTurnsIm: new Float64Array(n),
  };
  for (let i = 0; i < n; i++) {
    const { follows, turnPerM, movesPerRad, turnPerRad } = side.gain(frequencyHz[i]!);
    [out.followsRe[i], out.followsIm[i]] = follows;
    [out.turnRe[i], out.turnIm[i]] = turnPerM;
    [out.turnedMovesRe[i], out.turnedMovesIm[i]] = movesPerRad;
    [out.turnedTurnsRe[i], out.turnedTurnsIm[i]] = turnPerRad;
  }
  return out;
}

/** What one component makes of the camera at each of its frequencies; all per unit of its weight. */
export interface CameraTurns {
  /** Squared pixels of a 1080-line picture. */
  readonly px2: Float64Array;
  /** Squared turns about the picture's right, its up and the lens axis, rad². */
  readonly pitch2: Float64Array;
  readonly yaw2: Float64Array;
  readonly roll2: Float64Array;
  /** Squared displacement of the camera, m². */
  readonly moves2: Float64Array;
  /** Of it what the strut gives, against the base that the camera stands on; null where it was not asked for. */
  readonly gives2: Float64Array | null;
}

/** What the components of a spot's movement meet. */
interface Turning {
  readonly mount: MountModel;
  readonly gains: MountGains;
  readonly camera: Rotation;
  readonly scale: PixelScale;
  /** What the turns are told against: the world, or the base that the camera stands on. */
  readonly against: 'world' | 'base';
  /** Whether what the strut gives is told too. */
  readonly asksGive: boolean;
}

/**
 * Base movement → camera: what the strut gives across itself turns the camera (rotation is what shakes a wide picture), and the base's
 * own turn comes through. Displacement along the strut leaks across it a little (CROSS_AXIS).
 */
export function cameraTurns(
  component: MotionComponent,
  { mount, gains, camera, scale, against, asksGive }: Turning,
): CameraTurns {
  const { axis, turnAxis } = component;
  const { along } = mount;
  const { stay, zNod, zSide, tNod, tSide } = waysOf(axis, turnAxis, mount);
  // Against the base what it turns itself falls out, and what comes through of it but changed is left.
  const base = against === 'base' ? 1 : 0;
  const nod = turnsOf(component, gains.nod, zNod, tNod, base);
  const side = turnsOf(component, gains.sideways, zSide, tSide, base);
  const tAlong = (1 - base) * dot(turnAxis, along);
  const own: Turns = { re: component.turnRe.map((t) => tAlong * t), im: component.turnIm.map((t) => tAlong * t) };
  /** About an axis of the camera. */
  const about = (e: Vec3): Float64Array => {
    const to = rotate(camera, e);
    return squared(nod, dot(mount.nod.turnAxis, to), side, dot(mount.sideways.turnAxis, to), own, dot(along, to));
  };
  const roll2 = about([1, 0, 0]);
  const yaw2 = about([0, 1, 0]);
  const pitch2 = about([0, 0, 1]);
  const across2 = scale.acrossPx ** 2;
  const round2 = scale.rollPx ** 2;
  return {
    px2: roll2.map((roll, i) => across2 * (pitch2[i]! + yaw2[i]!) + round2 * roll),
    pitch2,
    yaw2,
    roll2,
    moves2: movesOf(component, gains, { zNod, zSide, tNod, tSide, stay }, null),
    gives2: asksGive ? movesOf(component, gains, { zNod, zSide, tNod, tSide, stay: 0 }, mount.lengthM) : null,
  };
}

/** Share of a movement along an axis that goes across one side of the strut. */
const lever = (axis: Vec3, side: MountSide, leaks: number): number =>
  Math.sign(dot(axis, side.across) || 1) * Math.hypot(dot(axis, side.across), leaks);

/** A turn at each frequency, complex. */
interface Turns {
  readonly re: Float64Array;
  readonly im: Float64Array;
}

/** Turn by what gives, and the base's own turn passed on. @param z share of the movement, @param t of the turn, that meet this side @param base share of the base's turn that is taken off */
function turnsOf(
  { zRe, zIm, turnRe, turnIm }: MotionComponent,
  gains: SideGains,
  z: number,
  t: number,
  base: number,
): Turns {
  const n = zRe.length;
  const re = new Float64Array(n);
  const im = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    const kr = z * gains.turnRe[i]!;
    const ki = z * gains.turnIm[i]!;
    const fr = t * (gains.turnedTurnsRe[i]! - base);
    const fi = t * gains.turnedTurnsIm[i]!;
    re[i] = kr * zRe[i]! - ki * zIm[i]! + fr * turnRe[i]! - fi * turnIm[i]!;
    im[i] = kr * zIm[i]! + ki * zRe[i]! + fr * turnIm[i]! + fi * turnRe[i]!;
  }
  return { re, im };
}

/** |a·A + b·B + c·C|² at each frequency. */
function squared(A: Turns, a: number, B: Turns, b: number, C: Turns, c: number): Float64Array {
  const n = A.re.length;
  const out = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    const re = a * A.re[i]! + b * B.re[i]! + c * C.re[i]!;
    const im = a * A.im[i]! + b * B.im[i]! + c * C.im[i]!;
    out[i] = re * re + im * im;
  }
  return out;
}

/**
 * Squared displacement of the camera: the base's own, what its turn makes of the strut's length, and what stays along the strut.
 * @param solidM null, or the strut's length: then what a solid strut would do is taken off
 */
function movesOf(
  { zRe, zIm, turnRe, turnIm }: MotionComponent,
  { nod, sideways }: MountGains,
  { zNod, zSide, tNod, tSide, stay }: Readonly<Record<'zNod' | 'zSide' | 'tNod' | 'tSide' | 'stay', number>>,
  solidM: number | null,
): Float64Array {
  const [own, ownTurn] = solidM === null ? [0, 0] : [1, solidM];
  const n = zRe.length;
  const out = new Float64Array(n);
  const moved = (g: SideGains, z: number, t: number, i: number): number => {
    const fr = z * (g.followsRe[i]! - own);
    const fi = z * g.followsIm[i]!;
    const tr = t * (g.turnedMovesRe[i]! - ownTurn);
    const ti = t * g.turnedMovesIm[i]!;
    const re = fr * zRe[i]! - fi * zIm[i]! + tr * turnRe[i]! - ti * turnIm[i]!;
    const im = fr * zIm[i]! + fi * zRe[i]! + tr * turnIm[i]! + ti * turnRe[i]!;
    return re * re + im * im;
  };
  for (let i = 0; i < n; i++) {
    out[i] = moved(nod, zNod, tNod, i) + moved(sideways, zSide, tSide, i) + stay ** 2 * (zRe[i]! ** 2 + zIm[i]! ** 2);
  }
  return out;
}

/** Variance of the camera's movement against its base, m². */
export function givenM2(mount: MountModel, components: readonly MotionComponent[]): number {
  let sum = 0;
  for (const component of components) {
    const { frequencyHz, weight, axis, turnAxis } = component;
    const ways = waysOf(axis, turnAxis, mount);
    const gives = movesOf(component, gainsOver(mount, frequencyHz), { ...ways, stay: 0 }, mount.lengthM);
    gives.forEach((given, i) => (sum += given * weight[i]!));
  }
  return sum;
}

/** Shares of a movement and of a turn that meet either side of the strut, and what of the movement stays along it. */
function waysOf(axis: Vec3, turnAxis: Vec3, mount: MountModel) {
  const stay = dot(axis, mount.along);
  return {
    stay,
    zNod: lever(axis, mount.nod, CROSS_AXIS * stay),
    zSide: lever(axis, mount.sideways, 0),
    tNod: dot(turnAxis, mount.nod.turnAxis),
    tSide: dot(turnAxis, mount.sideways.turnAxis),
  };
}
