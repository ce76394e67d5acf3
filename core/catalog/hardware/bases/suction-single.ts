import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { cup, plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';
import { NO_VACUUM } from '../noVacuum';

/** For a light camera, on clean glass or gelcoat. */
const base: BaseDefinition = {
  id: 'suction-single',
  name: 'Suction cup, single',
  kind: 'suction',
  madeFor: ['flat', 'curved'],
  fits: { shapes: ['flat', 'curved'], leastRadiusM: 0.3, leastAreaM2: 0.0055, notOn: NO_VACUUM },
  heightM: { value: 0.052, source: { kind: 'estimate', low: 0.045, high: 0.07 } },
  massKg: { value: 0.11, source: { kind: 'estimate', low: 0.07, high: 0.16 } },
  stiffnessNmRad: { value: 40, source: { kind: 'estimate', low: 20, high: 80 } },
  grip: {
    kind: 'suction',
    cups: 1,
    cupRadiusM: { value: 0.038, source: { kind: 'estimate', low: 0.03, high: 0.045 } },
    spacingM: 0,
  },
  cost: 'a meal',
  mesh: () => mergeMeshes([cup(0, 0, 0.04), plate(0.03, 0.024, 0.016, 0.026), prongs(0.052)]),
};

export default base;
