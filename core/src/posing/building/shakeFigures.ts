import type { Sourced } from '../../words/sourced/source';
import { estimated } from '../../words/sourced/estimated';
import type { AxleFigures, MachineShake, ShakeLine, ShakeStage, Twist } from '../../words/carrier/machineShake';

/** A middle value with its range. */
type Ranged = readonly [value: number, low: number, high: number];
const ranged = ([value, low, high]: Ranged): Sourced => estimated(value, low, high);

/** Something that swings by itself: frequency, damping ratio, turn for each metre that it gives. */
export const stage = (name: string, frequencyHz: Ranged, dampingRatio: Ranged, turnPerM: Ranged): ShakeStage => ({
  name,
  frequencyHz: ranged(frequencyHz),
  dampingRatio: ranged(dampingRatio),
  turnPerM: ranged(turnPerM),
});

export const axle = (
  frame: AxleFigures['frame'],
  xM: number,
  bodyHz: Ranged,
  hopHz: Ranged,
  unsprungShare: Ranged,
  dampingRatio: Ranged,
): AxleFigures => ({
  frame,
  xM,
  bodyHz: ranged(bodyHz),
  hopHz: ranged(hopHz),
  unsprungShare: ranged(unsprungShare),
  dampingRatio: ranged(dampingRatio),
});

/** So many times a turn of the engine, with its acceleration at the frame, m/s² rms; and what it twists the machine by, rad/s² rms. */
export const perTurn = (
  id: string,
  name: string,
  rpm: Ranged,
  order: number,
  accelerationMS2: Ranged,
  twist?: readonly [axis: Twist['axis'], accelerationRadS2: Ranged],
): ShakeLine => ({
  id,
  name,
  every: { kind: 'turn', rpm: ranged(rpm), order },
  accelerationMS2: ranged(accelerationMS2),
  ...(twist ? { twist: { axis: twist[0], accelerationRadS2: ranged(twist[1]) } } : {}),
});

/** Once every so many metres. */
export const perMetres = (id: string, name: string, lengthM: number, accelerationMS2: Ranged): ShakeLine => ({
  id,
  name,
  every: { kind: 'metres', lengthM },
  accelerationMS2: ranged(accelerationMS2),
});

/** Shares and own turning that most carriers have alike; estimates. */
export const shakeShares = (
  alongShare: Ranged,
  acrossShare: Ranged,
  rmsDeg: Ranged,
  cornerHz: number,
  heldByMotors = false,
) =>
  ({
    alongShare: ranged(alongShare),
    acrossShare: ranged(acrossShare),
    sway: { rmsDeg: ranged(rmsDeg), cornerHz, ...(heldByMotors ? { heldByMotors } : {}) },
  }) satisfies Partial<MachineShake>;

/** Foam and springs of a seat with whoever sits in it. */
export const CUSHION: ShakeStage = {
  ...stage('seat and hips', [3.5, 2.5, 5], [0.35, 0.2, 0.5], [0.4, 0.15, 0.8]),
  turnShare: ranged([0.7, 0.5, 0.9]),
};
/** A hard seat: flesh and spine alone answer at 4 to 6 Hz (ISO 5982, from memory). */
export const HARD_SEAT: ShakeStage = {
  ...stage('hips on the seat', [5, 4, 6], [0.35, 0.25, 0.5], [0.5, 0.2, 1]),
  turnShare: ranged([0.6, 0.4, 0.9]),
};
