import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { plate, prongs } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';
import { NO_GLUE, NO_LEVER } from '../noGlue';

/** Moulded to a shell; matches curves that a flat pad does not. */
const base: BaseDefinition = {
  id: 'curved-adhesive-pad',
  name: 'Adhesive pad, curved',
  kind: 'adhesive',
  madeFor: ['curved'],
  fits: { shapes: ['curved', 'bar'], leastRadiusM: 0.055, leastAreaM2: 0.0015, mostOutM: NO_LEVER, notOn: NO_GLUE },
  heightM: { value: 0.022, source: { kind: 'estimate', low: 0.018, high: 0.028 } },
  massKg: { value: 0.022, source: { kind: 'estimate', low: 0.015, high: 0.03 } },
  stiffnessNmRad: { value: 60, source: { kind: 'estimate', low: 30, high: 120 } },
  grip: { kind: 'adhesive', lengthM: 0.05, widthM: 0.036, foamM: 0.0011, curved: true },
  cost: 'a few coins',
  mesh: () => mergeMeshes([plate(0.056, 0.044, 0.008), plate(0.032, 0.026, 0.008, 0.007), prongs(0.021)]),
};

export default base;
