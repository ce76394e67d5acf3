import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** Strapped flat on a boot or a belt. */
const base: BaseDefinition = {
  id: 'boot-plate',
  name: 'Boot and belt strap plate',
  kind: 'strap',
  madeFor: [],
  fits: { shapes: ['strap'], notOn: {} },
  heightM: { value: 0.024, source: { kind: 'estimate', low: 0.018, high: 0.032 } },
  massKg: { value: 0.08, source: { kind: 'estimate', low: 0.05, high: 0.12 } },
  stiffnessNmRad: { value: 10, source: { kind: 'estimate', low: 4, high: 25 } },
  grip: { kind: 'strap', tensionN: { value: 70, source: { kind: 'estimate', low: 40, high: 120 } }, widthM: 0.05 },
  cost: 'a meal',
  mesh: () => mergeMeshes([plate(0.07, 0.05, 0.01), prongs(0.023)]),
};

export default base;
