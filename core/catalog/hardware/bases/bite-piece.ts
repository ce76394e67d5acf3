import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** Held in the teeth, with a handle that keeps fingers off the lens. */
const base: BaseDefinition = {
  id: 'bite-piece',
  name: 'Bite piece',
  kind: 'bite',
  madeFor: ['mouth'],
  fits: { shapes: ['mouth'], mostOutM: { value: 0.05, because: 'teeth and jaw are no place for a lever' } },
  heightM: { value: 0.034, source: { kind: 'estimate', low: 0.025, high: 0.045 } },
  massKg: { value: 0.045, source: { kind: 'estimate', low: 0.03, high: 0.06 } },
  // Rubber of 3 mm between two rows of teeth, 45 mm wide and 20 mm deep: E·b·d³/(12·t), E 1 to 4 MPa.
  stiffnessNmRad: { value: 20, source: { kind: 'estimate', low: 8, high: 45 } },
  grip: { kind: 'hand', forceN: { value: 60, source: { kind: 'estimate', low: 30, high: 120 } }, widthM: 0.04 },
  forMinutes: true,
  cost: 'a meal',
  mesh: () =>
    mergeMeshes([
      plate(0.02, 0.045, 0.012),
      roundedBox([0.016, 0.03, 0.014], 0.005, poseAt([0, 0.018, 0])),
      prongs(0.034),
    ]),
};

export default base;
