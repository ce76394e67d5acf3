import type { AddOnDefinition } from '../../../src/words/kit/addOn';
import { estimated } from '../../../src/words/sourced/estimated';

/** In place of the jaws that only a spring closes: these are screwed shut and catch the corners. */
const addOn: AddOnDefinition = {
  id: 'locking-cradle',
  name: 'Phone cradle with a lock',
  worn: 'in a cradle with a lock',
  place: 'round the body',
  massKg: estimated(0.06, 0.03, 0.11),
  cost: 'a meal',
  cradleN: estimated(150, 80, 300),
};

export default addOn;
