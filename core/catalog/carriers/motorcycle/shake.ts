import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { axle, CUSHION, perTurn, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

const RPM = [4800, 3000, 7000] as const;

/** An off-road single with long springs. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'wheels',
    front: axle('sprung', 0.78, [1.7, 1.3, 2.4], [12, 9, 16], [0.14, 0.1, 0.2], [0.35, 0.2, 0.5]),
    rear: axle('sprung', -0.7, [1.9, 1.4, 2.6], [12, 9, 16], [0.16, 0.1, 0.24], [0.35, 0.2, 0.5]),
    trackM: null,
    contactM: estimated(0.1, 0.07, 0.15),
    middleHighM: estimated(0.6, 0.5, 0.7),
  },
  ...shakeShares([0.5, 0.3, 0.8], [0.3, 0.15, 0.5], [0.5, 0.25, 1], 2),
  lines: [
    perTurn('engine-1', 'the engine, once a turn', RPM, 1, [5, 2, 10]),
    perTurn('engine-2', 'the engine, twice a turn', RPM, 2, [3, 1, 6]),
    perTurn('engine-half', 'the engine’s firing', RPM, 0.5, [1.5, 0.5, 3], ['across', [2, 0.7, 6]]),
  ],
  flex: {
    bar: [stage('the handlebar', [45, 30, 65], [0.2, 0.1, 0.35], [1.5, 0.7, 3])],
    rearFender: [stage('the rear fender', [14, 9, 22], [0.08, 0.04, 0.15], [3, 1.5, 6])],
    tank: [stage('the tank', [70, 50, 100], [0.05, 0.03, 0.1], [1.5, 0.7, 3])],
  },
  withWheel: { fork: 'front', swingarm: 'rear' },
  steering: {
    movementId: 'bars',
    sideShare: estimated(0.3, 0.15, 0.5),
    trailM: estimated(0.11, 0.085, 0.13),
    frequencyHz: estimated(5, 3.5, 8),
    dampingRatio: estimated(0.45, 0.3, 0.7),
  },
  rider: { feetXM: -0.09, seatXM: -0.3, seatedIn: ['seated', 'turn', 'set-up'], seat: CUSHION, effort: 'working' },
};
