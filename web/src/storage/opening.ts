import { Told, useTold } from '../told/Told';
import { database } from './database';
import { trouble } from './trouble';

/** How the browser's store stands. */
export type Opening =
  | { readonly kind: 'opening' }
  | { readonly kind: 'open' }
  /** It never opened, or not yet. */
  | { readonly kind: 'shut'; readonly because: string }
  /** It was open: a newer version of the program took it over in another window. */
  | { readonly kind: 'taken' };

/** After so long without an answer somebody who waits is told. */
const PATIENCE_MS = 4000;

const opening = new Told<Opening>({ kind: 'opening' });

/** Opens the store. Never throws: what came of it is told by useOpening. */
export function openStore(): void {
  opening.set({ kind: 'opening' });
  const late = setTimeout(
    () =>
      opening.set({
        kind: 'shut',
        because: 'the browser does not answer: another window of it may be busy with the store',
      }),
    PATIENCE_MS,
  );
  database.on('blocked', () =>
    opening.set({
      kind: 'shut',
      because: 'another window still has it open with an older version of the program: close that window, or reload it',
    }),
  );
  database.on('versionchange', () => {
    database.close();
    opening.set({ kind: 'taken' });
  });
  // What throws at once is no promise yet.
  void (async () => database.open())().then(
    () => {
      clearTimeout(late);
      opening.set({ kind: 'open' });
    },
    (error) => {
      clearTimeout(late);
      opening.set({ kind: 'shut', because: trouble(error) });
    },
  );
}

export const useOpening = (): Opening => useTold(opening);
