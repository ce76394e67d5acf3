import { loft, type Ring } from '../../src/mathematics/geometry/build/loft';
import { superellipse } from '../../src/mathematics/geometry/build/superellipse';
import type { Mesh } from '../../src/mathematics/geometry/mesh';
import { AHEAD, RIGHT } from '../../src/mathematics/geometry/vec3';
import type { BodySegments } from '../../src/words/carrier/bodySegments';

/** Shaft of a tall stiff boot round the shin: along the shank, half across, half along, shift to the front; fractions of shank and stature. Estimates ± 10 %. */
const SECTIONS: readonly (readonly [t: number, across: number, along: number, shift: number])[] = [
  [0.27, 0.0355, 0.039, -0.005],
  [0.3, 0.037, 0.0405, -0.005],
  [0.5, 0.034, 0.0375, -0.005],
  [0.72, 0.0285, 0.031, -0.002],
  [0.9, 0.0265, 0.0295, 0],
  [1.0, 0.0275, 0.0315, 0.001],
  [1.05, 0.024, 0.028, 0.002],
];

/** Shank frame: +y from the knee to the ankle, +x ahead. */
export const bootShaft = ({ shankM, statureM }: BodySegments): Mesh =>
  loft(
    SECTIONS.map(([t, across, along, shift]): Ring =>
      superellipse(
        {
          centre: [shift * statureM, t * shankM, 0],
          u: RIGHT,
          v: AHEAD,
          halfU: across * statureM,
          halfV: along * statureM,
          power: 2.4,
        },
        18,
      ),
    ),
  );
