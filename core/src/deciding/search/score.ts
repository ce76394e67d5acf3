import type { Weights } from '../../words/shot/ask';
import type { Term } from '../../judging/checks/candidate';

/** Sum of the terms by their weights, over the sum of the weights: 0 to 1. */
export function scoreOf(terms: readonly Term[], weights: Weights): number {
  let [sum, of] = [0, 0];
  for (const { id, value } of terms) {
    sum += weights[id] * value;
    of += weights[id];
  }
  return of > 0 ? sum / of : 0;
}
