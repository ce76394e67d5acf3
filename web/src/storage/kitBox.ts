import { useLiveQuery } from 'dexie-react-hooks';
import { kitWith, sortOwnKit, type Kit, type OwnKit } from '@strut-spot/core';
import { database, STANDARD_KIT_BOX, type KitBox } from './database';

/** Stands for the box while it is being read. */
export const STANDARD_BOX = STANDARD_KIT_BOX;

/** What of the box can be used: a piece that is damaged keeps none of the others from being used. */
export async function readKitBox(): Promise<KitBox> {
  const stored = await database.kit.get('kit');
  if (!stored) return STANDARD_KIT_BOX;
  const { inBox } = stored as { inBox: unknown };
  return {
    key: 'kit',
    inBox: Array.isArray(inBox) ? inBox.filter((id): id is string => typeof id === 'string') : null,
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

/** Puts an item in or takes it out; the first time everything else stays in. */
export const withInBox = (box: KitBox, id: string, into: boolean): KitBox => {
  const { cameras, bases, links, heads } = kitWith(box.own) as Kit;
  const all = box.inBox ?? [...cameras, ...bases, ...links, ...heads].map((item) => item.id);
  return { ...box, inBox: into ? [...all.filter((other) => other !== id), id] : all.filter((other) => other !== id) };
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
