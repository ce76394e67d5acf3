import { draws } from '../ends/draws';
import { ESTIMATE_GROUPS, type EstimateGroup } from '../ends/rangeEnds';
import { FIGURES, type Figure } from '../figures/figures';
import { shakeDraws } from './shakeDraws';
import type { ShakeQuestion } from './shakeScene';

export interface FigureRange {
  /** Eight of ten cases lie between these. */
  readonly low: number;
  readonly high: number;
  /** The group of figures that widens it most. */
  readonly mostly: EstimateGroup;
}

/** Ends of a tenth and nine tenths stand still within a few hundredths from here on. */
const DRAWS = 128;

/** How far the figures may lie off: all estimates drawn together, 10 to 90 % of the cases. */
export function shakeRanges(question: ShakeQuestion): Readonly<Record<Figure, FigureRange>> {
  const cases = shakeDraws(question, DRAWS);
  const range = (figure: Figure): FigureRange => {
    const values = cases.map((px) => Math.max(px[figure], 1e-9));
    const sorted = [...values].sort((a, b) => a - b);
    const logs = values.map(Math.log);
    const mean = logs.reduce((a, b) => a + b, 0) / DRAWS;
    // What goes with it most: the slope on each group's own deviation, groups being drawn apart from each other.
    const goesWith = (group: EstimateGroup): number =>
      Math.abs(draws(DRAWS).reduce((sum, { off }, i) => sum + off[group] * (logs[i]! - mean), 0));
    return {
      low: sorted[Math.floor(0.1 * DRAWS)]!,
      high: sorted[Math.ceil(0.9 * DRAWS) - 1]!,
      mostly: ESTIMATE_GROUPS.reduce((most, group) => (goesWith(group) > goesWith(most) ? group : most)),
    };
  };
  return Object.fromEntries(FIGURES.map((figure) => [figure, range(figure)])) as Record<Figure, FigureRange>;
}
