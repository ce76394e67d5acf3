import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** Spring or screw jaws on a bar, a rail or an edge. */
const base: BaseDefinition = {
  id: 'jaw-clamp',
  name: 'Jaw clamp',
  kind: 'jaw',
  madeFor: ['bar', 'edge'],
  fits: {
    shapes: ['bar', 'edge', 'tube'],
    tubeM: { low: 0.008, high: 0.055 },
    notOn: {
      carbon: 'no hard clamping on carbon',
      glass: 'a hard jaw cracks glass',
      'acrylic canopy': 'a hard jaw cracks acrylic',
      shell: 'the jaw needs a rounded bar with a lip; on a shell a strap-round base or a pad holds',
      fabric: 'slides on fabric',
      gelcoat: 'a hard jaw chips gelcoat',
    },
  },
  heightM: { value: 0.045, source: { kind: 'estimate', low: 0.035, high: 0.06 } },
  massKg: { value: 0.16, source: { kind: 'estimate', low: 0.11, high: 0.24 } },
  stiffnessNmRad: { value: 90, source: { kind: 'estimate', low: 45, high: 180 } },
  grip: { kind: 'jaw', forceN: { value: 180, source: { kind: 'estimate', low: 90, high: 320 } }, widthM: 0.03 },
  cost: 'a meal',
  mesh: () =>
    mergeMeshes([
      plate(0.05, 0.036, 0.022),
      roundedBox([0.014, 0.05, 0.034], 0.005, poseAt([0.026, -0.014, 0])),
      roundedBox([0.014, 0.05, 0.034], 0.005, poseAt([-0.026, -0.014, 0])),
      plate(0.024, 0.022, 0.018, 0.021),
      prongs(0.045),
    ]),
};

export default base;
