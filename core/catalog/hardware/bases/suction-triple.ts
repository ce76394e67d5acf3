import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { cup, plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';
import { NO_VACUUM } from '../noVacuum';

/** Three cups under a plate: for heavy cameras and outside. */
const base: BaseDefinition = {
  id: 'suction-triple',
  name: 'Suction cups, three',
  kind: 'suction',
  madeFor: ['flat'],
  fits: { shapes: ['flat', 'curved'], leastRadiusM: 1.2, leastAreaM2: 0.03, notOn: NO_VACUUM },
  heightM: { value: 0.09, source: { kind: 'estimate', low: 0.075, high: 0.12 } },
  massKg: { value: 0.62, source: { kind: 'estimate', low: 0.45, high: 0.9 } },
  stiffnessNmRad: { value: 420, source: { kind: 'estimate', low: 200, high: 800 } },
  grip: {
    kind: 'suction',
    cups: 3,
    cupRadiusM: { value: 0.045, source: { kind: 'estimate', low: 0.036, high: 0.055 } },
    spacingM: 0.16,
  },
  cost: 'a weekend',
  mesh: () =>
    mergeMeshes([
      cup(0.095, 0, 0.046),
      cup(-0.05, 0.084, 0.046),
      cup(-0.05, -0.084, 0.046),
      plate(0.2, 0.16, 0.012, 0.03),
      plate(0.04, 0.036, 0.046, 0.036),
      prongs(0.09),
    ]),
};

export default base;
