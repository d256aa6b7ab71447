import { expect, test } from "./kitchen";
import { hoursOn } from "./kitchen-clock";
import { BenchPage } from "./bench-page";
import { card, done, startedBatch } from "./work-page";

test("two cooks lift the same batch at once: it is lifted once, at the first time", async ({
  page,
  context,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Two hands");
  await bench.start(hoursOn(0));
  const other = await context.newPage();
  await other.goto("/");
  const tap = (p: typeof page) => p.getByRole("button", { name: "Taken out: Two hands" }).click();
  await Promise.all([tap(page), tap(other)]);
  for (const p of [page, other]) await expect(p.getByRole("article", { name: "Two hands" })).toHaveCount(0);
  await page.getByRole("link", { name: "Two hands" }).first().click();
  await expect(page.getByText("Taken out", { exact: true })).toHaveCount(1);
});

test("what was done elsewhere while another page stood here is seen on the way back", async ({
  page,
  request,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Behind my back");
  await bench.start(hoursOn(-1));
  const crock = page.getByRole("article", { name: "Behind my back" });
  const link = await crock.getByRole("link").first().getAttribute("href");
  await page.getByRole("link", { name: "Record", exact: true }).click();
  const row = page.getByRole("row", { name: /Behind my back/ });
  await expect(page.getByRole("heading", { name: "Record", level: 1 })).toBeVisible();
  await expect(row).toHaveCount(0);
  const lift = `/api${link?.replace("/batch/", "/batches/")}/lift`;
  expect((await request.post(lift, { data: { atMs: Date.now() } })).ok()).toBe(true);
  // At once on both: what moves by the clock is read anew after half a minute only.
  await expect(row).toBeVisible({ timeout: 10_000 });
  await page.goBack();
  await expect(page.getByRole("heading", { name: "Shelf", level: 1 })).toBeVisible();
  await expect(crock).toHaveCount(0, { timeout: 10_000 });
});

test("a lost connection keeps what was entered, says so, and saves when it is back", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Through the wall");
  await bench.enter("Portions", "7");
  await page.route("**/api/**", (route) => route.abort());
  await page.getByRole("button", { name: "Save as a formula" }).click();
  await expect(
    page.getByRole("alert").filter({ hasText: "No answer from the kitchen's server" }),
  ).toBeVisible();
  await expect(page.getByLabel("Portions")).toHaveValue("7");
  await page.unroute("**/api/**");
  await page.getByRole("button", { name: "Save as a formula" }).click();
  await expect(page.getByText("version 1 · saved")).toBeVisible();
});

test("an answer lost on its way back: saved and started again, there is one of each", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Half heard");
  const loseOneAnswer = (path: string) =>
    page.route(
      path,
      async (route) => {
        await route.fetch();
        await route.abort();
      },
      { times: 1 },
    );
  await loseOneAnswer("**/api/formulas");
  await page.getByRole("button", { name: "Save as a formula" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "it may not be saved" })).toBeVisible();
  await page.getByRole("button", { name: "Save as a formula" }).click();
  await expect(page.getByText("version 1 · saved")).toBeVisible();

  await bench.enter("Portions", "5");
  await loseOneAnswer("**/api/formulas/*/versions");
  await page.getByRole("button", { name: "Save version 2" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "it may not be saved" })).toBeVisible();
  await page.getByRole("button", { name: "Save version 2" }).click();
  await expect(page.getByText("version 2 · saved")).toBeVisible();

  await loseOneAnswer("**/api/batches");
  await page.getByRole("button", { name: "Start this batch" }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByRole("button", { name: "Start this batch" }).click();
  await expect(dialog.getByRole("alert")).toContainText("it may not be saved");
  await dialog.getByRole("button", { name: "Start this batch" }).click();
  await expect(page.getByRole("article", { name: "Half heard" })).toHaveCount(1);

  const heads = (await (await page.request.get("/api/v1/formulas")).json()) as { name: string }[];
  expect(heads.filter((f) => f.name === "Half heard")).toHaveLength(1);
});

test("an old version opens as it was, and a save from it goes on top", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Versions");
  await page.getByRole("button", { name: "Save as a formula" }).click();
  await expect(page.getByText("version 1 · saved")).toBeVisible();
  await bench.enter("Salt wanted", "1.7");
  await page.getByRole("button", { name: "Save version 2" }).click();
  await expect(page.getByText("version 2 · saved")).toBeVisible();
  await page.goto("/stores");
  const formula = page
    .getByRole("listitem")
    .filter({ has: page.getByRole("link", { name: "Versions", exact: true }) })
    .first();
  await formula.getByRole("link", { name: "version 1" }).click();
  await expect(page.getByLabel("Salt wanted in the flesh")).toHaveValue("1.4");
  await expect(page.getByText("version 1 · saved")).toBeVisible();
});

test("lines scale with the liquid, the food or nothing, and can be taken out", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Water", "an amount I choose");
  await bench.enter("Water, ice included", "2 L");
  await bench.add("juniper berries");
  await bench.enter("juniper berries, amount", "4");
  await expect.poll(() => bench.grams("juniper")).toBeCloseTo(8, 1);
  await bench.more("juniper berries");
  // How it grows is changed, not how much goes in today.
  for (const [law, doubled] of [
    ["the food's weight", 16],
    ["nothing: fixed", 8],
    ["the pieces", 8],
  ] as const) {
    await bench.choose("Scales with", law);
    await expect.poll(() => bench.grams("juniper")).toBeCloseTo(8, 1);
    await bench.enter("Weight of all pieces", "2080 g");
    await expect.poll(() => bench.grams("juniper")).toBeCloseTo(doubled, 1);
    await bench.enter("Weight of all pieces", "1040 g");
  }
  await page.getByRole("button", { name: "Remove juniper berries" }).click();
  await expect(page.locator('[data-line="juniper"]')).toHaveCount(0);
});

test("what one cook ticks off is seen on the other’s page of the batch, without asking", async ({
  page,
  context,
}) => {
  const url = await startedBatch(page, "Seen elsewhere", "Dry");
  const other = await context.newPage();
  await other.goto(url.replace("/work/", "/batch/"));
  await expect(other.getByText("To go in", { exact: true })).toBeVisible();
  const act = (await card(page).getAttribute("data-act")) ?? "";
  const title = await card(page).getByRole("heading").first().innerText();
  await done(page, act);
  await expect(other.getByText(`Done: ${title}`)).toBeVisible();
});
