import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import type { BaseDefinition } from '../../../src/words/kit/base';

const base: BaseDefinition = {
  id: 'chest-harness',
  name: 'Chest harness',
  kind: 'harness',
  madeFor: ['harness'],
  fits: {
    shapes: ['harness'],
    mostOutM: { value: 0.15, because: 'the harness tips on the ribs and what sticks out knocks about' },
  },
  heightM: { value: 0.055, source: { kind: 'estimate', low: 0.04, high: 0.07 } },
  massKg: { value: 0.13, source: { kind: 'estimate', low: 0.1, high: 0.18 } },
  stiffnessNmRad: { value: 30, source: { kind: 'estimate', low: 12, high: 70 } },
  grip: { kind: 'strap', tensionN: { value: 60, source: { kind: 'estimate', low: 30, high: 100 } }, widthM: 0.1 },
  cost: 'a meal',
  mesh: () =>
    mergeMeshes([
      roundedBox([0.1, 0.012, 0.09], 0.005, poseAt([0, 0.004, 0])),
      roundedBox([0.05, 0.016, 0.044], 0.006, poseAt([0, 0.014, 0])),
      roundedBox([0.016, 0.04, 0.014], 0.005, poseAt([0, 0.036, 0])),
    ]),
};

export default base;
