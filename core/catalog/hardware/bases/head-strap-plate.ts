import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** On the front of the head strap. */
const base: BaseDefinition = {
  id: 'head-strap-plate',
  name: 'Head-strap plate',
  kind: 'harness',
  madeFor: ['head'],
  fits: { shapes: ['head'], mostOutM: { value: 0.08, because: 'the band turns on the head' } },
  heightM: { value: 0.024, source: { kind: 'estimate', low: 0.018, high: 0.03 } },
  massKg: { value: 0.06, source: { kind: 'estimate', low: 0.04, high: 0.09 } },
  stiffnessNmRad: { value: 8, source: { kind: 'estimate', low: 3, high: 20 } },
  grip: { kind: 'strap', tensionN: { value: 25, source: { kind: 'estimate', low: 15, high: 40 } }, widthM: 0.05 },
  cost: 'a meal',
  mesh: () => mergeMeshes([plate(0.05, 0.056, 0.008), prongs(0.023)]),
};

export default base;
