import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { CUSHION, perTurn, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

const RPM = [4500, 3000, 5800] as const;

/** A planing hull with an outboard: slams ahead, engine behind. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'float',
    lengthM: 4.6,
    heaveHz: estimated(1.3, 0.9, 1.9),
    dampingRatio: estimated(0.35, 0.2, 0.6),
    slapG: estimated(0.35, 0.15, 0.7),
  },
  ...shakeShares([0.4, 0.2, 0.7], [0.3, 0.15, 0.6], [0.25, 0.1, 0.6], 1.5),
  lines: [
    perTurn('engine-1', 'the engine, once a turn', RPM, 1, [0.8, 0.3, 2]),
    perTurn('engine-2', 'the engine, twice a turn', RPM, 2, [1, 0.4, 2.5], ['up', [0.3, 0.1, 1]]),
    perTurn('propeller', 'the propeller’s blades', RPM, 3 / 1.9, [0.6, 0.2, 1.5]),
  ],
  flex: {
    bowRail: [stage('the bow rail', [18, 10, 30], [0.03, 0.015, 0.06], [3, 1.5, 6])],
    frame: [stage('the T-frame', [12, 8, 20], [0.03, 0.015, 0.06], [1.5, 0.7, 3])],
    console: [stage('the console', [30, 20, 45], [0.06, 0.03, 0.12], [1.5, 0.7, 3])],
  },
  rider: { feetXM: -0.4, seatXM: -0.75, seatedIn: ['set-up', 'planing', 'turn'], seat: CUSHION, effort: 'working' },
};
