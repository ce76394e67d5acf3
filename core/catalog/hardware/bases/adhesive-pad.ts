import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import type { BaseDefinition } from '../../../src/words/kit/base';
import { NO_GLUE, NO_LEVER } from '../noGlue';

const base: BaseDefinition = {
  id: 'adhesive-pad',
  name: 'Adhesive pad',
  kind: 'adhesive',
  madeFor: ['flat', 'curved'],
  fits: { shapes: ['flat', 'curved'], leastRadiusM: 0.09, leastAreaM2: 0.002, mostOutM: NO_LEVER, notOn: NO_GLUE },
  heightM: { value: 0.021, source: { kind: 'estimate', low: 0.017, high: 0.026 } },
  massKg: { value: 0.021, source: { kind: 'estimate', low: 0.014, high: 0.028 } },
  stiffnessNmRad: { value: 80, source: { kind: 'estimate', low: 40, high: 160 } },
  grip: { kind: 'adhesive', lengthM: 0.05, widthM: 0.036, foamM: 0.0011, curved: false },
  cost: 'a few coins',
  mesh: () =>
    mergeMeshes([
      roundedBox([0.058, 0.006, 0.042], 0.0025, poseAt([0, 0.002, 0])),
      roundedBox([0.032, 0.01, 0.026], 0.004, poseAt([0, 0.009, 0])),
      roundedBox([0.013, 0.02, 0.004], 0.0015, poseAt([0, 0.017, -0.006])),
      roundedBox([0.013, 0.02, 0.004], 0.0015, poseAt([0, 0.017, 0.006])),
    ]),
};

export default base;
