import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { axle, HARD_SEAT, perMetres, shakeShares, stage } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';

/** Hands hold the bar and damp it. */
const FORK = {
  ...stage('the fork (fore and aft)', [26, 18, 36], [0.3, 0.15, 0.45], [1, 0.5, 2]),
  gives: 'along',
} as const;

/** No springs but tyres, arms and legs: the frame moves with its wheels. Estimates. */
export const shake: MachineShake = {
  ride: {
    kind: 'wheels',
    front: axle('with the wheel', 0.6, [2.8, 2, 4], [22, 15, 30], [0.16, 0.1, 0.25], [0.35, 0.2, 0.5]),
    rear: axle('with the wheel', -0.42, [3.2, 2.2, 4.5], [20, 14, 28], [0.12, 0.08, 0.2], [0.35, 0.2, 0.5]),
    trackM: null,
    // The chord that a wheel of 34 cm sinks to by 4 to 10 mm is 10 to 16 cm long; its ends bear less.
    contactM: estimated(0.09, 0.06, 0.13),
    middleHighM: estimated(0.65, 0.5, 0.78),
  },
  ...shakeShares([0.4, 0.2, 0.7], [0.25, 0.1, 0.4], [0.5, 0.25, 1], 1.8),
  lines: [perMetres('wheel', 'the wheels', 2.1, [0.05, 0.02, 0.15])],
  flex: {
    // Whatever is fixed to the front of the frame rides on the fork's fore-and-aft spring.
    headTube: [FORK],
    stem: [FORK],
    bar: [FORK, stage('the handlebar', [36, 24, 50], [0.3, 0.15, 0.45], [1.5, 0.7, 3])],
    // The rails are clamped to the post: they move with the frame, and bend a little behind the clamp.
    saddleRails: [stage('the rails', [65, 45, 95], [0.15, 0.08, 0.25], [0.8, 0.4, 1.6])],
    rearTriangle: [stage('the seat stay', [60, 40, 90], [0.03, 0.015, 0.06], [2, 1, 4])],
  },
  steering: {
    movementId: 'bars',
    sideShare: estimated(0.12, 0.05, 0.25),
    trailM: estimated(0.062, 0.045, 0.08),
    frequencyHz: estimated(4, 2.5, 7),
    dampingRatio: estimated(0.4, 0.25, 0.6),
  },
  rider: {
    feetXM: 0.05,
    seatXM: -0.25,
    seatedIn: ['tops', 'hoods', 'drops', 'crouch', 'set-up'],
    seat: HARD_SEAT,
    effort: 'working',
  },
};
