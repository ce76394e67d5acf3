import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { CUSHION, perTurn, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

const RPM = [2400, 2100, 2700] as const;

/** A four-cylinder engine with a propeller of two blades on rubber. Estimates. */
export const shake: MachineShake = {
  ride: { kind: 'wing', heaveS: estimated(0.5, 0.35, 0.7), chordM: 1.5, pitchHz: estimated(0.6, 0.4, 1) },
  ...shakeShares([0.3, 0.15, 0.6], [0.4, 0.2, 0.7], [0.08, 0.03, 0.2], 1),
  lines: [
    { ...perTurn('propeller-1', 'the propeller, once a turn', RPM, 1, [0.5, 0.2, 1.2]), unbalanced: true },
    perTurn(
      'propeller-2',
      'the propeller’s blades and the engine’s firing',
      RPM,
      2,
      [1.2, 0.5, 2.5],
      ['along', [0.15, 0.05, 0.4]],
    ),
    perTurn('engine-half', 'the engine’s half order', RPM, 0.5, [0.2, 0.05, 0.5]),
  ],
  flex: {
    panel: [stage('the panel', [22, 15, 35], [0.06, 0.03, 0.12], [2, 1, 4])],
    windows: [stage('the window pane', [45, 25, 80], [0.05, 0.025, 0.1], [3, 1.5, 6])],
    struts: [stage('the wing strut', [28, 18, 45], [0.02, 0.01, 0.04], [1, 0.5, 2])],
    fin: [stage('the tail', [11, 7, 16], [0.03, 0.015, 0.06], [0.4, 0.2, 0.8])],
  },
  rider: { feetXM: 0.62, seatXM: -0.12, seatedIn: 'all', seat: CUSHION, effort: 'sitting' },
};
