import type { FilterDefinition } from '../../../src/words/kit/filter';
import { estimated } from '../../../src/words/sourced/estimated';

const filter: FilterDefinition = {
  id: 'nd4',
  name: 'ND4 filter',
  colour: 'light grey',
  stops: 2,
  fittings: ['push-on', 'screw-in', 'clip-on'],
  massKg: estimated(0.006, 0.002, 0.02),
  cost: 'a meal',
};

export default filter;
