import type { FilterDefinition } from '../../../src/words/kit/filter';
import { estimated } from '../../../src/words/sourced/estimated';

const filter: FilterDefinition = {
  id: 'nd64',
  name: 'ND64 filter',
  colour: 'black',
  stops: 6,
  fittings: ['push-on', 'screw-in'],
  massKg: estimated(0.006, 0.002, 0.02),
  cost: 'a meal',
};

export default filter;
