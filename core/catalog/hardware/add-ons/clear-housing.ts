import type { AddOnDefinition } from '../../../src/words/kit/addOn';
import { estimated } from '../../../src/words/sourced/estimated';

/** Shut all round: nothing gets in, no cable, little voice, little of the wind, and its warmth gets out more slowly. */
const addOn: AddOnDefinition = {
  id: 'clear-housing',
  name: 'Clear housing',
  worn: 'in a clear housing',
  place: 'round the body',
  massKg: estimated(0.09, 0.06, 0.14),
  cost: 'a meal',
  upToM: 0.08,
  housing: {
    wallM: estimated(0.006, 0.004, 0.01),
    // 2 mm of still air (0.026 W/m·K) and 3 mm of plastic (0.2 W/m·K): 0.077 + 0.015.
    insulatesM2KW: estimated(0.09, 0.05, 0.15),
    mufflesDb: estimated(14, 8, 20),
  },
};

export default addOn;
