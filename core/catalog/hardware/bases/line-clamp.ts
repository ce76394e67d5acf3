import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** Clipped to two lines; a camera on it hangs and swings. */
const base: BaseDefinition = {
  id: 'line-clamp',
  name: 'Line clip',
  kind: 'clamp',
  madeFor: ['line'],
  fits: { shapes: ['line'] },
  heightM: { value: 0.02, source: { kind: 'estimate', low: 0.015, high: 0.03 } },
  massKg: { value: 0.03, source: { kind: 'estimate', low: 0.02, high: 0.05 } },
  stiffnessNmRad: { value: 2, source: { kind: 'estimate', low: 0.5, high: 6 } },
  grip: {
    kind: 'clamp',
    screwNm: { value: 0.2, source: { kind: 'estimate', low: 0.1, high: 0.4 } },
    screwM: 0.003,
    widthM: 0.014,
  },
  cost: 'a meal',
  mesh: () => mergeMeshes([roundedBox([0.05, 0.014, 0.014], 0.005, poseAt([0, 0, 0])), prongs(0.02)]),
};

export default base;
