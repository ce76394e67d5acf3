import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** Fastened to structure by whoever is licensed or owns it. */
const base: BaseDefinition = {
  id: 'bolted-plate',
  name: 'Bolted plate, made to fit',
  kind: 'bolt',
  madeFor: [],
  fits: {
    shapes: ['flat', 'curved', 'edge', 'tube', 'wing'],
    notOn: {
      'alloy tube': 'a drilled tube breaks there: a clamp',
      'steel tube': 'a drilled tube breaks there: a clamp',
      shell: 'no drilling of a helmet',
      glass: 'glass is not drilled',
      'acrylic canopy': 'acrylic is not drilled',
      fabric: 'needs solid structure',
      'foam core': 'foam does not hold a bolt, and lets water in',
    },
  },
  heightM: { value: 0.028, source: { kind: 'estimate', low: 0.02, high: 0.04 } },
  massKg: { value: 0.09, source: { kind: 'estimate', low: 0.06, high: 0.16 } },
  stiffnessNmRad: { value: 1200, source: { kind: 'estimate', low: 600, high: 2500 } },
  grip: { kind: 'bolt', screws: 4, screwM: 0.005, spacingM: 0.05 },
  cost: 'a weekend',
  mesh: () =>
    mergeMeshes([
      plate(0.09, 0.06, 0.006),
      ...[-1, 1].flatMap((x) =>
        [-1, 1].map((z) => roundedBox([0.008, 0.008, 0.008], 0.003, poseAt([x * 0.036, 0.008, z * 0.022]))),
      ),
      plate(0.026, 0.024, 0.014, 0.005),
      prongs(0.028),
    ]),
};

export default base;
