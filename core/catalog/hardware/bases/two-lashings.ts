import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** Two turns of webbing with buckles round a tube, well apart, with a shoe between them in which a pole lies. */
const base: BaseDefinition = {
  id: 'two-lashings',
  name: 'Two lashings for a pole',
  kind: 'strap',
  madeFor: [],
  fits: { shapes: ['tube', 'bar'], tubeM: { low: 0.02, high: 0.12 }, leastStraightM: 0.4 },
  heightM: { value: 0.03, source: { kind: 'estimate', low: 0.02, high: 0.04 } },
  massKg: { value: 0.07, source: { kind: 'estimate', low: 0.04, high: 0.12 } },
  stiffnessNmRad: { value: 220, source: { kind: 'estimate', low: 80, high: 500 } },
  grip: {
    kind: 'strap',
    tensionN: { value: 120, source: { kind: 'estimate', low: 70, high: 200 } },
    widthM: 0.04,
    apartM: 0.3,
  },
  holdsPole: 'any way',
  cost: 'a few coins',
  mesh: () =>
    mergeMeshes([
      roundedBox([0.34, 0.012, 0.03], 0.005, poseAt([0, 0.006, 0])),
      roundedBox([0.03, 0.022, 0.05], 0.006, poseAt([-0.15, 0.01, 0])),
      roundedBox([0.03, 0.022, 0.05], 0.006, poseAt([0.15, 0.01, 0])),
      prongs(0.03),
    ]),
};

export default base;
