import { atHigh, atLow, usual, type RangeEnd } from '../../../words/sourced/ends';
import type { Sourced } from '../../../words/sourced/source';

/** Ends of an estimate are its twentieths; a tenth of the cases is asked for: 1.28 of 1.645 standard deviations. */
const TENTH_OF_END = 1.282 / 1.645;

/**
 * The margin that nine of ten cases have, every estimate on its own: each is put at whichever end is worse, one at a time, and what they take
 * away, as logarithms, adds up as squares (propagation of independent errors, first order).
 */
export function weakEnd(marginWith: (pick: RangeEnd) => number): number {
  const figures = new Set<Sourced>();
  const margin = marginWith((figure) => {
    if (figure.source.kind === 'estimate') figures.add(figure);
    return usual(figure);
  });
  if (!(margin > 0)) return margin;
  let square = 0;
  for (const figure of figures) {
    const at = (end: RangeEnd) => marginWith((other) => (other === figure ? end : usual)(other));
    const worse = Math.min(at(atLow), at(atHigh));
    if (worse < margin) square += Math.log(margin / Math.max(worse, 1e-6)) ** 2;
  }
  return margin * Math.exp(-TENTH_OF_END * Math.sqrt(square));
}
