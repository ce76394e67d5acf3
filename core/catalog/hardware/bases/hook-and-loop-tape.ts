import { plate } from '../../../src/posing/building/basePieces';
import type { BaseDefinition } from '../../../src/words/kit/base';
import { NO_GLUE } from '../noGlue';

/** In the list so that whoever has some reads why it is not used: loops give sideways before hooks let go. */
const base: BaseDefinition = {
  id: 'hook-and-loop-tape',
  name: 'Hook-and-loop tape',
  kind: 'tape',
  madeFor: [],
  fits: {
    shapes: ['flat', 'curved'],
    never:
      'hook-and-loop tape lets the camera move from side to side: no picture is steady on it. Interlocking tape holds or lets go',
    notOn: NO_GLUE,
  },
  heightM: { value: 0.008, source: { kind: 'estimate', low: 0.005, high: 0.012 } },
  massKg: { value: 0.005, source: { kind: 'estimate', low: 0.003, high: 0.008 } },
  stiffnessNmRad: { value: 1, source: { kind: 'estimate', low: 0.3, high: 3 } },
  grip: { kind: 'tape', areaM2: 0.0009, widthM: 0.025 },
  cost: 'a few coins',
  mesh: () => plate(0.044, 0.03, 0.005),
};

export default base;
