import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { HARD_SEAT, shakeShares } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

/** A light board that planes: it slaps more than it heaves. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'float',
    lengthM: 2.1,
    heaveHz: estimated(1.6, 1.1, 2.4),
    dampingRatio: estimated(0.5, 0.3, 0.8),
    slapG: estimated(0.5, 0.2, 1),
  },
  ...shakeShares([0.3, 0.15, 0.6], [0.4, 0.2, 0.7], [1.2, 0.6, 2.5], 1.8),
  lines: [],
  flex: {},
  rider: { feetXM: -0.3, seatXM: -0.3, seatedIn: ['paddle'], seat: HARD_SEAT, effort: 'working' },
};
