import { useSyncExternalStore } from 'react';
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

let state: Opening = { kind: 'opening' };
const listeners = new Set<() => void>();
function become(next: Opening): void {
  state = next;
  for (const listener of listeners) listener();
}

/** Opens the store. Never throws: what came of it is told by useOpening. */
export function openStore(): void {
  become({ kind: 'opening' });
  const late = setTimeout(
    () =>
      become({ kind: 'shut', because: 'the browser does not answer: another window of it may be busy with the store' }),
    PATIENCE_MS,
  );
  database.on('blocked', () =>
    become({
      kind: 'shut',
      because: 'another window still has it open with an older version of the program: close that window, or reload it',
    }),
  );
  database.on('versionchange', () => {
    database.close();
    become({ kind: 'taken' });
  });
  // What throws at once is no promise yet.
  void (async () => database.open())().then(
    () => {
      clearTimeout(late);
      become({ kind: 'open' });
    },
    (error) => {
      clearTimeout(late);
      become({ kind: 'shut', because: trouble(error) });
    },
  );
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
export const useOpening = (): Opening => useSyncExternalStore(subscribe, () => state);
