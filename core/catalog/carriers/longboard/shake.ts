import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { axle, HARD_SEAT, perMetres, shakeShares } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

/** Small, hard wheels under a springy deck; the rider's legs are the only other spring. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'wheels',
    front: axle('sprung', 0.36, [7, 5, 10], [55, 45, 75], [0.06, 0.03, 0.1], [0.12, 0.06, 0.2]),
    rear: axle('sprung', -0.36, [7, 5, 10], [55, 45, 75], [0.06, 0.03, 0.1], [0.12, 0.06, 0.2]),
    trackM: 0.2,
    contactM: estimated(0.02, 0.012, 0.035),
    middleHighM: estimated(0.09, 0.06, 0.12),
  },
  ...shakeShares([0.4, 0.2, 0.7], [0.4, 0.2, 0.7], [1, 0.5, 2], 2),
  lines: [perMetres('wheel', 'the wheels', 0.22, [0.4, 0.1, 1])],
  flex: {},
  rider: { feetXM: 0, seatXM: 0, seatedIn: [], seat: HARD_SEAT, effort: 'working' },
};
