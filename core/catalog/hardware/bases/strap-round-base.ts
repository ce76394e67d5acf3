import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import type { BaseDefinition } from '../../../src/words/kit/base';

const base: BaseDefinition = {
  id: 'strap-round-base',
  name: 'Strap-round base',
  kind: 'strap',
  madeFor: ['bar'],
  fits: { shapes: ['bar', 'tube'], tubeM: { low: 0.015, high: 0.2 } },
  heightM: { value: 0.024, source: { kind: 'estimate', low: 0.018, high: 0.03 } },
  massKg: { value: 0.028, source: { kind: 'estimate', low: 0.02, high: 0.04 } },
  stiffnessNmRad: { value: 30, source: { kind: 'estimate', low: 12, high: 60 } },
  grip: { kind: 'strap', tensionN: { value: 70, source: { kind: 'estimate', low: 40, high: 120 } }, widthM: 0.04 },
  cost: 'a few coins',
  mesh: () =>
    mergeMeshes([
      roundedBox([0.05, 0.012, 0.06], 0.005, poseAt([0, 0.003, 0])),
      roundedBox([0.028, 0.012, 0.026], 0.005, poseAt([0, 0.012, 0])),
      roundedBox([0.013, 0.02, 0.004], 0.0015, poseAt([0, 0.02, -0.006])),
      roundedBox([0.013, 0.02, 0.004], 0.0015, poseAt([0, 0.02, 0.006])),
    ]),
};

export default base;
