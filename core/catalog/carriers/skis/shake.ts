import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { HARD_SEAT, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

/** Two skis even out what is shorter than themselves, stiff boots pass the rest on; knees take much of it. Estimates. */
export const shake: MachineShake = {
  ride: { kind: 'runner', lengthM: 1.4, chatterShare: estimated(0.12, 0.05, 0.28) },
  ...shakeShares([0.3, 0.15, 0.6], [0.5, 0.25, 0.9], [1.2, 0.6, 2.5], 2),
  lines: [],
  flex: {
    rightSki: [stage('tip or tail of the ski', [12, 8, 18], [0.06, 0.03, 0.12], [4, 2, 7])],
    leftSki: [stage('tip or tail of the ski', [12, 8, 18], [0.06, 0.03, 0.12], [4, 2, 7])],
  },
  rider: { feetXM: 0, seatXM: 0, seatedIn: [], seat: HARD_SEAT, effort: 'working' },
};
