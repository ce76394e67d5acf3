import { useLiveQuery } from 'dexie-react-hooks';
import { allPieces, kitWith, sortOwnKit, type Owned, type OwnKit, type PieceCounts } from '@strut-spot/core';
import { database, STANDARD_KIT_BOX, type KitBox } from './database';

/** Stands for the box while it is being read. */
export const STANDARD_BOX = STANDARD_KIT_BOX;

/** What of the box can be used: a piece that is damaged keeps none of the others from being used. */
export async function readKitBox(): Promise<KitBox> {
  const stored = await database.kit.get('kit');
  if (!stored) return STANDARD_KIT_BOX;
  const { inBox, counts, prices, budget } = stored as Readonly<
    Record<'inBox' | 'counts' | 'prices' | 'budget', unknown>
  >;
  return {
    key: 'kit',
    inBox: Array.isArray(inBox) ? inBox.filter((id): id is string => typeof id === 'string') : null,
    ...(counts === undefined ? {} : { counts: soundCounts(counts) }),
    ...(prices === undefined ? {} : { prices: soundPrices(prices) }),
    ...(isPrice(budget) ? { budget } : {}),
    own: sortOwnKit(stored.own).kit,
  };
}

/** The kit box; undefined while it is being read. */
export const useKitBox = (): KitBox | undefined => useLiveQuery(readKitBox);

export async function changeKitBox(edit: (box: KitBox) => KitBox): Promise<void> {
  await database.transaction('rw', database.kit, async () => {
    // What cannot be read stays where it lies.
    const { unreadable } = sortOwnKit((await database.kit.get('kit'))?.own);
    const { own, ...box } = edit(await readKitBox());
    await database.kit.put({
      ...box,
      own: {
        cameras: [...own.cameras, ...unreadable.cameras],
        links: [...own.links, ...unreadable.links],
        bases: [...own.bases, ...unreadable.bases],
      },
    });
  });
}

export const isInBox = ({ inBox }: KitBox, id: string): boolean => inBox === null || inBox.includes(id);

/** Nobody carries more of one thing. */
export const MOST_OF_ONE = 20;

/** Nobody buys dearer kit. */
export const DEAREST = 100_000;
const isPrice = (price: unknown): price is number =>
  typeof price === 'number' && Number.isFinite(price) && price >= 0 && price <= DEAREST;

const entriesOf = (record: unknown): [string, unknown][] =>
  Object.entries(typeof record === 'object' && record !== null ? record : {});
const soundPrices = (prices: unknown): Readonly<Record<string, number>> =>
  Object.fromEntries(entriesOf(prices).filter(([, price]) => isPrice(price))) as Record<string, number>;

const soundCounts = (counts: unknown): Readonly<Record<string, number>> =>
  Object.fromEntries(
    entriesOf(counts).filter(
      ([, count]) => Number.isInteger(count) && (count as number) >= 1 && (count as number) <= MOST_OF_ONE,
    ),
  ) as Record<string, number>;

/** How many of each piece can be rigged at the same time. */
export const ownedOf =
  (box: KitBox): Owned =>
  (id) =>
    isInBox(box, id) ? (box.counts?.[id] ?? Infinity) : 0;

/** One object, so that whatever hangs on it is not asked anew. */
export const NOTHING_COUNTED: PieceCounts = {};

/** @param count null = as many as it takes */
export function withCount(box: KitBox, id: string, count: number | null): KitBox {
  const { [id]: before, ...others } = box.counts ?? {};
  void before;
  return { ...box, counts: count === null ? others : { ...others, [id]: count } };
}

/** @param price null = not known */
export function withPrice(box: KitBox, id: string, price: number | null): KitBox {
  const { [id]: before, ...others } = box.prices ?? {};
  void before;
  return { ...box, prices: price === null ? others : { ...others, [id]: price } };
}

/** Puts items in or takes them out; the first time everything else stays in. */
export const withInBox = (box: KitBox, ids: readonly string[], into: boolean): KitBox => {
  const all = box.inBox ?? allPieces(kitWith(box.own)).map(({ id }) => id);
  const others = all.filter((other) => !ids.includes(other));
  return { ...box, inBox: into ? [...others, ...ids] : others };
};

/** Two own kits together; the first wins where both have an id. */
export function mergeOwnKits(first: OwnKit, second: OwnKit): OwnKit {
  const join = <Item extends { readonly id: string }>(a: readonly Item[], b: readonly Item[]): readonly Item[] => [
    ...a,
    ...b.filter((item) => !a.some((other) => other.id === item.id)),
  ];
  return {
    cameras: join(first.cameras, second.cameras),
    links: join(first.links, second.links),
    bases: join(first.bases, second.bases),
  };
}
