import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { axle, CUSHION, perMetres, perTurn, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

const RPM = [2200, 1400, 4200] as const;

/** Long springs, heavy axles, a wheel hung on the back door. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'wheels',
    front: axle('sprung', 1.3, [1.4, 1.1, 1.8], [10, 8, 12], [0.2, 0.14, 0.26], [0.3, 0.2, 0.4]),
    rear: axle('sprung', -1.3, [1.6, 1.3, 2], [10, 8, 12], [0.22, 0.15, 0.28], [0.28, 0.2, 0.4]),
    trackM: 1.55,
    contactM: estimated(0.16, 0.12, 0.22),
    middleHighM: estimated(0.72, 0.6, 0.85),
  },
  ...shakeShares([0.3, 0.15, 0.5], [0.4, 0.2, 0.7], [0.08, 0.03, 0.2], 1.2),
  lines: [
    perMetres('wheel', 'the wheels', 2.39, [0.1, 0.03, 0.3]),
    perTurn('engine-2', 'the engine, twice a turn', RPM, 2, [0.25, 0.1, 0.6], ['along', [0.1, 0.03, 0.3]]),
  ],
  flex: {
    frontBumper: [stage('the front bumper', [24, 16, 36], [0.08, 0.04, 0.15], [2, 1, 4])],
    rearBumper: [stage('the rear bumper', [24, 16, 36], [0.08, 0.04, 0.15], [2, 1, 4])],
    dash: [stage('the dash', [28, 20, 40], [0.08, 0.04, 0.15], [1.5, 0.7, 3])],
    seats: [stage('the seat back', [15, 11, 20], [0.1, 0.05, 0.2], [1.5, 0.8, 3])],
    spareRim: [stage('the spare wheel on its door', [11, 7, 16], [0.05, 0.025, 0.1], [1, 0.5, 2])],
  },
  rider: { feetXM: 0.48, seatXM: -0.28, seatedIn: 'all', seat: CUSHION, effort: 'sitting' },
};
