import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import { usual, type RangeEnd } from '../../../words/sourced/ends';

/** Share of a beam's own mass that swings with its end: 33/140 (Rayleigh, cantilever in its first bending). */
export const BEAM_END_SHARE = 33 / 140;

/** Camera, joint and what of the links swings with them, kilograms. */
export const swingingMassKg = ({ camera, head, links, furtherArms }: ResolvedSetUp, mass: RangeEnd = usual): number =>
  mass(camera.massKg) +
  mass(head.massKg) +
  BEAM_END_SHARE *
    [...links.map((l) => l.definition), ...furtherArms.map((arm) => arm.link)].reduce(
      (sum, { massKg }) => sum + mass(massKg),
      0,
    );

/** Of a camera's body as an even block about a line across it, kg·m²: m(a² + b²)/12. */
export const cameraInertia = ({ camera }: ResolvedSetUp): number =>
  (camera.massKg.value * (camera.bodyM[0] ** 2 + camera.bodyM[1] ** 2)) / 12;
