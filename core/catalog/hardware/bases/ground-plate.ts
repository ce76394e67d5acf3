import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** A small sandbag with a plate, flat on the ground. */
const base: BaseDefinition = {
  id: 'ground-plate',
  name: 'Ground plate with bag',
  kind: 'stand',
  madeFor: [],
  fits: {
    shapes: ['ground', 'flat'],
    leastAreaM2: 0.01,
    notOn: {
      'foam core': 'slides off',
      gelcoat: 'slides off',
      'painted metal': 'slides off',
      shell: 'slides off',
      plastic: 'slides off',
      wood: 'slides off',
      glass: 'slides off',
      carbon: 'slides off',
      alloy: 'too small to stand on',
      fabric: 'slides off',
    },
  },
  heightM: { value: 0.045, source: { kind: 'estimate', low: 0.03, high: 0.06 } },
  massKg: { value: 0.45, source: { kind: 'estimate', low: 0.3, high: 0.7 } },
  stiffnessNmRad: { value: 25, source: { kind: 'estimate', low: 10, high: 60 } },
  grip: { kind: 'stand', halfWidthM: 0.07 },
  cost: 'a few coins',
  mesh: () => mergeMeshes([plate(0.15, 0.12, 0.03), plate(0.05, 0.05, 0.008, 0.028), prongs(0.045)]),
};

export default base;
