import { SET_UP_STANCE_ID, type Stance } from '../../../src/words/carrier/stance';
import type { Vec3 } from '../../../src/mathematics/geometry/vec3';

/** Figures of a posture: common practice of mountain bike riding, no source; angles ± 8°, positions ± 5 cm. */
export interface StanceFigures {
  /** Hip centre: from the bottom bracket in the machine frame (rider of 1.75 m), from the saddle's top when on it, or on the ground. */
  readonly hip: Vec3;
  readonly onPedals: boolean;
  readonly onSaddle: boolean;
  /** Both on the bar, the left alone with the right one held out, or neither. */
  readonly hands: 'both' | 'left' | 'none';
  /** From upright in the world, positive forward. */
  readonly torsoLeanDeg: number;
  readonly torsoRollDeg: number;
  readonly gazeDeg: number;
  readonly headTurnDeg: number;
  readonly elbowsOut: number;
  readonly heelDropRad: number;
  /** Downhill positive. */
  readonly slopeDeg: number;
  /** Machine's lean, positive to the right. */
  readonly leanDeg: number;
  readonly hipsLean: boolean;
  /** Bars, positive to the right. */
  readonly barsDeg: number;
}

const riding = {
  onPedals: true,
  onSaddle: false,
  hands: 'both',
  torsoRollDeg: 0,
  headTurnDeg: 0,
  heelDropRad: 0.08,
  slopeDeg: 0,
  leanDeg: 0,
  hipsLean: false,
  barsDeg: 0,
} as const;

const FIGURES: Readonly<Record<string, StanceFigures>> = {
  [SET_UP_STANCE_ID]: {
    ...riding,
    hip: [0.1, 0, 0],
    onPedals: false,
    hands: 'none',
    torsoLeanDeg: 0,
    gazeDeg: 0,
    elbowsOut: 0,
  },
  seated: { ...riding, hip: [0.01, 0.085, 0], onSaddle: true, torsoLeanDeg: 38, gazeDeg: -4, elbowsOut: 0.45 },
  crouch: { ...riding, hip: [-0.42, 0.66, 0], torsoLeanDeg: 52, gazeDeg: -5, elbowsOut: 0.8, heelDropRad: 0.15 },
  'one-hand': {
    ...riding,
    hip: [0.01, 0.085, 0],
    onSaddle: true,
    hands: 'left',
    torsoLeanDeg: 30,
    gazeDeg: -3,
    elbowsOut: 0.35,
  },
  steep: {
    ...riding,
    hip: [-0.42, 0.54, 0],
    torsoLeanDeg: 54,
    gazeDeg: -14,
    elbowsOut: 0.6,
    heelDropRad: 0.25,
    slopeDeg: 24,
  },
  lean: {
    ...riding,
    hip: [-0.33, 0.6, 0.05],
    torsoLeanDeg: 52,
    torsoRollDeg: 12,
    gazeDeg: -4,
    headTurnDeg: 18,
    elbowsOut: 0.8,
    leanDeg: 24,
    barsDeg: 10,
  },
};

export const stances: readonly Stance[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'standing upright astride, bike level: the level is read here',
  },
  { id: 'seated', name: 'Seated', share: 0.3, note: 'on the saddle, climbing and rolling' },
  { id: 'crouch', name: 'Crouch', share: 0.45, note: 'standing on level pedals, elbows out, ready' },
  { id: 'steep', name: 'Steep', share: 0.13, note: 'hips far back, 24° down the slope' },
  {
    id: 'one-hand',
    name: 'One hand off',
    share: 0,
    speedShare: 0.6,
    note: 'for a take: seated, rolling on easy ground, right hand held out',
  },
  { id: 'lean', name: 'Lean', share: 0.12, note: 'corner to the right, bike leaned 24°, bars turned 10°' },
];

/** @throws RangeError for a stance this carrier does not have */
export function stanceFigures(stanceId: string): StanceFigures {
  const figures = FIGURES[stanceId];
  if (!figures)
    throw new RangeError(`mountain bike: no stance "${stanceId}" (there are ${Object.keys(FIGURES).join(', ')})`);
  return figures;
}
