import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { axle, CUSHION, perMetres, perTurn, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

const RPM = [2600, 1800, 5500] as const;

/** Springs, bushes and panels of an ordinary car. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'wheels',
    front: axle('sprung', 1.3, [1.3, 1.1, 1.6], [11, 9, 13], [0.12, 0.09, 0.16], [0.3, 0.2, 0.4]),
    rear: axle('sprung', -1.3, [1.5, 1.25, 1.8], [11, 9, 13], [0.14, 0.1, 0.18], [0.28, 0.2, 0.4]),
    trackM: 1.53,
    contactM: estimated(0.12, 0.09, 0.16),
    middleHighM: estimated(0.5, 0.42, 0.58),
  },
  ...shakeShares([0.3, 0.15, 0.5], [0.3, 0.15, 0.5], [0.05, 0.02, 0.12], 1.2),
  lines: [
    perMetres('wheel', 'the wheels', 1.98, [0.06, 0.02, 0.2]),
    perTurn('engine-2', 'the engine, twice a turn', RPM, 2, [0.15, 0.05, 0.4], ['across', [0.05, 0.02, 0.15]]),
  ],
  flex: {
    frontBumper: [stage('the front bumper', [26, 18, 38], [0.08, 0.04, 0.15], [2, 1, 4])],
    rearBumper: [stage('the rear bumper', [26, 18, 38], [0.08, 0.04, 0.15], [2, 1, 4])],
    dash: [stage('the dash', [32, 22, 45], [0.08, 0.04, 0.15], [1.5, 0.7, 3])],
    seats: [stage('the seat back', [15, 11, 20], [0.1, 0.05, 0.2], [1.5, 0.8, 3])],
  },
  rider: { feetXM: 0.38, seatXM: -0.38, seatedIn: 'all', seat: CUSHION, effort: 'sitting' },
};
