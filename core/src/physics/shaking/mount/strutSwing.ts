import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import { atHigh, atLow, usual, type RangeEnd } from '../../../words/sourced/ends';
import { USUAL_ENDS } from '../ends/rangeEnds';
import type { StrutPose } from '../../../posing/strut/kinematics';
import { mountModel, mountModes } from './mountModel';
import { swingingMassKg } from './swingingMass';

interface Softness {
  readonly name: string;
  /** How far the camera gives way for one newton across, metres. */
  readonly mPerN: number;
}

/** The slowest swing of the camera on its strut, across the arm. */
export interface StrutSwing {
  readonly frequencyHz: number;
  /** With every estimate at its unfavourable and its favourable end. */
  readonly lowHz: number;
  readonly highHz: number;
  /** Every piece that gives, most first. */
  readonly softness: readonly Softness[];
  readonly massKg: number;
}

/**
 * The slowest of the strut's own swings, as everything about shaking reckons with it, and what of the chain gives most.
 * Estimates: every stiffness comes from the kit with its range. Left out: slop, movement along the arm.
 */
export function strutSwing(resolved: ResolvedSetUp, pose: StrutPose): StrutSwing {
  const slowestHz = (stiffness: RangeEnd): number =>
    mountModes(mountModel(resolved, pose, { ...USUAL_ENDS, stiffness }))[0]?.frequencyHz ?? Infinity;
  return {
    frequencyHz: slowestHz(usual),
    lowHz: slowestHz(atLow),
    highHz: slowestHz(atHigh),
    massKg: swingingMassKg(resolved),
    softness: mountModel(resolved, pose, USUAL_ENDS)
      .nod.pieces.map(({ name, mPerN }) => ({ name, mPerN }))
      .sort((a, b) => b.mPerN - a.mPerN),
  };
}
