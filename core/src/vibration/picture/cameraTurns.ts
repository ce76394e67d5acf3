import { rotate, type Rotation } from '../../geometry/rotation';
import { dot } from '../../geometry/vec3';
import { CROSS_AXIS, type MountGain, type MountModel, type MountSide } from '../mount/mountModel';
import type { MotionComponent } from '../paths/spotMotion';
import type { PixelScale } from './pixels';

/** Gains of both sides of a mount over a component's frequencies, so that many components share them. */
export interface MountGains {
  readonly nod: readonly MountGain[];
  readonly sideways: readonly MountGain[];
}

export const gainsOver = ({ nod, sideways }: MountModel, frequencyHz: Float64Array): MountGains => ({
  nod: Array.from(frequencyHz, nod.gain),
  sideways: Array.from(frequencyHz, sideways.gain),
});

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
}

/**
 * Base movement → camera: what the strut gives across itself turns the camera (rotation is what shakes a wide picture), and the base's
 * own turn comes through. Displacement along the strut leaks across it a little (CROSS_AXIS).
 */
export function cameraTurns(
  component: MotionComponent,
  mount: MountModel,
  gains: MountGains,
  camera: Rotation,
  scale: PixelScale,
): CameraTurns {
  const n = component.frequencyHz.length;
  const fresh = () => new Float64Array(n);
  const [px2, pitch2, yaw2, roll2, moves2] = [fresh(), fresh(), fresh(), fresh(), fresh()];
  const { axis, turnAxis, zRe, zIm, turnRe, turnIm } = component;
  const { along } = mount;
  const leak = CROSS_AXIS * dot(axis, along);
  const lever = (side: MountSide, leaks: number) =>
    Math.sign(dot(axis, side.across) || 1) * Math.hypot(dot(axis, side.across), leaks);
  const zNod = lever(mount.nod, leak);
  const zSide = lever(mount.sideways, 0);
  const stay = dot(axis, along);
  const [tNod, tSide, tAlong] = [mount.nod.turnAxis, mount.sideways.turnAxis, along].map((a) => dot(turnAxis, a)) as [
    number,
    number,
    number,
  ];
  const frame = (
    [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ] as const
  ).map((e) => rotate(camera, e));
  const parts = [mount.nod.turnAxis, mount.sideways.turnAxis, along];
  // Turn about nod, sideways and along axes → about lens axis, picture's up and picture's right.
  const m = frame.map((e) => parts.map((p) => dot(p, e)));
  for (let i = 0; i < n; i++) {
    const [nod, side] = [gains.nod[i]!, gains.sideways[i]!];
    const [zr, zi, tr, ti] = [zRe[i]!, zIm[i]!, turnRe[i]!, turnIm[i]!];
    const [nr, ni] = turnsOf(nod, zNod, tNod, zr, zi, tr, ti);
    const [sr, si] = turnsOf(side, zSide, tSide, zr, zi, tr, ti);
    const [ar, ai] = [tAlong * tr, tAlong * ti];
    const size2 = (row: number[]) =>
      (row[0]! * nr + row[1]! * sr + row[2]! * ar) ** 2 + (row[0]! * ni + row[1]! * si + row[2]! * ai) ** 2;
    roll2[i] = size2(m[0]!);
    yaw2[i] = size2(m[1]!);
    pitch2[i] = size2(m[2]!);
    px2[i] = scale.acrossPx ** 2 * (pitch2[i]! + yaw2[i]!) + scale.rollPx ** 2 * roll2[i]!;
    const z2 = zr * zr + zi * zi;
    const follow2 = (g: MountGain) => g.follows[0] ** 2 + g.follows[1] ** 2;
    moves2[i] = z2 * (zNod ** 2 * follow2(nod) + zSide ** 2 * follow2(side) + stay ** 2);
  }
  return { px2, pitch2, yaw2, roll2, moves2 };
}

/** Turn by what gives, and the base's own turn passed on. */
function turnsOf(
  { follows: [fr, fi], turnPerM: [kr, ki] }: MountGain,
  z: number,
  t: number,
  zr: number,
  zi: number,
  tr: number,
  ti: number,
): readonly [number, number] {
  return [z * (kr * zr - ki * zi) + t * (fr * tr - fi * ti), z * (kr * zi + ki * zr) + t * (fr * ti + fi * tr)];
}
