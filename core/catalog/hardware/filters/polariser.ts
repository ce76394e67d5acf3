import type { FilterDefinition } from '../../../src/words/kit/filter';
import { estimated } from '../../../src/words/sourced/estimated';

/** Turned right it takes most of what glass and water mirror; on a wide lens it darkens one part of a blue sky more than the rest. */
const filter: FilterDefinition = {
  id: 'polariser',
  name: 'Polarising filter',
  colour: 'grey, turns in its ring',
  stops: 1.5,
  mirrorLeft: estimated(0.3, 0.1, 0.6),
  fittings: ['push-on', 'screw-in', 'clip-on'],
  massKg: estimated(0.01, 0.004, 0.03),
  cost: 'a meal',
};

export default filter;
