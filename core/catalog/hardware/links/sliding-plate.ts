import type { LinkDefinition } from '../../../src/words/kit/link';
import { estimated } from '../../../src/words/sourced/estimated';

/** A plate that slides in a foot screwed to the base: the camera is moved along the surface and locked, and the base stays where it is. */
const link: LinkDefinition = {
  id: 'sliding-plate',
  name: 'Sliding plate',
  kind: 'slide',
  lengthM: { low: 0.02, high: 0.09, source: { kind: 'estimate', low: 0.015, high: 0.12 } },
  massKg: estimated(0.11, 0.06, 0.2),
  bendLimitDeg: 90,
  radiusM: 0.019,
  // A bar of light alloy, 38 by 8 mm: EI of about 110 N·m².
  stiffnessNM: estimated(42000000, 14000000, 95000000),
  joint: { slipNm: estimated(9, 5, 15), stiffnessNmRad: estimated(1500, 600, 3500) },
  lock: { turnsNm: estimated(9, 5, 15), slidesN: estimated(250, 120, 450) },
  cost: 'a meal',
};

export default link;
