import type { OutcomeCase } from './case';

/** A test for every case that must hold; those with a reason why not yet are only listed by `npm run outcomes`. */
export function theseHold(cases: readonly OutcomeCase[]): void {
  const must = cases.filter((c) => !c.notYet);
  it.each(must.map((c) => [`${c.id}: ${c.asked}`, c] as const))('%s', (_, { find, expected }) => {
    const { holds, found } = find();
    expect({ holds, wanted: expected, found }).toEqual({ holds: true, wanted: expected, found });
  });
}
