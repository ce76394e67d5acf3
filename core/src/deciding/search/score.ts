import type { Candidate } from '../../judging/check/candidate';
import type { Weights } from '../../words/shot/ask';

/** A term counts as no less than this: what is spoilt by one thing is not saved by the others, yet still told apart from what is spoilt by two. */
const LEAST = 0.02;
/** A check's own term that nobody weighs. */
const UNWEIGHED = 1;
/** Whatever has no stop stands above this, whatever has one below it. */
const STOPPED_BELOW = 0.25;

/**
 * Weighted geometric mean of the terms, and a gate: with a stop in any check it lies between 0 and a quarter, without one above it. So the number
 * by itself explains the order.
 */
export function scoreOf({ terms, verdicts }: Pick<Candidate, 'terms' | 'verdicts'>, weights: Weights): number {
  const mean = meanOf({ terms }, weights);
  return isStopped({ verdicts }) ? STOPPED_BELOW * mean : STOPPED_BELOW + OPEN * mean;
}

/** What the mean is worth where nothing stops it. */
export const OPEN = 1 - STOPPED_BELOW;

/** Weighted geometric mean of the terms, 0 to 1. */
export function meanOf({ terms }: Pick<Candidate, 'terms'>, weights: Weights): number {
  let [sum, of] = [0, 0];
  for (const { id, value } of terms) {
    const weight = weightOf(weights, id);
    sum += weight * Math.log(Math.max(value, LEAST));
    of += weight;
  }
  return of > 0 ? Math.exp(sum / of) : 0;
}

export const isStopped = ({ verdicts }: Pick<Candidate, 'verdicts'>): boolean =>
  Object.values(verdicts).includes('stop');

/** What a term counts, as asked or by itself. */
export const weightOf = (weights: Weights, id: string): number =>
  (weights as Readonly<Record<string, number>>)[id] ?? UNWEIGHED;

/** What a term takes away from the whole, as the logarithm of a factor: 0 = nothing. */
export const takenBy = (value: number, weight: number, weights: number): number =>
  (-weight * Math.log(Math.max(value, LEAST))) / weights;

/** The terms that count, each with the factor that it puts to the mean. */
export function countedTerms({ terms }: Pick<Candidate, 'terms'>, weights: Weights) {
  const all = terms.reduce((sum, { id }) => sum + weightOf(weights, id), 0) || 1;
  return terms
    .filter(({ id }) => weightOf(weights, id) > 0)
    .map((term) => ({ ...term, factor: Math.exp(-takenBy(term.value, weightOf(weights, term.id), all)) }));
}
