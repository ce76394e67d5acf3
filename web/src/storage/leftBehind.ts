/** What was not written through when the page went, with what it was made on. */
interface Left {
  readonly outing: unknown;
  readonly base: unknown;
  readonly revision: number;
}

const keyOf = (id: string): string => `left-unwritten-${id}`;

/** The browser may deny this store, or have cut it off: then nothing is kept aside, and nothing else fails for it. */
function withStore<Result>(use: (store: Storage) => Result, otherwise: Result): Result {
  try {
    return use(localStorage);
  } catch {
    return otherwise;
  }
}

export const keepLeft = (id: string, left: Left): void =>
  withStore((store) => store.setItem(keyOf(id), JSON.stringify(left)), undefined);

export const forgetLeft = (id: string): void => withStore((store) => store.removeItem(keyOf(id)), undefined);

/** What was kept aside of an outing; null where nothing was, or what is there is damaged. */
export function leftBehind(id: string): Left | null {
  const text = withStore((store) => store.getItem(keyOf(id)), null);
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
  withStore(
    (store) =>
      Object.keys(store)
        .filter((key) => key.startsWith(keyOf('')))
        .flatMap((key) => store.getItem(key) ?? []),
    [],
  );
