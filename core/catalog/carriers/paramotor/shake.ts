import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { HARD_SEAT, perTurn, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

const RPM = [7000, 5500, 8500] as const;
/** Turns of the engine for one of the propeller. */
export const REDUCTION = 2.8;

/** A single two-stroke on the pilot's back, hung under a wing on lines. Estimates. */
export const shake: MachineShake = {
  ride: { kind: 'wing', heaveS: estimated(0.3, 0.2, 0.5), chordM: 2.2, pitchHz: estimated(0.4, 0.25, 0.6) },
  ...shakeShares([0.5, 0.25, 0.9], [0.5, 0.25, 0.9], [0.4, 0.2, 1], 1),
  lines: [
    perTurn('engine-1', 'the engine, once a turn', RPM, 1, [4, 1.5, 9], ['along', [3, 1, 8]]),
    { ...perTurn('propeller-1', 'the propeller, once a turn', RPM, 1 / REDUCTION, [1, 0.3, 2.5]), unbalanced: true },
    perTurn('propeller-2', 'the propeller’s blades', RPM, 2 / REDUCTION, [1.2, 0.4, 3]),
  ],
  flex: {
    cage: [stage('the cage', [24, 14, 38], [0.03, 0.015, 0.06], [2, 1, 4])],
    lines: [stage('the lines', [3.5, 2, 6], [0.1, 0.05, 0.2], [0.5, 0.2, 1])],
  },
  rider: { feetXM: 0.1, seatXM: 0.02, seatedIn: 'all', seat: HARD_SEAT, effort: 'sitting' },
};
