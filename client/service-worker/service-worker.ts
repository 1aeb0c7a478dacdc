import { clientsClaim } from 'workbox-core';
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { CacheFirst } from 'workbox-strategies';

declare const self: ServiceWorkerGlobalScope;

/** Every piece of the app, put in when it is built; what carries its own mark in its name has no revision. */
declare const PIECES: readonly { url: string; revision: string | null }[];

// A newer version waits until somebody says so: nobody's page changes under the hand.
self.addEventListener('message', (event) => {
  if ((event.data as { type?: unknown } | null)?.type === 'SKIP_WAITING') void self.skipWaiting();
});
clientsClaim();
precacheAndRoute([...PIECES]);
cleanupOutdatedCaches();

registerRoute(
  new NavigationRoute(createHandlerBoundToURL('/index.html'), {
    // A dot in what is asked after the path, as in `?step=axle-tight.rear`, makes no file of a page.
    denylist: [/^\/api\//, /^[^?]+\.[a-z0-9]+$/i],
  }),
);

// A photo never changes: what was looked at once is there without network.
registerRoute(
  /\/api\/bikes\/[^/]+\/photos\/[^/?]+(\?.*)?$/,
  new CacheFirst({
    cacheName: 'photos',
    plugins: [new ExpirationPlugin({ maxEntries: 400, purgeOnQuotaError: true })],
  }),
);
