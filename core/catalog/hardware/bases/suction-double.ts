import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { cup, plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';
import { NO_VACUUM } from '../noVacuum';

/** Two cups in line on a bar. */
const base: BaseDefinition = {
  id: 'suction-double',
  name: 'Suction cups, two',
  kind: 'suction',
  madeFor: ['flat'],
  fits: { shapes: ['flat', 'curved'], leastRadiusM: 0.9, leastAreaM2: 0.018, notOn: NO_VACUUM },
  heightM: { value: 0.075, source: { kind: 'estimate', low: 0.06, high: 0.09 } },
  massKg: { value: 0.34, source: { kind: 'estimate', low: 0.24, high: 0.45 } },
  stiffnessNmRad: { value: 160, source: { kind: 'estimate', low: 80, high: 300 } },
  grip: {
    kind: 'suction',
    cups: 2,
    cupRadiusM: { value: 0.04, source: { kind: 'estimate', low: 0.032, high: 0.05 } },
    spacingM: 0.12,
  },
  cost: 'a day out',
  mesh: () =>
    mergeMeshes([
      cup(-0.08, 0, 0.044),
      cup(0.08, 0, 0.044),
      plate(0.19, 0.026, 0.014, 0.03),
      plate(0.034, 0.03, 0.026, 0.042),
      prongs(0.075),
    ]),
};

export default base;
