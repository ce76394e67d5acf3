import { rod } from '../../../src/mathematics/geometry/build/tube';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { revolveRing } from '../../../src/mathematics/geometry/build/revolve';
import type { BaseDefinition } from '../../../src/words/kit/base';

const base: BaseDefinition = {
  id: 'tube-clamp',
  name: 'Tube clamp',
  kind: 'clamp',
  madeFor: ['tube'],
  fits: { shapes: ['tube'], tubeM: { low: 0.02, high: 0.051 }, notOn: { carbon: 'no hard clamping on carbon' } },
  heightM: { value: 0.026, source: { kind: 'estimate', low: 0.02, high: 0.032 } },
  massKg: { value: 0.062, source: { kind: 'estimate', low: 0.045, high: 0.09 } },
  stiffnessNmRad: { value: 150, source: { kind: 'estimate', low: 70, high: 300 } },
  grip: {
    kind: 'clamp',
    screwNm: { value: 1.2, source: { kind: 'estimate', low: 0.7, high: 2 } },
    screwM: 0.005,
    widthM: 0.018,
  },
  cost: 'a meal',
  mesh: ({ tubeDiameterM = 0.032 }) => {
    const r = tubeDiameterM / 2;
    return mergeMeshes([
      revolveRing(
        [
          [r + 0.0005, -0.012],
          [r + 0.008, -0.012],
          [r + 0.008, 0.012],
          [r + 0.0005, 0.012],
        ],
        { centre: [0, -r, 0], axis: [0, 0, 1], segments: 28 },
      ),
      rod([r + 0.012, -r - 0.014, 0], [r + 0.012, -r + 0.014, 0], { radiusM: 0.005, segments: 10 }),
      roundedBox([0.026, 0.016, 0.024], 0.005, poseAt([0, 0.011, 0])),
      roundedBox([0.013, 0.018, 0.004], 0.0015, poseAt([0, 0.024, -0.006])),
      roundedBox([0.013, 0.018, 0.004], 0.0015, poseAt([0, 0.024, 0.006])),
    ]);
  },
};

export default base;
