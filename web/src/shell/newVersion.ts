import { useSyncExternalStore } from 'react';

let waiting: ServiceWorker | null = null;
const listeners = new Set<() => void>();

/** Takes the version that waits, and reloads once it is in charge. */
function take(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload());
  waiting?.postMessage({ type: 'SKIP_WAITING' });
}

function found(worker: ServiceWorker | null): void {
  // Without a controller it is the first visit: nothing newer than this page.
  if (!worker || !navigator.serviceWorker.controller) return;
  waiting = worker;
  for (const listener of listeners) listener();
}

/** Keeps the program for when there is no network, and notices a newer one; the open page keeps its own files meanwhile. */
export async function keepForOffline(): Promise<void> {
  // Missing on plain addresses and in some private windows: then it works with the network alone.
  if (!('serviceWorker' in navigator)) return;
  const registration = await navigator.serviceWorker.register('/sw.js');
  found(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const { installing } = registration;
    installing?.addEventListener('statechange', () => {
      if (installing.state === 'installed') found(installing);
    });
  });
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** How to take a newer version; null while there is none. */
export const useNewVersion = (): (() => void) | null => useSyncExternalStore(subscribe, () => (waiting ? take : null));
