import { Told, useTold } from '../told/Told';

const waiting = new Told<ServiceWorker | null>(null);

/** Takes the version that waits, and reloads once it is in charge. */
function take(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload());
  waiting.get()?.postMessage({ type: 'SKIP_WAITING' });
}

function found(worker: ServiceWorker | null): void {
  // Without a controller it is the first visit: nothing newer than this page.
  if (!worker || !navigator.serviceWorker.controller) return;
  waiting.set(worker);
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

/** How to take a newer version; null while there is none. */
export const useNewVersion = (): (() => void) | null => (useTold(waiting) ? take : null);
