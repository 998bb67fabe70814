import { clientsClaim } from 'workbox-core';
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  type PrecacheEntry,
  precacheAndRoute,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

/** Every file the page is made of, put here when it is built. */
declare const PAGE_FILES: PrecacheEntry[];

declare const self: { skipWaiting(): Promise<void> };

// A newer page takes over at once: the one that shows an older one opens it anew.
void self.skipWaiting();
clientsClaim();

precacheAndRoute(PAGE_FILES);
cleanupOutdatedCaches();

// What is asked of the kitchen is never answered from a store: the page keeps what it saw itself, with its time.
registerRoute(
  new NavigationRoute(createHandlerBoundToURL('/index.html'), {
    denylist: [/^\/api\//, /^\/live/, /^\/healthz/, /^\/openapi/],
  }),
);
