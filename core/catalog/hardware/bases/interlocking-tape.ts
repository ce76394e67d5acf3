import { plate } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';
import { NO_GLUE } from '../noGlue';

/** Mushroom-headed plastic tape: for about 50 g, it holds or lets go at once. */
const base: BaseDefinition = {
  id: 'interlocking-tape',
  name: 'Interlocking tape',
  kind: 'tape',
  madeFor: [],
  fits: {
    shapes: ['flat', 'curved', 'tube'],
    tubeM: { low: 0.04, high: 0.3 },
    leastRadiusM: 0.12,
    leastAreaM2: 0.0012,
    notOn: NO_GLUE,
  },
  heightM: { value: 0.009, source: { kind: 'estimate', low: 0.006, high: 0.013 } },
  massKg: { value: 0.006, source: { kind: 'estimate', low: 0.004, high: 0.01 } },
  stiffnessNmRad: { value: 15, source: { kind: 'estimate', low: 6, high: 30 } },
  grip: { kind: 'tape', areaM2: 0.0009, widthM: 0.025 },
  lightKg: { value: 0.05, source: { kind: 'estimate', low: 0.04, high: 0.08 } },
  cost: 'a few coins',
  mesh: () => plate(0.044, 0.03, 0.006),
};

export default base;
