/**
 * Keeps a version of Retort whole on the device: pages, code, fonts and workers of one build, taken in on the
 * first visit and served from there, with the server or without. The next version waits until the cook takes
 * it; until then not one file of it is mixed in.
 */
/// <reference lib="webworker" />
import { Route, Serwist, type PrecacheEntry } from 'serwist';

declare const self: ServiceWorkerGlobalScope;
/** Put in by the build. */
declare const MANIFEST: readonly PrecacheEntry[];

/** One page stands for all of its kind: what it shows is read in the browser. */
const SHELLS: readonly (readonly [path: RegExp, shell: string])[] = [
  [/^\/bench\/[^/]+$/, '/bench/_'],
  [/^\/stove\/[^/]+$/, '/stove/_'],
  [/^\/log\/[^/]+$/, '/log/_'],
  [/^\/(?:bench|stove|desk|larder|larder\/labels|log|kitchen|take|join)?$/, ''],
];

const serwist = new Serwist({
  precacheEntries: [...MANIFEST],
  skipWaiting: false,
  clientsClaim: true,
});

function shellOf(path: string): string | null {
  const found = SHELLS.find(([of]) => of.test(path));
  return found ? found[1] || path : null;
}

serwist.registerRoute(
  new Route(
    ({ request, url, sameOrigin }) =>
      sameOrigin && request.mode === 'navigate' && shellOf(url.pathname) !== null,
    async ({ request, url }) =>
      (await serwist.matchPrecache(shellOf(url.pathname) ?? '/')) ?? fetch(request),
  ),
);

// A worker finds what it is to do behind the # of its own address, and a kept answer has none: one without an
// address takes that of the question.
self.addEventListener('fetch', (event) => {
  if (event.request.destination !== 'worker') return;
  event.respondWith(
    (async () => {
      const kept = await serwist.matchPrecache(event.request.url.split('#')[0] ?? '');
      if (!kept) return fetch(event.request);
      // Whole: a stream that a closed page no longer reads would keep this version busy, and the next one waiting.
      return new Response(await kept.blob(), { status: kept.status, headers: kept.headers });
    })(),
  );
});

self.addEventListener('message', (event) => {
  if (event.data === 'take it') event.waitUntil(self.skipWaiting());
});

// A touched notification brings its page to the front; “Heard” only closes it.
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  const { href = '/stove' } = (event.notification.data ?? {}) as { readonly href?: string };
  event.waitUntil(
    (async () => {
      const pages = await self.clients.matchAll({ type: 'window', includeUncontrolled: true });
      for (const page of pages) page.postMessage('heard');
      if (event.action === 'heard') return;
      const [page] = pages;
      await (page ? page.focus() : self.clients.openWindow(href));
    })(),
  );
});

serwist.addEventListeners();
