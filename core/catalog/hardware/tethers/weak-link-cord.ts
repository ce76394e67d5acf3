import type { TetherDefinition } from '../../../src/words/kit/tether';
import { estimated } from '../../../src/words/sourced/estimated';

/** A cord with a link that opens before it pulls at a head or a harness. */
const tether: TetherDefinition = {
  id: 'weak-link-cord',
  name: 'Cord with a weak link',
  kind: 'weak link',
  lengthM: { low: 0.1, high: 0.4 },
  radiusM: 0.0012,
  massKg: estimated(0.006, 0.003, 0.012),
  breaksN: estimated(90, 50, 140),
  stretchN: estimated(5000, 2500, 10000),
  cost: 'a few coins',
};

export default tether;
