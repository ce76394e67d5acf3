import type { AddOnDefinition } from '../../../src/words/kit/addOn';
import { estimated } from '../../../src/words/sourced/estimated';

/** A short tube, cut to just outside of what the lens sees. */
const addOn: AddOnDefinition = {
  id: 'lens-hood',
  name: 'Lens hood',
  worn: 'with a lens hood',
  place: 'before the lens',
  massKg: estimated(0.012, 0.006, 0.03),
  cost: 'a few coins',
  fittings: ['screw-in', 'clip-on'],
  tube: { radiusM: 0.032, reachM: 0.024 },
  shadesFromDeg: estimated(10, 5, 20),
};

export default addOn;
