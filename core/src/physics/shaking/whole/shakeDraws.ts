import { draws } from '../ends/draws';
import { unsteadiness } from '../figures/figures';
import { shakeOf, type ShakePx } from './shakeOf';
import type { ShakeQuestion } from './shakeScene';

/** What shakes a picture in each of so many cases of what the estimates may really be; the cases are the same for every question. */
export const shakeDraws = (question: ShakeQuestion, count: number): readonly ShakePx[] =>
  draws(count).map(({ ends }) => {
    const { jump, jelly, blur } = shakeOf(question, { coarse: true, picks: ends });
    return { jump, jelly, blur };
  });

/** Of a hundred such cases those in which the second is steadier than the first, both drawn alike; where they are equal each has half. */
export function steadierIn100(first: readonly ShakePx[], second: readonly ShakePx[]): number {
  const wins = second.reduce((sum, px, i) => {
    const [was, is] = [unsteadiness(first[i]!), unsteadiness(px)];
    return sum + (is < was ? 1 : is === was ? 0.5 : 0);
  }, 0);
  return Math.round((100 * wins) / second.length);
}
