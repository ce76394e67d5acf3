import { useSyncExternalStore } from 'react';

/** Pictures looked at in a running search: told many times a second, so that only what shows it is drawn anew. */
export class TriedSoFar {
  private value = 0;
  private readonly listeners = new Set<() => void>();

  readonly get = (): number => this.value;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  set(value: number): void {
    if (value === this.value) return;
    this.value = value;
    this.listeners.forEach((listener) => listener());
  }
}

export const useTried = ({ subscribe, get }: TriedSoFar): number => useSyncExternalStore(subscribe, get);
