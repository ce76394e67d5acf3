import { estimated } from '../../src/words/sourced/estimated';
import type { GroundsOfWorld } from '../../src/words/ride/groundDefinition';

/** Heights and periods: estimates for sheltered water, the names after common practice. */
const water: GroundsOfWorld = {
  world: 'water',
  usualId: 'ripples',
  grounds: [
    {
      id: 'glassy',
      name: 'Glassy water',
      note: 'no wind',
      cover: 'glassy',
      surface: { kind: 'waves', heightM: estimated(0.02, 0.01, 0.04), periodS: estimated(1, 0.7, 1.5) },
    },
    {
      id: 'ripples',
      name: 'Ripples',
      note: 'a light breeze',
      surface: { kind: 'waves', heightM: estimated(0.12, 0.06, 0.2), periodS: estimated(1.6, 1.2, 2.2) },
    },
    {
      id: 'chop',
      name: 'Chop',
      note: 'a fresh breeze on open water',
      surface: { kind: 'waves', heightM: estimated(0.35, 0.2, 0.6), periodS: estimated(2.3, 1.8, 3) },
    },
    {
      id: 'short-sea',
      name: 'Short sea',
      note: 'wind against the current',
      cover: 'sea',
      surface: { kind: 'waves', heightM: estimated(0.8, 0.5, 1.3), periodS: estimated(3.2, 2.5, 4) },
    },
    {
      id: 'swell',
      name: 'Long swell',
      note: 'high, long and smooth',
      cover: 'swell',
      surface: { kind: 'waves', heightM: estimated(1.2, 0.7, 2), periodS: estimated(9, 7, 13) },
    },
  ],
};

export default water;
