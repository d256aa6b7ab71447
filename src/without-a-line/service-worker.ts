import { clientsClaim } from "workbox-core";
import type { WorkboxPlugin } from "workbox-core/types";
import { ExpirationPlugin } from "workbox-expiration";
import { cleanupOutdatedCaches, PrecacheFallbackPlugin, precacheAndRoute } from "workbox-precaching";
import { registerRoute } from "workbox-routing";
import { NetworkFirst } from "workbox-strategies";

/** What the build wrote, for the browser to keep; put in where this is bundled. */
declare const KEPT_FILES: { url: string; revision: string | null }[];
/** Typed as a page's is; here it is that of the worker between pages and the server. */
declare const self: typeof globalThis & { skipWaiting: () => Promise<void> };

const SCRIPT_OF_WORKERS = /\/_next\/static\/chunks\/turbopack-worker-[^/]+\.js/;
const PAGES_KEPT = 80;
const PATIENCE_S = 6;

void self.skipWaiting();
clientsClaim();
precacheAndRoute(KEPT_FILES);
cleanupOutdatedCaches();

// A worker reads its orders from the fragment of its own address, and an answer out of the store would take that away:
// the words are put into a new answer, which keeps it.
registerRoute(SCRIPT_OF_WORKERS, async ({ request }) => {
  const store = await caches.open("workers");
  const found = await fetch(request).catch(() => store.match(request, { ignoreSearch: true }));
  if (!found) return Response.error();
  const text = await found.text();
  const headers = { "content-type": "text/javascript" };
  await store.put(request, new Response(text, { headers }));
  return new Response(text, { headers });
});

// Pages: the server's word first, what was last known else.
registerRoute(
  ({ request, url, sameOrigin }) =>
    sameOrigin &&
    !url.pathname.startsWith("/api/") &&
    !url.pathname.startsWith("/enter") &&
    request.mode === "navigate",
  new NetworkFirst({
    cacheName: "pages",
    networkTimeoutSeconds: PATIENCE_S,
    matchOptions: { ignoreVary: true },
    // They name what they leave out, which the type of a plugin does not allow for.
    plugins: [
      new ExpirationPlugin({ maxEntries: PAGES_KEPT }),
      new PrecacheFallbackPlugin({ fallbackURL: "/offline.html" }),
    ] as WorkboxPlugin[],
  }),
);
