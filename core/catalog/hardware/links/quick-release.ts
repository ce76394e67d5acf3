import type { LinkDefinition } from '../../../src/words/kit/link';
import { estimated } from '../../../src/words/sourced/estimated';

/** Slides in and catches: the camera comes off in a moment and goes onto the next mount. Its catch has a little play, and opens when pulled hard. */
const link: LinkDefinition = {
  id: 'quick-release',
  name: 'Quick release',
  kind: 'release',
  lengthM: { low: 0.012, high: 0.02, source: { kind: 'estimate', low: 0.01, high: 0.025 } },
  massKg: estimated(0.02, 0.012, 0.035),
  bendLimitDeg: 0,
  radiusM: 0.012,
  stiffnessNM: estimated(900000, 300000, 2500000),
  catchN: estimated(180, 90, 350),
  cost: 'a few coins',
};

export default link;
