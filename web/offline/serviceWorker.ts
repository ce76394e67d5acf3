import { clientsClaim } from 'workbox-core';
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  precacheAndRoute,
  type PrecacheEntry,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

declare const self: ServiceWorkerGlobalScope;
/** The page's files, put in by the build (keptOffline.ts). */
declare const KEPT_FILES: PrecacheEntry[];

// An open page keeps the files it began with until its reader says so (src/shell/newVersion.ts).
self.addEventListener('message', ({ data }) => {
  if ((data as { type?: string } | null)?.type === 'SKIP_WAITING') void self.skipWaiting();
});
// From the first visit on the page has its files from what was kept, also when the server has newer ones.
clientsClaim();
cleanupOutdatedCaches();
precacheAndRoute(KEPT_FILES);
registerRoute(new NavigationRoute(createHandlerBoundToURL('index.html'), { denylist: [/^\/api\//] }));
