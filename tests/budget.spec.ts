import { gzipSync } from "node:zlib";
import { expect, test } from "./kitchen";

/** Script a page asks for before it comes alive, kB compressed: what is heavy (charts, dialogs) comes when it is opened. */
const BUDGETS: Record<string, number> = {
  "/bench": 430,
  "/": 340,
  "/sitting": 270,
  "/record": 390,
  "/stores": 295,
  "/work": 370,
};

for (const [path, most] of Object.entries(BUDGETS))
  test(`the script of ${path} stays within ${most} kB`, async ({ request }) => {
    const html = await (await request.get(path)).text();
    const scripts = [...html.matchAll(/<script[^>]*src="([^"]+\.js)"[^>]*>/g)]
      // Those for browsers of old are not fetched by any other.
      .filter(([tag]) => !/nomodule/i.test(tag))
      .map(([, src]) => src);
    expect(scripts.length).toBeGreaterThan(5);
    let bytes = 0;
    for (const src of new Set(scripts)) bytes += gzipSync(await (await request.get(src)).body()).length;
    expect(bytes / 1000).toBeLessThan(most);
  });
