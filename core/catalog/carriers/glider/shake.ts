import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { HARD_SEAT, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

/** Light wing loading, long bending wings, no engine. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'wing',
    heaveS: estimated(0.35, 0.25, 0.5),
    chordM: 0.8,
    pitchHz: estimated(0.5, 0.3, 0.8),
  },
  ...shakeShares([0.15, 0.05, 0.3], [0.3, 0.15, 0.5], [0.08, 0.03, 0.2], 1),
  lines: [],
  flex: {
    panel: [stage('the panel', [25, 15, 40], [0.06, 0.03, 0.12], [1.5, 0.7, 3])],
    canopyFrame: [stage('the canopy frame', [18, 12, 28], [0.05, 0.025, 0.1], [1.2, 0.6, 2.5])],
    canopyGlass: [stage('the canopy', [20, 12, 35], [0.06, 0.03, 0.12], [1.5, 0.7, 3])],
    wings: [stage('the wing’s bending', [2.2, 1.5, 3.2], [0.05, 0.02, 0.1], [0.25, 0.12, 0.5])],
    tailplane: [stage('the tail boom', [6, 4, 9], [0.03, 0.015, 0.06], [0.4, 0.2, 0.8])],
  },
  rider: { feetXM: 1, seatXM: 0.16, seatedIn: 'all', seat: HARD_SEAT, effort: 'sitting' },
};
