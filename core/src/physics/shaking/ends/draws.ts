import { standardNormalAt } from '../../../mathematics/numbers/standardNormal';
import { drawnAt, type RangeEnd } from '../../../words/sourced/ends';
import { ESTIMATE_GROUPS, type EstimateGroup, type RangeEnds } from './rangeEnds';

/** All estimates as they might be in one case: each group of figures that are uncertain together lies so far from its usual value. */
export interface Draw {
  /** Standard deviations off the usual value, by group. */
  readonly off: Readonly<Record<EstimateGroup, number>>;
  readonly ends: RangeEnds;
}

/**
 * Fractional steps that fill a cube of as many sides as there are groups evenly: powers of 1/φ, φ the positive root of φ^(d+1) = φ + 1 (additive
 * recurrence; Roberts 2018, from memory; for d = 1 the golden ratio).
 */
const STEPS: readonly number[] = (() => {
  const sides = ESTIMATE_GROUPS.length;
  let phi = 2;
  for (let i = 0; i < 60; i++) phi = (1 + phi) ** (1 / (sides + 1));
  return ESTIMATE_GROUPS.map((_, i) => phi ** -(i + 1));
})();

const made: Draw[] = [];

/**
 * The same draws for whoever asks: two set-ups are compared case by case, and what is uncertain in both falls out. Fewer of them are the first of more, so
 * that what was worked out for a draw is known again.
 */
export function draws(count: number): readonly Draw[] {
  for (let n = made.length; n < count; n++) {
    const off = {} as Record<EstimateGroup, number>;
    const ends = {} as Record<EstimateGroup, RangeEnd>;
    ESTIMATE_GROUPS.forEach((group, i) => {
      off[group] = standardNormalAt((0.5 + (n + 1) * STEPS[i]!) % 1);
      ends[group] = drawnAt(off[group]);
    });
    made.push({ off, ends });
  }
  return made.slice(0, count);
}
