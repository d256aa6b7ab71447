import { gzipSync } from "node:zlib";
import type { APIRequestContext } from "@playwright/test";
import { expect, test } from "./kitchen";

/** Script a page asks for at first, kB compressed: what is heavy (charts, dialogs, panels) comes when it is opened. */
const MOST = 250;
const MOST_ON_THE_SHELF = 200;

/** Every page there is; of those that show one thing, the first link to such a one says where it is. */
const PAGES: { path: string; one?: RegExp; most?: number }[] = [
  { path: "/", most: MOST_ON_THE_SHELF },
  { path: "/bench" },
  { path: "/sitting" },
  { path: "/sitting", one: /\/sitting\/[\w-]{20,}/ },
  { path: "/work" },
  { path: "/record", one: /\/batch\/[\w-]+/ },
  { path: "/record" },
  { path: "/record/learned" },
  { path: "/record/taste" },
  { path: "/stores" },
  { path: "/stores", one: /\/stores\/formula\/[\w-]+/ },
  { path: "/stores/recipe" },
  { path: "/open" },
  { path: "/print/draft" },
];

test("no page of a kitchen at work asks for more script than it may", async ({ request, exampleKitchen }) => {
  const over: string[] = [];
  for (const { path, one, most = MOST } of PAGES) {
    const list = await textOf(request, exampleKitchen.url + path);
    const shown = one ? (one.exec(list)?.[0] ?? `no link like ${one} on ${path}`) : path;
    const bytes = await scriptOf(request, exampleKitchen.url, shown);
    if (bytes / 1000 > most) over.push(`${shown}: ${(bytes / 1000).toFixed(1)} kB, at most ${most}`);
  }
  expect(over).toEqual([]);
});

const textOf = async (request: APIRequestContext, url: string) => (await request.get(url)).text();

/** What the page names, and what is fetched beside it. */
async function scriptOf(request: APIRequestContext, kitchen: string, path: string): Promise<number> {
  const html = await textOf(request, kitchen + path);
  const scripts = [...html.matchAll(/<(?:script|link)[^>]*(?:src|href)="([^"]+\.js)"[^>]*>/g)]
    // Those for browsers of old are not fetched by any other.
    .filter(([tag]) => !/nomodule/i.test(tag))
    .map(([, src]) => src);
  expect(scripts.length).toBeGreaterThan(5);
  let bytes = 0;
  for (const src of new Set(scripts)) {
    if (!weighed.has(src)) weighed.set(src, gzipSync(await (await request.get(kitchen + src)).body()).length);
    bytes += weighed.get(src) ?? 0;
  }
  return bytes;
}

/** Bytes of a script, compressed. Most pages share most of them. */
const weighed = new Map<string, number>();
