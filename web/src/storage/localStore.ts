/** The browser may deny this store, or have cut it off: then nothing is kept there, and nothing else fails for it. */
export function withLocalStore<Result>(look: (store: Storage) => Result, otherwise: Result): Result {
  try {
    return look(localStorage);
  } catch {
    return otherwise;
  }
}
