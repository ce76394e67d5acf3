import { useSyncExternalStore } from 'react';

/** One value that some parts of the page follow: only what shows it is drawn anew when it changes. */
export class Told<Value> {
  private readonly listeners = new Set<() => void>();

  constructor(private value: Value) {}

  readonly get = (): Value => this.value;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  set(value: Value): void {
    if (value === this.value) return;
    this.value = value;
    this.listeners.forEach((listener) => listener());
  }
}

export const useTold = <Value>({ subscribe, get }: Told<Value>): Value => useSyncExternalStore(subscribe, get);
