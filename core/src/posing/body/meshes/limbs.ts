import { loft, type Ring } from '../../../mathematics/geometry/build/loft';
import { superellipse } from '../../../mathematics/geometry/build/superellipse';
import type { Mesh } from '../../../mathematics/geometry/mesh';
import { AHEAD, RIGHT, type Vec3 } from '../../../mathematics/geometry/vec3';
import type { BodySegments } from '../../../words/carrier/bodySegments';

/** Section of a limb at fraction t of its length: half width across the bend, half depth along it, shift to the bend's outside. */
type Section = readonly [t: number, halfAcross: number, halfAlong: number, shift: number];

const SEGMENTS = 16;

/** Limb frame: +y from the upper to the lower joint, +x to the outside of the bend (elbow, kneecap). Sections in fractions of stature. */
function limb(lengthM: number, statureM: number, sections: readonly Section[]): Mesh {
  const ringOf = ([t, across, along, shift]: Section): Ring =>
    superellipse(
      {
        centre: [shift * statureM, t * lengthM, 0] as Vec3,
        u: RIGHT,
        v: AHEAD,
        halfU: across * statureM,
        halfV: along * statureM,
        power: 2.1,
      },
      SEGMENTS,
    );
  return loft(sections.map(ringOf));
}

// Widths of clothed limbs: estimates ± 15 %, tapering as muscle does.
export const upperArmMesh = (body: BodySegments): Mesh =>
  limb(body.upperArmM, body.statureM, [
    [-0.13, 0.014, 0.014, 0],
    [-0.1, 0.026, 0.026, 0],
    [0, 0.036, 0.037, 0.001],
    [0.2, 0.035, 0.037, 0.001],
    [0.45, 0.031, 0.034, -0.002],
    [0.75, 0.028, 0.03, -0.001],
    [1, 0.0265, 0.027, 0.001],
    [1.07, 0.021, 0.021, 0.002],
    [1.1, 0.009, 0.009, 0.002],
  ]);

export const forearmMesh = (body: BodySegments): Mesh =>
  limb(body.forearmM, body.statureM, [
    [-0.13, 0.008, 0.008, 0.002],
    [-0.09, 0.02, 0.02, 0.002],
    [0, 0.0265, 0.027, 0.001],
    [0.22, 0.0285, 0.029, -0.002],
    [0.45, 0.026, 0.026, -0.002],
    [0.75, 0.021, 0.0205, 0],
    [0.94, 0.0195, 0.018, 0],
    [0.98, 0.0205, 0.019, 0],
    [1.0, 0.0165, 0.015, 0],
  ]);

export const thighMesh = (body: BodySegments): Mesh =>
  limb(body.thighM, body.statureM, [
    [-0.12, 0.02, 0.02, 0],
    [-0.08, 0.042, 0.044, 0],
    [0.03, 0.054, 0.058, 0.001],
    [0.25, 0.053, 0.058, 0.003],
    [0.55, 0.045, 0.049, 0.003],
    [0.8, 0.037, 0.04, 0.001],
    [1, 0.0345, 0.037, 0.003],
    [1.06, 0.03, 0.032, 0.005],
    [1.1, 0.013, 0.013, 0.005],
  ]);

export const shankMesh = (body: BodySegments): Mesh =>
  limb(body.shankM, body.statureM, [
    [-0.09, 0.012, 0.012, 0.004],
    [-0.06, 0.027, 0.029, 0.004],
    [0, 0.0335, 0.036, 0.003],
    [0.08, 0.034, 0.037, 0.003],
    [0.13, 0.031, 0.033, 0.001],
    [0.3, 0.031, 0.035, -0.006],
    [0.5, 0.027, 0.03, -0.006],
    [0.78, 0.0195, 0.021, -0.002],
    [0.97, 0.019, 0.021, 0],
    [1.03, 0.012, 0.014, 0],
  ]);
