import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';

/** Cloth loops that a belt or a pack's strap is threaded through, held by the strap's own pull alone: cheap, and slides. */
const base: BaseDefinition = {
  id: 'loop-plate',
  name: 'Plate with cloth loops',
  kind: 'strap',
  madeFor: [],
  fits: {
    shapes: ['strap'],
    mostOutM: { value: 0.15, because: 'a strap turns under a lever' },
    notOn: { rubber: 'threads on webbing, a boot wants a strapped plate' },
  },
  heightM: { value: 0.024, source: { kind: 'estimate', low: 0.018, high: 0.032 } },
  massKg: { value: 0.06, source: { kind: 'estimate', low: 0.04, high: 0.1 } },
  stiffnessNmRad: { value: 8, source: { kind: 'estimate', low: 3, high: 20 } },
  grip: { kind: 'strap', tensionN: { value: 25, source: { kind: 'estimate', low: 12, high: 50 } }, widthM: 0.05 },
  cost: 'a few coins',
  mesh: () => mergeMeshes([plate(0.07, 0.05, 0.008), prongs(0.023)]),
};

export default base;
