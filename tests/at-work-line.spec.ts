import type { Request } from "@playwright/test";
import { expect, test } from "./kitchen";
import { card, done, startedBatch } from "./work-page";

/** So long a line is not back before that is said, and a little. */
const NOTICE_MS = 2500;

test("a line lost for a while: taps are kept here, said to be, and sent when it is back", async ({
  page,
  context,
}) => {
  await startedBatch(page, "Offline chops", "Dry");
  const first = (await card(page).getAttribute("data-act")) ?? "";
  // The line is lost with a finger on the button: what says so waits, and pushes nothing from under it.
  const { x = 0, y = 0 } =
    (await page.getByRole("button", { name: "Done", exact: true }).boundingBox()) ?? {};
  await page.mouse.move(x + 20, y + 20);
  await page.mouse.down();
  await context.setOffline(true);
  await page.waitForTimeout(NOTICE_MS);
  await expect(page.getByText(/No line to the kitchen/)).toHaveCount(0);
  await page.mouse.up();
  await expect(card(page)).not.toHaveAttribute("data-act", first);
  await expect(page.getByText(/kept here and sent/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText(/kept here and sent/)).toHaveCount(0);
  await page.reload();
  await expect(card(page)).not.toHaveAttribute("data-act", first);
});

test("two tabs without a line: each shows what was tapped in the other, and all of it is sent once the line is back", async ({
  page,
  context,
}) => {
  const url = await startedBatch(page, "Two tabs of chops", "Dry");
  const tab = await context.newPage();
  await tab.goto(url);
  await expect(card(tab)).toBeVisible();
  const order: string[] = [];
  const note = (request: Request) => {
    const act = /\/acts\/(\w+)$/.exec(request.url())?.[1];
    if (act && request.method() === "PUT") order.push(act);
  };
  await context.setOffline(true);
  const acts: string[] = [];
  for (const where of [page, tab, page]) {
    await expect(card(where)).not.toHaveAttribute("data-act", acts.at(-1) ?? "");
    const act = (await card(where).getAttribute("data-act")) ?? "";
    acts.push(act);
    await done(where, act);
    for (const each of [page, tab])
      await expect(
        each.getByText(acts.length === 1 ? /One entry is kept/ : `${acts.length} entries are kept`),
      ).toBeVisible();
  }
  for (const each of [page, tab]) each.on("requestfinished", note);
  await context.setOffline(false);
  for (const each of [page, tab]) await expect(each.getByText(/kept here and sent/)).toHaveCount(0);
  expect(order).toEqual(acts);
  const { work: kept } = (await (
    await page.request.get(url.replace("/work/", "/api/batches/") + "/work")
  ).json()) as { work: { done: Record<string, number> } };
  expect(Object.keys(kept.done).sort()).toEqual([...acts].sort());
  await tab.close();
});

test("a tap that was taken stays taken, though an older word of the stream's comes after it", async ({
  page,
}) => {
  let version: string | undefined;
  let told = 0;
  // Every word on the line says, as the newest there is, that nothing was done.
  await page.route("**/api/live", async (route) => {
    const id = /\/work\/([\w-]+)/.exec(page.url())?.[1] ?? "";
    if (!id) return route.fulfill({ contentType: "text/event-stream", body: "retry: 200\n\n" });
    const answer = await page.request.get(`/api/batches/${id}/work`);
    version ??= ((await answer.json()) as { version: string }).version;
    const [process, n] = version.split(".");
    const to = `${process}.${Number(n) + 1}`;
    const word = { kind: "work", batchId: id, from: version, to, delta: { set: { done: {} } } };
    version = to;
    await route.fulfill({
      contentType: "text/event-stream",
      body: `retry: 200\ndata: ${JSON.stringify(word)}\n\n`,
    });
    told++;
  });
  await startedBatch(page, "Late stream chops", "Dry");
  await expect.poll(() => told).toBeGreaterThan(0);
  const first = (await card(page).getAttribute("data-act")) ?? "";
  const taken = page.waitForResponse((response) => response.url().includes("/acts/"));
  await page.getByRole("button", { name: "Done", exact: true }).click();
  await (await taken).finished();
  const before = told;
  await expect.poll(() => told).toBeGreaterThan(before + 2);
  await expect(page.getByText(/^Done 1/)).toBeVisible();
  await expect(card(page)).not.toHaveAttribute("data-act", first);
  // A line on its way just then is no fault of the next test's.
  await page.unrouteAll({ behavior: "ignoreErrors" });
});

test("a device whose clock is seven minutes ahead: it says so, an act has the kitchen’s hour, and the record tells of it", async ({
  page,
  browser,
}) => {
  const url = await startedBatch(page, "Chops ahead", "Dry");
  const device = await (await browser.newContext({ reducedMotion: "reduce" })).newPage();
  await device.addInitScript((aheadMs) => {
    const now = Date.now.bind(Date);
    Date.now = () => now() + aheadMs;
  }, 7 * 60_000);
  await device.goto(url);
  await expect(device.getByText("This device’s clock is 7 min ahead of the kitchen’s")).toBeVisible();
  const act = (await card(device).getAttribute("data-act")) ?? "";
  const from = Date.now();
  await done(device, act);
  const kept = async () => {
    const answer = await page.request.get(url.replace("/work/", "/api/batches/") + "/work");
    const { work } = (await answer.json()) as { work: { done: Record<string, number> } };
    return Math.abs((work.done[act] ?? Number.NaN) - from);
  };
  await expect.poll(kept).toBeLessThan(30_000);
  await page.goto(url.replace("/work/", "/batch/"));
  const told = page.getByText("Tapped on a device whose clock was 7 min ahead");
  await expect(told).toHaveCount(1);
  // It is to go in when it is weighed and salted: until then nobody says that it went in.
  const hours = page.getByRole("listitem");
  await expect(hours.filter({ hasText: /^To go in/ })).toBeVisible();
  await expect(hours.filter({ hasText: /^Went in/ })).toBeHidden();
  await device.context().close();
});
