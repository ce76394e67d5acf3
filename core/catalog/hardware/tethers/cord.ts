import type { TetherDefinition } from '../../../src/words/kit/tether';
import { estimated } from '../../../src/words/sourced/estimated';

/** Braided cord of 3 mm, knotted: a knot leaves about half of what the cord bears. */
const tether: TetherDefinition = {
  id: 'cord',
  name: 'Cord, 3 mm',
  kind: 'cord',
  lengthM: { low: 0.1, high: 1 },
  radiusM: 0.0015,
  massKg: estimated(0.008, 0.004, 0.015),
  breaksN: estimated(850, 500, 1200),
  stretchN: estimated(6000, 3000, 12000),
  cost: 'a few coins',
};

export default tether;
