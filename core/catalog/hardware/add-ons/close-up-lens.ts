import type { AddOnDefinition } from '../../../src/words/kit/addOn';
import { estimated } from '../../../src/words/sourced/estimated';

/** For hands and dials: what is near gets sharp, what is far no more. */
const addOn: AddOnDefinition = {
  id: 'close-up-lens',
  name: 'Close-up lens, +4',
  worn: 'with a close-up lens',
  place: 'before the lens',
  massKg: estimated(0.014, 0.006, 0.03),
  cost: 'a meal',
  fittings: ['push-on', 'screw-in', 'clip-on'],
  tube: { radiusM: 0.018, reachM: 0.006 },
  lens: { dioptres: 4, shortens: 1 },
};

export default addOn;
