import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import type { BaseDefinition } from '../../../src/words/kit/base';

const base: BaseDefinition = {
  id: 'seat-rail-clamp',
  name: 'Seat-rail clamp',
  kind: 'clamp',
  madeFor: ['rail'],
  fits: { shapes: ['rail'], tubeM: { low: 0.006, high: 0.0082 } },
  heightM: { value: 0.022, source: { kind: 'estimate', low: 0.016, high: 0.03 } },
  massKg: { value: 0.055, source: { kind: 'estimate', low: 0.04, high: 0.08 } },
  stiffnessNmRad: { value: 60, source: { kind: 'estimate', low: 30, high: 120 } },
  grip: {
    kind: 'rails',
    screwNm: { value: 0.8, source: { kind: 'estimate', low: 0.5, high: 1.4 } },
    screwM: 0.004,
    // Between the middles of saddle rails: common practice, no source.
    gaugeM: 0.044,
    lengthM: 0.03,
  },
  cost: 'a meal',
  mesh: () =>
    mergeMeshes([
      roundedBox([0.03, 0.016, 0.062], 0.005, poseAt([0, 0.004, 0.022])),
      roundedBox([0.024, 0.014, 0.024], 0.005, poseAt([0, 0.015, 0])),
    ]),
};

export default base;
