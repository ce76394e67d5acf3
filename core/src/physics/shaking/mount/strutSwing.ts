import type { ResolvedSetUp } from '../../../posing/strut/resolveSetUp';
import { atHigh, atLow, usual, type Pick } from '../../../words/sourced/ends';
import { USUAL_PICKS } from '../ends/picks';
import { naturalFrequencyHz } from '../../../mathematics/spectra/transmissibility';
import { chainPieces, chainSum } from './chain';
import { swingingMassKg } from './swingingMass';

export interface Softness {
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
 * One mass (camera, joint, and what of the links swings with them) on the softness of surface, base, links and joints in a row.
 * Estimates: every stiffness comes from the kit with its range. Left out: slop, movement along the arm.
 */
export function strutSwing(resolved: ResolvedSetUp): StrutSwing {
  const at = (stiffness: Pick, mass: Pick) => {
    const pieces = chainPieces(resolved, { ...USUAL_PICKS, stiffness });
    const massKg = swingingMassKg(resolved, mass);
    return { pieces, massKg, frequencyHz: naturalFrequencyHz(1 / chainSum(pieces).mPerN, massKg) };
  };
  const { pieces, massKg, frequencyHz } = at(usual, usual);
  return {
    frequencyHz,
    massKg,
    softness: pieces.map(({ name, mPerN }) => ({ name, mPerN })).sort((a, b) => b.mPerN - a.mPerN),
    lowHz: at(atLow, atHigh).frequencyHz,
    highHz: at(atHigh, atLow).frequencyHz,
  };
}
