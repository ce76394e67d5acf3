import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { axle, HARD_SEAT, perMetres, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

/** Hands hold the bar and damp it. */
const FORK = {
  ...stage('the fork (fore and aft)', [20, 14, 28], [0.15, 0.08, 0.25], [1, 0.5, 2]),
  gives: 'along',
} as const;

/** A hardtail: the frame stands on the fork in front and moves with the wheel behind. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'wheels',
    front: axle('sprung', 0.78, [2.8, 2, 3.8], [16, 12, 22], [0.12, 0.09, 0.17], [0.45, 0.3, 0.7]),
    rear: axle('with the wheel', -0.44, [2.6, 1.8, 4], [14, 10, 20], [0.22, 0.15, 0.3], [0.35, 0.2, 0.5]),
    trackM: null,
    contactM: estimated(0.09, 0.06, 0.14),
    middleHighM: estimated(0.65, 0.5, 0.78),
  },
  ...shakeShares([0.5, 0.3, 0.8], [0.3, 0.15, 0.5], [0.5, 0.25, 1], 2),
  lines: [perMetres('tread', 'the tyre’s tread', 0.022, [0.3, 0.1, 0.8])],
  flex: {
    // Whatever is fixed to the front of the frame rides on the fork's fore-and-aft spring.
    headTube: [FORK],
    stem: [FORK],
    bar: [FORK, stage('the handlebar', [32, 22, 45], [0.3, 0.15, 0.45], [1.5, 0.7, 3])],
    // The rails are clamped to the post: they move with the frame, and bend a little behind the clamp.
    saddleRails: [stage('the rails', [65, 45, 95], [0.15, 0.08, 0.25], [0.8, 0.4, 1.6])],
  },
  steering: {
    movementId: 'bars',
    sideShare: estimated(0.3, 0.15, 0.5),
    trailM: estimated(0.11, 0.08, 0.14),
    frequencyHz: estimated(5, 3.5, 8),
    dampingRatio: estimated(0.4, 0.25, 0.6),
  },
  rider: { feetXM: 0.1, seatXM: -0.25, seatedIn: ['seated', 'one-hand', 'set-up'], seat: HARD_SEAT, effort: 'working' },
};
