import type { AddOnDefinition } from '../../../src/words/kit/addOn';
import { estimated } from '../../../src/words/sourced/estimated';

/** For phones and compact cameras that do not look wide enough by themselves. */
const addOn: AddOnDefinition = {
  id: 'wide-lens',
  name: 'Add-on wide lens, 0.65 times',
  worn: 'with an add-on wide lens',
  place: 'before the lens',
  massKg: estimated(0.06, 0.03, 0.12),
  cost: 'a day out',
  fittings: ['screw-in', 'clip-on'],
  tube: { radiusM: 0.022, reachM: 0.018 },
  lens: { dioptres: 0, shortens: 0.65 },
};

export default addOn;
