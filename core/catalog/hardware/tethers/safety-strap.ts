import type { TetherDefinition } from '../../../src/words/kit/tether';
import { estimated } from '../../../src/words/sourced/estimated';

/** Webbing with a buckle, round the camera and round a tube. */
const tether: TetherDefinition = {
  id: 'safety-strap',
  name: 'Safety strap',
  kind: 'strap',
  lengthM: { low: 0.15, high: 0.6 },
  radiusM: 0.004,
  massKg: estimated(0.03, 0.018, 0.05),
  breaksN: estimated(1600, 900, 2500),
  stretchN: estimated(15000, 8000, 30000),
  cost: 'a few coins',
};

export default tether;
