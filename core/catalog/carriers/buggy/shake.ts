import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { axle, CUSHION, perTurn, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

const RPM = [5000, 3000, 7500] as const;

/** Long springs, a tube cage, and a twin behind the seats. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'wheels',
    front: axle('sprung', 1.12, [1.6, 1.2, 2.2], [10, 8, 13], [0.18, 0.12, 0.25], [0.35, 0.2, 0.5]),
    rear: axle('sprung', -1.12, [1.7, 1.3, 2.3], [10, 8, 13], [0.16, 0.1, 0.22], [0.35, 0.2, 0.5]),
    trackM: 1.3,
    contactM: estimated(0.15, 0.1, 0.22),
    middleHighM: estimated(0.45, 0.35, 0.55),
  },
  ...shakeShares([0.4, 0.2, 0.7], [0.4, 0.2, 0.7], [0.15, 0.06, 0.35], 1.5),
  lines: [
    perTurn('engine-1', 'the engine, once a turn', RPM, 1, [2, 0.8, 5]),
    perTurn('engine-2', 'the engine, twice a turn', RPM, 2, [1, 0.4, 2.5], ['across', [0.5, 0.15, 1.5]]),
  ],
  flex: {
    cage: [stage('the cage', [38, 25, 55], [0.02, 0.01, 0.04], [1.2, 0.6, 2.5])],
    dash: [stage('the dashboard panel', [19, 12, 30], [0.07, 0.03, 0.14], [3, 1.5, 6])],
    screen: [stage('the half screen', [17, 11, 26], [0.06, 0.03, 0.12], [3, 1.5, 6])],
    nose: [stage('the nose panel', [22, 14, 34], [0.08, 0.04, 0.15], [2.5, 1.2, 5])],
  },
  rider: { feetXM: 0.52, seatXM: -0.2, seatedIn: 'all', seat: CUSHION, effort: 'working' },
};
