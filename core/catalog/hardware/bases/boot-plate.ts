import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** Strapped flat on a boot by two straps with buckles. */
const base: BaseDefinition = {
  id: 'boot-plate',
  name: 'Boot plate, two straps',
  kind: 'strap',
  madeFor: [],
  fits: {
    shapes: ['strap'],
    mostOutM: { value: 0.15, because: 'the boot twists in its straps' },
    notOn: { webbing: 'its straps go round a boot: a lever clamp or loops on a strap' },
  },
  heightM: { value: 0.024, source: { kind: 'estimate', low: 0.018, high: 0.032 } },
  massKg: { value: 0.08, source: { kind: 'estimate', low: 0.05, high: 0.12 } },
  stiffnessNmRad: { value: 40, source: { kind: 'estimate', low: 18, high: 90 } },
  grip: { kind: 'strap', tensionN: { value: 90, source: { kind: 'estimate', low: 50, high: 150 } }, widthM: 0.07 },
  cost: 'a meal',
  mesh: () => mergeMeshes([plate(0.07, 0.05, 0.01), prongs(0.023)]),
};

export default base;
