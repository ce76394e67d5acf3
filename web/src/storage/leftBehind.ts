import { withLocalStore } from './localStore';

/** What was not written through when the page went, with what it was made on. */
interface Left {
  readonly outing: unknown;
  readonly base: unknown;
  readonly revision: number;
}

const keyOf = (id: string): string => `left-unwritten-${id}`;

export const keepLeft = (id: string, left: Left): void =>
  withLocalStore((store) => store.setItem(keyOf(id), JSON.stringify(left)), undefined);

export const forgetLeft = (id: string): void => withLocalStore((store) => store.removeItem(keyOf(id)), undefined);

/** What was kept aside of an outing; null where nothing was, or what is there is damaged. */
export function leftBehind(id: string): Left | null {
  const text = withLocalStore((store) => store.getItem(keyOf(id)), null);
  if (text === null) return null;
  try {
    const left = JSON.parse(text) as Left | null;
    if (typeof left !== 'object' || left === null) return null;
    // Before revisions were kept, the outing lay there by itself.
    return 'outing' in left ? left : { outing: left, base: null, revision: 0 };
  } catch {
    return null;
  }
}

/** All that is kept aside, as text: for somebody whose database does not open. */
export const allLeftBehind = (): readonly string[] =>
  withLocalStore(
    (store) =>
      Object.keys(store)
        .filter((key) => key.startsWith(keyOf('')))
        .flatMap((key) => store.getItem(key) ?? []),
    [],
  );
