import type { TetherDefinition } from '../../../src/words/kit/tether';
import { estimated } from '../../../src/words/sourced/estimated';

/** A twist of soft wire to what is next to it: short, it keeps the camera within a hand’s breadth. */
const tether: TetherDefinition = {
  id: 'wire-tie',
  name: 'Wire tie',
  kind: 'wire',
  lengthM: { low: 0.02, high: 0.1 },
  radiusM: 0.001,
  massKg: estimated(0.002, 0.001, 0.004),
  breaksN: estimated(70, 40, 120),
  stretchN: estimated(20000, 10000, 40000),
  cost: 'a few coins',
};

export default tether;
