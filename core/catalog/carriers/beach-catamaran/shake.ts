import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { HARD_SEAT, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

/** Light hulls at speed, with a rig that trembles. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'float',
    lengthM: 5,
    heaveHz: estimated(1, 0.7, 1.5),
    dampingRatio: estimated(0.35, 0.2, 0.6),
    slapG: estimated(0.4, 0.15, 0.8),
  },
  ...shakeShares([0.4, 0.2, 0.7], [0.4, 0.2, 0.7], [0.4, 0.2, 1], 1.5),
  lines: [],
  flex: {
    mast: [stage('the mast', [9, 5, 15], [0.03, 0.015, 0.06], [1, 0.4, 2])],
    boom: [stage('the boom', [7, 4, 12], [0.05, 0.02, 0.1], [1.2, 0.5, 2.5])],
    beams: [stage('the beam', [20, 12, 30], [0.04, 0.02, 0.08], [1, 0.5, 2])],
  },
  rider: { feetXM: -1.2, seatXM: -1.15, seatedIn: 'all', seat: HARD_SEAT, effort: 'working' },
};
