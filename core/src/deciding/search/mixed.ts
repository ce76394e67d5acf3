/** The best of each kind in turn, so that one camera doesn't take every place. Order within is kept. */
export function mixed<Item>(items: readonly Item[], kindOf: (item: Item) => string, most: number): readonly Item[] {
  const kinds = new Map<string, Item[]>();
  for (const item of items) kinds.set(kindOf(item), [...(kinds.get(kindOf(item)) ?? []), item]);
  const out: Item[] = [];
  for (let round = 0; out.length < Math.min(most, items.length); round++) {
    for (const list of kinds.values()) if (list[round] && out.length < most) out.push(list[round]!);
  }
  return out;
}
