import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import type { BaseDefinition } from '../../../src/words/kit/base';

const base: BaseDefinition = {
  id: 'lever-clamp',
  name: 'Lever clamp for straps',
  kind: 'clamp',
  madeFor: ['strap'],
  fits: {
    shapes: ['strap'],
    mostOutM: { value: 0.15, because: 'a strap turns under a lever' },
    notOn: { rubber: 'grips webbing, a boot wants a strapped plate' },
  },
  heightM: { value: 0.022, source: { kind: 'estimate', low: 0.016, high: 0.03 } },
  massKg: { value: 0.07, source: { kind: 'estimate', low: 0.05, high: 0.09 } },
  stiffnessNmRad: { value: 40, source: { kind: 'estimate', low: 18, high: 90 } },
  grip: { kind: 'jaw', forceN: { value: 90, source: { kind: 'estimate', low: 50, high: 150 } }, widthM: 0.045 },
  cost: 'a meal',
  mesh: () =>
    mergeMeshes([
      roundedBox([0.055, 0.01, 0.05], 0.004, poseAt([0, 0.004, 0])),
      roundedBox([0.05, 0.007, 0.012], 0.003, poseAt([0, 0.011, 0.018])),
      roundedBox([0.028, 0.012, 0.026], 0.005, poseAt([0, 0.012, 0])),
    ]),
};

export default base;
