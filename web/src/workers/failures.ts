import { useSyncExternalStore } from 'react';

let failure: string | null = null;
const listeners = new Set<() => void>();

/** Tells that a worker could not be started; null: one answers again. */
export function tellFailure(words: string | null): void {
  if (words === failure) return;
  failure = words;
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
export const useWorkerFailure = (): string | null => useSyncExternalStore(subscribe, () => failure);
