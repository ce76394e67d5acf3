import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { HARD_SEAT, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

/** A wide board at walking pace. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'float',
    lengthM: 3.1,
    heaveHz: estimated(1.2, 0.8, 1.8),
    dampingRatio: estimated(0.5, 0.3, 0.8),
    slapG: estimated(0.4, 0.15, 0.8),
  },
  ...shakeShares([0.4, 0.2, 0.7], [0.5, 0.25, 0.8], [1, 0.5, 2], 1.5),
  lines: [],
  flex: { paddle: [stage('the paddle', [6, 4, 10], [0.1, 0.05, 0.2], [2, 1, 4])] },
  rider: { feetXM: 0.1, seatXM: 0.1, seatedIn: [], seat: HARD_SEAT, effort: 'working' },
};
