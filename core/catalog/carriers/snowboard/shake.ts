import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { HARD_SEAT, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

/** The board evens out what is shorter than itself and chatters on its edge. Estimates. */
export const shake: MachineShake = {
  ride: { kind: 'runner', lengthM: 1.2, chatterShare: estimated(0.1, 0.04, 0.25) },
  ...shakeShares([0.3, 0.15, 0.6], [0.5, 0.25, 0.9], [1.2, 0.6, 2.5], 2),
  lines: [],
  flex: { board: [stage('nose or tail of the board', [14, 9, 20], [0.08, 0.04, 0.15], [3, 1.5, 5])] },
  rider: { feetXM: 0, seatXM: 0, seatedIn: [], seat: HARD_SEAT, effort: 'working' },
};
