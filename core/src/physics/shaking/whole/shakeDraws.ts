import { keepLatest } from '../../../mathematics/caching/keepLatest';
import { draws } from '../ends/draws';
import { unsteadiness } from '../figures/figures';
import { shakeOf, type ShakePx } from './shakeOf';
import type { ShakeQuestion } from './shakeScene';

/** Of the latest questions: a range is drawn first, and the same set-up then held against others. */
const drawn = keepLatest<ShakePx[]>(8);

/** What shakes a picture in each of so many cases of what the estimates may really be; the cases are the same for every question. */
export function shakeDraws(question: ShakeQuestion, count: number): readonly ShakePx[] {
  const cases = drawn(JSON.stringify(question), () => []);
  for (const { ends } of draws(count).slice(cases.length)) {
    const { jump, jelly, blur } = shakeOf(question, { coarse: true, picks: ends });
    cases.push({ jump, jelly, blur });
  }
  return cases.slice(0, count);
}

/** Of a hundred such cases those in which the second is steadier than the first, both drawn alike; where they are equal each has half. */
export function steadierIn100(first: readonly ShakePx[], second: readonly ShakePx[]): number {
  const wins = second.reduce((sum, px, i) => {
    const [was, is] = [unsteadiness(first[i]!), unsteadiness(px)];
    return sum + (is < was ? 1 : is === was ? 0.5 : 0);
  }, 0);
  return Math.round((100 * wins) / second.length);
}
