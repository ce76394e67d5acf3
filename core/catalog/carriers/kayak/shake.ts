import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { HARD_SEAT, shakeShares } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

/** A long, narrow hull at walking pace. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'float',
    lengthM: 4.6,
    heaveHz: estimated(0.9, 0.6, 1.4),
    dampingRatio: estimated(0.4, 0.25, 0.6),
    slapG: estimated(0.3, 0.1, 0.6),
  },
  ...shakeShares([0.4, 0.2, 0.7], [0.5, 0.25, 0.8], [0.8, 0.4, 1.6], 1.3),
  lines: [],
  flex: {},
  rider: { feetXM: 0.66, seatXM: -0.2, seatedIn: 'all', seat: HARD_SEAT, effort: 'working' },
};
