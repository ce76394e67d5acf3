import { length as lengthOf } from '../../../mathematics/geometry/vec3';
import { besideAt, besideKg } from '../../../posing/strut/besideDevice';
import { chainJoints } from '../../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import { usual, type RangeEnd } from '../../../words/sourced/ends';

/** Share of a beam's own mass that swings with its end: 33/140 (Rayleigh, cantilever in its first bending). */
export const BEAM_END_SHARE = 33 / 140;

/** Camera, joint and what of the links swings with them, kilograms. */
export const swingingMassKg = (resolved: ResolvedSetUp, mass: RangeEnd = usual): number =>
  mass(resolved.camera.massKg) +
  mass(resolved.head.massKg) +
  besideKg(resolved) * besideShare(resolved) +
  BEAM_END_SHARE *
    [...resolved.links.map((l) => l.definition), ...resolved.furtherArms.map((arm) => arm.link)].reduce(
      (sum, { massKg }) => sum + mass(massKg),
      0,
    );

/** What a device beside the camera counts at the joint for: base and all turn about the foot as one, so the square of their levers. */
function besideShare(resolved: ResolvedSetUp): number {
  return Math.min(1, lengthOf(besideAt(resolved)) / lengthOf(chainJoints(resolved).at(-1)!)) ** 2;
}

/** Of a camera's body as an even block about a line across it, kg·m²: m(a² + b²)/12. */
export const cameraInertia = ({ camera }: ResolvedSetUp): number =>
  (camera.massKg.value * (camera.bodyM[0] ** 2 + camera.bodyM[1] ** 2)) / 12;
