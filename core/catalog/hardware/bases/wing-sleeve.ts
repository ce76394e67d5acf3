import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { prongs } from '../../../src/posing/building/basePieces';
import { estimated } from '../../../src/words/sourced/estimated';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** A shell moulded on that wing, drawn round it and laced behind; nothing is drilled. */
const base: BaseDefinition = {
  id: 'wing-sleeve',
  name: 'Wing sleeve, made to fit',
  // Counts as fastened physically: laced behind the wing it cannot slide off.
  kind: 'bolt',
  madeFor: ['wing'],
  fits: { shapes: ['wing'] },
  heightM: estimated(0.035, 0.025, 0.05),
  massKg: estimated(0.42, 0.25, 0.7),
  stiffnessNmRad: estimated(600, 250, 1400),
  grip: { kind: 'strap', tensionN: estimated(350, 200, 600), widthM: 0.16, apartM: 0.14 },
  cost: 'a weekend',
  mesh: () =>
    mergeMeshes([
      roundedBox([0.2, 0.006, 0.24], 0.003, poseAt([0, 0.002, 0])),
      roundedBox([0.09, 0.018, 0.07], 0.006, poseAt([0, 0.01, 0])),
      roundedBox([0.02, 0.012, 0.24], 0.004, poseAt([-0.09, 0.004, 0])),
      roundedBox([0.02, 0.012, 0.24], 0.004, poseAt([0.09, 0.004, 0])),
      prongs(0.035),
    ]),
};

export default base;
