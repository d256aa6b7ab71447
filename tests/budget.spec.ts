import { gzipSync } from "node:zlib";
import { expect, test } from "./kitchen";

/** Script a page asks for at first, kB compressed: what is heavy (charts, dialogs, panels) comes when it is opened. */
const BUDGETS: Record<string, number> = {
  "/": 185,
  "/bench": 315,
  "/sitting": 180,
  "/record": 195,
  "/stores": 235,
  "/stores/recipe": 225,
  "/work": 268,
};

for (const [path, most] of Object.entries(BUDGETS))
  test(`the script of ${path} stays within ${most} kB`, async ({ request }) => {
    const html = await (await request.get(path)).text();
    const scripts = [...html.matchAll(/<(?:script|link)[^>]*(?:src|href)="([^"]+\.js)"[^>]*>/g)]
      // Those for browsers of old are not fetched by any other.
      .filter(([tag]) => !/nomodule/i.test(tag))
      .map(([, src]) => src);
    expect(scripts.length).toBeGreaterThan(5);
    let bytes = 0;
    for (const src of new Set(scripts)) bytes += gzipSync(await (await request.get(src)).body()).length;
    expect(bytes / 1000).toBeLessThan(most);
  });
