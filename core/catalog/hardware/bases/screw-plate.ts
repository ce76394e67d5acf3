import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** Camera screw (1/4 inch) into a threaded plate. */
const base: BaseDefinition = {
  id: 'screw-plate',
  name: 'Screw plate',
  kind: 'bolt',
  madeFor: ['flat'],
  fits: {
    shapes: ['flat'],
    leastAreaM2: 0.001,
    notOn: {
      fabric: 'needs a threaded or drilled plate',
      glass: 'glass is not drilled',
      'acrylic canopy': 'acrylic is not drilled',
      'painted metal': 'not without drilling the body',
      gelcoat: 'not without drilling the hull',
      'foam core': 'a screw does not hold in foam',
      carbon: 'not without drilling carbon',
      plastic: 'needs a threaded bush in the plastic',
      wood: 'not without drilling; ask the owner',
    },
  },
  heightM: { value: 0.03, source: { kind: 'estimate', low: 0.024, high: 0.04 } },
  massKg: { value: 0.05, source: { kind: 'estimate', low: 0.035, high: 0.08 } },
  stiffnessNmRad: { value: 500, source: { kind: 'estimate', low: 250, high: 1200 } },
  grip: { kind: 'bolt', screws: 2, screwM: 0.004, spacingM: 0.03 },
  cost: 'a meal',
  mesh: () => mergeMeshes([plate(0.05, 0.05, 0.01), plate(0.022, 0.022, 0.014, 0.009), prongs(0.03)]),
};

export default base;
