import type { FilterDefinition } from '../../../src/words/kit/filter';
import { estimated } from '../../../src/words/sourced/estimated';

const filter: FilterDefinition = {
  id: 'nd32',
  name: 'ND32 filter',
  colour: 'nearly black',
  stops: 5,
  fittings: ['push-on', 'screw-in', 'clip-on'],
  massKg: estimated(0.006, 0.002, 0.02),
  cost: 'a meal',
};

export default filter;
