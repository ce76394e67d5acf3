import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** What a magnet does not hold on. */
const NOT_MAGNETIC = {
  alloy: 'aluminium is not magnetic',
  'alloy tube': 'aluminium is not magnetic',
  plastic: 'plastic is not magnetic',
  glass: 'glass is not magnetic',
  'acrylic canopy': 'acrylic is not magnetic',
  gelcoat: 'glass fibre is not magnetic',
  'foam core': 'foam is not magnetic',
  carbon: 'carbon is not magnetic',
  shell: 'a helmet is not magnetic',
  wood: 'wood is not magnetic',
  fabric: 'fabric is not magnetic',
} as const;

/** Holds on steel; lets go at a limit. */
const base: BaseDefinition = {
  id: 'magnetic-release',
  name: 'Magnetic quick-release',
  kind: 'magnet',
  madeFor: [],
  fits: {
    shapes: ['flat', 'curved', 'tube'],
    tubeM: { low: 0.045, high: 0.2 },
    leastRadiusM: 0.8,
    leastAreaM2: 0.002,
    notOn: NOT_MAGNETIC,
  },
  heightM: { value: 0.02, source: { kind: 'estimate', low: 0.015, high: 0.028 } },
  massKg: { value: 0.09, source: { kind: 'estimate', low: 0.06, high: 0.14 } },
  stiffnessNmRad: { value: 30, source: { kind: 'estimate', low: 12, high: 60 } },
  grip: { kind: 'magnet', forceN: { value: 70, source: { kind: 'estimate', low: 40, high: 120 } }, widthM: 0.036 },
  cost: 'a meal',
  mesh: () => mergeMeshes([plate(0.05, 0.05, 0.011), prongs(0.02)]),
};

export default base;
