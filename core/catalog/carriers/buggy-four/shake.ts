import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { axle } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';
import { shake as short } from '../buggy/shake';

/** Longer and heavier by a row of seats: it swings a little slower. Estimates; the rest is as with two seats. */
export const shake: MachineShake = {
  ...short,
  ride: {
    kind: 'wheels',
    front: axle('sprung', 1.12, [1.5, 1.1, 2.1], [10, 8, 13], [0.16, 0.1, 0.22], [0.35, 0.2, 0.5]),
    rear: axle('sprung', -1.9, [1.5, 1.1, 2.1], [10, 8, 13], [0.14, 0.09, 0.2], [0.35, 0.2, 0.5]),
    trackM: 1.3,
    contactM: estimated(0.15, 0.1, 0.22),
    middleHighM: estimated(0.45, 0.35, 0.55),
  },
};
