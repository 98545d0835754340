import { clientsClaim, type WorkboxPlugin } from 'workbox-core';
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';
import { onlyForTheSignedIn, stampWhenKept, unwellIsAway } from './keptAnswers.js';
import { answersCache, isKept, picturesCache } from './whatIsKept.js';

/** What of a worker's scope is used here; the DOM that the pages know is not there. */
declare const self: {
  readonly __WB_MANIFEST: { url: string; revision: string | null }[];
  skipWaiting: () => Promise<void>;
  addEventListener: (type: 'message', listen: (event: { data: unknown }) => void) => void;
};

/** After this long the server counts as away, s. Pages give up after ten. */
const awayAfter = 6;
const mostAnswers = 400;
const mostPictures = 300;

/** The oldest go first; all of them where the browser has no room left. */
function atMost(maxEntries: number): WorkboxPlugin {
  // Its types leave open what it does not do as undefined, which ours forbid.
  return new ExpirationPlugin({ maxEntries, purgeOnQuotaError: true }) as WorkboxPlugin;
}

precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();
clientsClaim();

// Whatever page is asked for, it is the one page that then fetches what it needs.
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }));

registerRoute(
  ({ url, request, sameOrigin }) => sameOrigin && request.method === 'GET' && isKept(url.pathname),
  new NetworkFirst({
    cacheName: answersCache,
    networkTimeoutSeconds: awayAfter,
    plugins: [unwellIsAway, onlyForTheSignedIn, stampWhenKept, atMost(mostAnswers)],
  }),
);

// A picture never changes under its name.
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/api/photos/'),
  new CacheFirst({
    cacheName: picturesCache,
    plugins: [atMost(mostPictures)],
  }),
);

// A newer version waits until somebody takes it, so that a page never finds half of another version.
self.addEventListener('message', ({ data }) => {
  if (data === 'take the newer one') void self.skipWaiting();
});
