import { expect, test } from "./kitchen";
import { BenchPage } from "./bench-page";

test("timed brine by the cup: the salt's own cup decides, the batch runs, the sheet prints", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Quick chops, strong");
  await bench.school("Timed");
  await bench.choose("Strength given as", "cups of this salt");
  await bench.enter("Cups of salt", "1 cup");
  await bench.choose("to each", "US gallon");

  // Common practice, no source: a cup to the gallon is about 7.1 % with fine table salt, 3.4 % with light flake.
  await bench.choose("Salt", "fine table salt");
  await expect.poll(() => bench.figureNumber("strength")).toBeGreaterThan(6.8);
  await expect.poll(() => bench.figureNumber("strength")).toBeLessThan(7.4);
  await bench.choose("Salt", "flake kosher (light, hollow crystals)");
  await expect.poll(() => bench.figureNumber("strength")).toBeGreaterThan(3.2);
  await expect.poll(() => bench.figureNumber("strength")).toBeLessThan(3.6);
  await expect(page.getByText("Caution: Salt measured by the spoon")).toBeVisible();

  await bench.choose("Strength given as", "% by weight");
  await bench.enter("Brine strength", "6 %");
  await bench.choose("Water", "an amount I choose");
  await bench.enter("Water, ice included", "2000");
  // 6 % of the brine: 2000 × 6/94 = 127.7 g of pure salt; light flake is 99.5 % pure.
  await expect.poll(() => bench.grams("kosher_flake_light")).toBe(Math.round(127.66 / 0.995));

  await bench.start();
  await expect(page.getByRole("article", { name: "Quick chops, strong" })).toContainText("timed brine");
  await page.getByRole("article", { name: "Quick chops, strong" }).getByRole("link").first().click();
  await page.getByRole("link", { name: "Print sheet and label" }).click();
  await expect(page.getByRole("article", { name: "Weigh-out sheet" })).toContainText("6.00 % by weight");
});

test("stronger is sooner: the hours follow; with the hours held the salt in the flesh rises", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open("Timed");
  await bench.enter("Brine strength", "4");
  const hours = async () => Number(await page.getByRole("slider").getAttribute("aria-valuenow"));
  const weak = await hours();
  await bench.enter("Brine strength", "8");
  await expect.poll(hours).toBeLessThan(weak * 0.7);
  // It ends as wanted either way; what is wanted was not touched.
  await expect(page.locator("[data-verdict]")).toHaveText("as wanted");
  await expect.poll(() => bench.figureNumber("mean")).toBeCloseTo(1.4, 1);
  await expect(page.getByLabel("Salt wanted in the flesh")).toHaveValue("1.4");
  // Hours of the cook's own: now the salt follows.
  const salt = Number(await page.getByLabel("Salt wanted in the flesh").inputValue());
  await bench.enter("Hours in it", "12 h");
  expect(Number(await page.getByLabel("Salt wanted in the flesh").inputValue())).toBeGreaterThan(salt);
});
