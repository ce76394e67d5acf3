import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { perTurn, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

const RPM = [7500, 5000, 12000] as const;

/** Four rotors and a control loop that never rests; a rotor out of balance also turns the frame by its arm. Estimates. */
export const shake: MachineShake = {
  ride: { kind: 'wing', heaveS: estimated(0.5, 0.3, 0.9), chordM: 0.12, pitchHz: estimated(1, 0.5, 2) },
  ...shakeShares([0.6, 0.3, 1], [0.6, 0.3, 1], [0.14, 0.06, 0.35], 5, true),
  lines: [
    { ...perTurn('rotor-1', 'the rotors, once a turn', RPM, 1, [3, 1, 8], ['up', [25, 8, 70]]), unbalanced: true },
    perTurn('rotor-2', 'the rotors’ blades', RPM, 2, [2, 0.7, 5]),
  ],
  flex: { legs: [stage('the leg', [35, 20, 60], [0.04, 0.02, 0.08], [3, 1.5, 6])] },
  rider: null,
};
