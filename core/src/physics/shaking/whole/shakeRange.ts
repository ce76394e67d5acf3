import { atHigh, atLow } from '../../../words/sourced/ends';
import { ESTIMATE_GROUPS, USUAL_ENDS, type EstimateGroup } from '../ends/rangeEnds';
import { shakeOf } from './shakeOf';
import type { ShakeQuestion } from './shakeScene';
import type { Figure } from '../figures/figures';

export interface FigureRange {
  readonly low: number;
  readonly high: number;
  /** The group of figures that widens it most. */
  readonly mostly: EstimateGroup;
}

/**
 * How far the figures may lie off: every group of estimates is put to both its ends alone; the logarithms of what that changes are
 * added as independent errors (root of the sum of squares), upward and downward apart.
 */
export function shakeRanges(question: ShakeQuestion): Readonly<Record<Figure, FigureRange>> {
  const usual = shakeOf(question, { coarse: true });
  const moved = ESTIMATE_GROUPS.map((group) => ({
    group,
    ends: [atLow, atHigh].map((pick) => shakeOf(question, { coarse: true, picks: { ...USUAL_ENDS, [group]: pick } })),
  }));
  const range = (figure: Figure): FigureRange => {
    let [up, down, widest] = [0, 0, -1];
    let mostly: EstimateGroup = 'ground';
    for (const { group, ends } of moved) {
      const changes = ends.map((s) => Math.log(Math.max(s[figure], 1e-9) / Math.max(usual[figure], 1e-9)));
      const [most, least] = [Math.max(0, ...changes), Math.min(0, ...changes)];
      up += most ** 2;
      down += least ** 2;
      if (most - least > widest) [widest, mostly] = [most - least, group];
    }
    return {
      low: usual[figure] * Math.exp(-Math.sqrt(down)),
      high: usual[figure] * Math.exp(Math.sqrt(up)),
      mostly,
    };
  };
  return { jump: range('jump'), jelly: range('jelly'), blur: range('blur') };
}
