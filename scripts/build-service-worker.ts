/** Writes public/sw.js for the build that is there: what the browser keeps so that the kitchen opens without a line. */
import { generateSW } from "workbox-build";

async function main(): Promise<void> {
  const { count, size, warnings } = await generateSW({
    globDirectory: ".",
    globPatterns: [".next/static/**/*.{js,css,woff2}", "public/offline.html", "public/icons/*.png"],
    // A worker reads its orders from the fragment of its own address; see below.
    globIgnores: ["**/turbopack-worker-*.js"],
    modifyURLPrefix: { ".next/": "/_next/", "public/": "/" },
    // Names of the build's own files change with what is in them.
    dontCacheBustURLsMatching: /^\/?_next\/static\//,
    maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
    swDest: "public/sw.js",
    inlineWorkboxRuntime: true,
    sourcemap: false,
    skipWaiting: true,
    clientsClaim: true,
    cleanupOutdatedCaches: true,
    runtimeCaching: [
      {
        // An answer out of the store would take the fragment away: the words are put into a new answer, which keeps it.
        urlPattern: /\/_next\/static\/chunks\/turbopack-worker-[^/]+\.js/,
        handler: async ({ request }) => {
          const store = await caches.open("workers");
          const found = await fetch(request).catch(() => store.match(request, { ignoreSearch: true }));
          if (!found) return Response.error();
          const text = await found.text();
          const headers = { "content-type": "text/javascript" };
          await store.put(request, new Response(text, { headers }));
          return new Response(text, { headers });
        },
      },
      {
        // Pages, and what the router asks for in their place: the server's word first, what was last known else.
        urlPattern: ({ request, url, sameOrigin }) =>
          sameOrigin &&
          !url.pathname.startsWith("/api/") &&
          !url.pathname.startsWith("/enter") &&
          request.mode === "navigate",
        handler: "NetworkFirst",
        options: {
          cacheName: "pages",
          networkTimeoutSeconds: 6,
          matchOptions: { ignoreVary: true },
          precacheFallback: { fallbackURL: "/offline.html" },
          expiration: { maxEntries: 80 },
        },
      },
    ],
  });
  for (const warning of warnings) console.warn(warning);
  console.log(`sw.js keeps ${count} files, ${(size / 1024 / 1024).toFixed(1)} MB.`);
}

void main();
