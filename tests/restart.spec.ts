import { BenchPage } from "./bench-page";
import { alone as test, comes, expect } from "./kitchen";

test("a batch at work outlives its server: nothing acknowledged is forgotten, taps made meanwhile are kept, the probe goes on where it was", async ({
  page,
  exampleKitchen,
}) => {
  const { url, kill, start } = exampleKitchen;
  const card = page.locator("[data-act]");
  const tap = async () => {
    const now = (await card.getAttribute("data-act")) ?? "";
    await page.getByRole("button", { name: "Done", exact: true }).click();
    await expect(card).not.toHaveAttribute("data-act", now);
    return now;
  };
  await page.goto(url);
  const loin = page.getByRole("article", { name: "Juniper pork loin" });
  await loin.getByRole("button", { name: "Taken out: Juniper pork loin" }).click();
  await expect(loin).toHaveCount(0);
  await page
    .getByRole("link", { name: /Duck legs, dry brined/ })
    .first()
    .click();
  await page.locator('a.btn[href^="/work/"]').click();
  while ((await tap()) !== "stage_1");
  await page.getByText("Instruments and rehearsal").click();
  await page.getByRole("listitem").filter({ hasText: "Probe, simulated" }).getByRole("button").click();
  await page.getByRole("button", { name: "60 ×", exact: true }).click();
  await expect(page.locator("[data-core]")).toContainText("°C");
  const before = await page.getByText(/^Done \d/).innerText();

  await kill();
  await expect(page.getByText(/No line to the kitchen/)).toBeVisible();
  // What is in the oven owns the card: the look at its probe is asked for from the list.
  await page.getByRole("button", { name: /Duck legs, dry brined: Probe the thickest part/ }).click();
  await tap();
  await expect(page.getByText(/One entry is kept here/)).toBeVisible();

  await start();
  await expect(page.getByText(/kept here and sent/)).toHaveCount(0);
  await page.reload();
  const count = (text: string) => Number(/\d+/.exec(text)?.[0]);
  expect(count(await page.getByText(/^Done \d/).innerText())).toBe(count(before) + 1);
  const core = async () => Number.parseFloat(await page.locator("[data-core]").innerText());
  const warm = await core();
  await expect.poll(core).toBeGreaterThan(warm);
  await page.goto(url);
  await expect(loin).toHaveCount(0);
  await page.getByRole("link", { name: "Juniper pork loin" }).first().click();
  await comes(page.getByText(/^When it came out/));
});

test("a part of a page that cannot be fetched does not take the page with it, and comes when it can", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await page.route("**/_next/static/chunks/**", (route) => route.abort());
  await page.getByRole("button", { name: "Start this batch" }).first().click();
  await expect(page.getByText("This part of the page is not here yet")).toBeVisible();
  await bench.enter("Pieces", "6");
  await expect(page.getByLabel("Pieces", { exact: true })).toHaveValue("6");
  // It comes when it can be had.
  await page.unrouteAll();
  await comes(page.getByRole("dialog").getByRole("button", { name: "Start this batch" }));
});
