import { loft, type Ring } from '../../../mathematics/geometry/build/loft';
import { superellipse } from '../../../mathematics/geometry/build/superellipse';
import type { Mesh } from '../../../mathematics/geometry/mesh';
import { rotate } from '../../../mathematics/geometry/rotation';
import { transformPoint, type Pose } from '../../../mathematics/geometry/pose';
import { tube } from '../../../mathematics/geometry/build/tube';
import { AHEAD, RIGHT, addScaled, mix, normalize, type Vec3 } from '../../../mathematics/geometry/vec3';
import type { BodySegments } from '../../../words/carrier/bodySegments';

/** Girths of a clothed torso as fractions of stature: half depth, half width, forward shift of the section (estimates ± 15 %). */
interface Girth {
  readonly y: number;
  readonly halfDepth: number;
  readonly halfWidth: number;
  readonly shift: number;
  readonly power?: number;
}

const PELVIS: readonly Girth[] = [
  { y: -0.05, halfDepth: 0.042, halfWidth: 0.06, shift: -0.008 },
  { y: -0.032, halfDepth: 0.064, halfWidth: 0.086, shift: -0.01, power: 2.4 },
  { y: 0.0, halfDepth: 0.073, halfWidth: 0.0965, shift: -0.012, power: 2.4 },
  { y: 0.04, halfDepth: 0.068, halfWidth: 0.093, shift: -0.006, power: 2.3 },
  { y: 0.085, halfDepth: 0.06, halfWidth: 0.084, shift: 0 },
];

/** From the waist (0) to the root of the neck (0.184). */
const RIBS: readonly Girth[] = [
  { y: 0.02, halfDepth: 0.061, halfWidth: 0.085, shift: 0.002 },
  { y: 0.06, halfDepth: 0.066, halfWidth: 0.093, shift: 0.004, power: 2.3 },
  { y: 0.1, halfDepth: 0.069, halfWidth: 0.102, shift: 0.006, power: 2.4 },
  { y: 0.135, halfDepth: 0.066, halfWidth: 0.108, shift: 0.003, power: 2.5 },
  { y: 0.162, halfDepth: 0.053, halfWidth: 0.103, shift: -0.004, power: 2.4 },
  { y: 0.18, halfDepth: 0.042, halfWidth: 0.072, shift: -0.008 },
  { y: 0.194, halfDepth: 0.035, halfWidth: 0.04, shift: -0.006 },
];

const SEGMENTS = 22;

const ring = (girth: Girth, statureM: number): Ring =>
  superellipse(
    {
      centre: [girth.shift * statureM, girth.y * statureM, 0],
      u: RIGHT,
      v: AHEAD,
      halfU: girth.halfWidth * statureM,
      halfV: girth.halfDepth * statureM,
      power: girth.power ?? 2.1,
    },
    SEGMENTS,
  );

export const pelvisMesh = (body: BodySegments): Mesh => loft(PELVIS.map((girth) => ring(girth, body.statureM)));
export const ribcageMesh = (body: BodySegments): Mesh => loft(RIBS.map((girth) => ring(girth, body.statureM)));

/** The soft part between pelvis and ribs, bent to the posture; world frame. */
export function abdomenMesh(body: BodySegments, pelvis: Pose, ribcage: Pose): Mesh {
  const below = ring(PELVIS[3]!, body.statureM).map((p) => transformPoint(pelvis, p));
  const lower = ring(PELVIS[4]!, body.statureM).map((p) => transformPoint(pelvis, p));
  const upper = ring(RIBS[0]!, body.statureM).map((p) => transformPoint(ribcage, p));
  const above = ring(RIBS[1]!, body.statureM).map((p) => transformPoint(ribcage, p));
  const shrink = (r: Ring, centre: Vec3): Ring => r.map((p) => mix(centre, p, 0.985));
  const middle = lower.map((p, i) => mix(p, upper[i]!, 0.5));
  return loft([
    shrink(below, transformPoint(pelvis, [0, 0.04 * body.statureM, 0])),
    lower,
    middle,
    upper,
    shrink(above, transformPoint(ribcage, [0, 0.06 * body.statureM, 0])),
  ]);
}

/** Neck from the shoulders into the head; world frame. */
export function neckMesh(body: BodySegments, ribcage: Pose, neckBase: Vec3, head: Pose): Mesh {
  const h = body.statureM;
  // Its end lies within the skull, at the height of the ears.
  const top = transformPoint(head, [-0.017 * h, -0.012 * h, 0]);
  const jaw = transformPoint(head, [-0.012 * h, -0.05 * h, 0]);
  const bottom = addScaled(neckBase, rotate(ribcage.rotation, normalize([-0.2, -1, 0])), 0.02 * h);
  return tube([bottom, mix(bottom, jaw, 0.5), jaw, top], {
    radiusM: (t) => (0.0375 - 0.0055 * t) * h,
    segments: 14,
  });
}
