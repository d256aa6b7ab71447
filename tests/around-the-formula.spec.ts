import { expect, test } from "./kitchen";
import { BenchPage } from "./bench-page";

test("a dish's whole salt: butter, glaze and bed counted; over the target the line to cut is named", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open("Dry");
  await bench.choose("Salt is given as", "percent of the meat");
  await bench.enter("Salt put on, of the meat", "1.2");
  await bench.press("butter");
  await bench.choose("Add to the butter", "butter, salted");
  await bench.enter("butter, salted, amount", "250");
  await page.getByText("where its").click();
  const source = page.locator('[data-source="butter:butter_salted"]');
  await expect(source).toContainText("butter, salted, butter");
  await expect(page.locator('[data-cut="butter:butter_salted"]')).toContainText("swap");
  await expect(page.getByText("The whole dish is saltier than wanted")).toBeVisible();
  await bench.press("Take the butter out");
  await expect(source).toHaveCount(0);

  // Salted once more at the stove: 0.3 % of 780 g of flesh, on the surface, eaten.
  await bench.enter("Salt once more", "0.3");
  await expect.poll(() => bench.ledgerEnd("surface")).toBeCloseTo(0.003 * 780, 1);
});

test("a glaze on too early is warned of; a bed goes in by its baking times", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.enter("Oven", "220");
  await bench.enter("Cooking time", "30");
  await bench.press("glaze");
  await bench.enter("On in the last", "20");
  await expect(page.getByText("The glaze goes on too early")).toBeVisible();
  await bench.enter("On in the last", "8");
  await expect(page.getByText("The glaze goes on too early")).toHaveCount(0);

  await bench.press("bed");
  await expect(page.locator('[data-bed="40"]')).toContainText("in 10 min before the food");
  await expect(page.locator('[data-bed="25"]')).toContainText("in 5 min after the food");
});

test("what lay on raw food must boil: as it is, the batch cannot start unacknowledged", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open("Marinade");
  await bench.press("sauce");
  await bench.choose("What lay on the raw food", "goes in as it is");
  await expect(page.getByText("Raw marinade reused")).toBeVisible();
  await bench.choose("What lay on the raw food", "goes in, boiled");
  await expect(page.getByText("Raw marinade reused")).toHaveCount(0);
  await expect(page.getByText("Boil what touched raw food")).toBeVisible();
});

test("more food: each line by its own law, side by side, then used", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Water", "an amount I choose");
  await bench.enter("Water, ice included", "1000");
  const salt = await bench.grams("sea_fine");
  await page.getByRole("button", { name: "More food" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog.locator('[data-scaled="Water, cold"]')).toContainText("2.00");
  await dialog.getByText("Larger pieces").click();
  await expect(dialog.getByRole("row", { name: /Ready from/ })).toBeVisible();
  await dialog.getByText("More pieces").click();
  await dialog.getByRole("button", { name: "Use this much" }).click();
  expect((await bench.grams("sea_fine")) / salt).toBeCloseTo(2, 1);
  await expect(page.getByLabel("Pieces", { exact: true })).toHaveValue("8");
  await expect(await bench.field("Portions")).toHaveValue("8");
});

test("buying: from eaters to the shop's scale and back", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Kind", "duck leg, skin on");
  await page.getByRole("button", { name: "Buy", exact: true }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByText("Hearty").click();
  await dialog.getByLabel("Eaters").fill("12");
  const text = await dialog.locator('[data-figure="buy"]').innerText();
  const raw = Number(/Buy, as bought\s+([\d\u202f]+) g/.exec(text)?.[1].replaceAll("\u202f", ""));
  await dialog.getByLabel("I have").fill(`${raw} g`);
  await expect(dialog.locator('[data-figure="feeds"]')).toContainText("12");
  await dialog.getByRole("button", { name: /on the Bench$/ }).click();
  await expect(page.getByLabel("Weight of all pieces")).toHaveValue(
    new RegExp(`^${String(raw).replace(/(\d)(?=(\d{3})$)/, "$1.")} g$`),
  );
});

test("before you start: a checklist for this food; uneven pieces are split", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Kind", "duck leg, skin on");
  await bench.choose("Frozen", "yes, thaws in the fridge");
  await bench.press("Pieces of another size");
  await bench.enter("Size 2, thickest", "15");
  await expect(page.getByText("Too unlike to share one time")).toBeVisible();
  await page.getByRole("button", { name: "Before you start" }).click();
  const dialog = page.getByRole("dialog");
  for (const id of ["check_label", "thaw", "check_dry"])
    await expect(dialog.locator(`[data-check="${id}"]`)).toBeVisible();
  await dialog.getByRole("checkbox").first().check();
  await expect(dialog.getByRole("region", { name: "Proposed split" })).toContainText("Two trays, two times");
});

test("frozen in the bath on the counter: the curve says when it warms, and how it is done safely", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Frozen", "yes, thaws in the bath");
  await bench.choose("Stands in", "the room");
  await bench.enter("Held at", "20");
  await expect(page.getByText("Frozen food in a bath that warms")).toBeVisible();
  await page.getByRole("button", { name: "Thaw and cooler" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog.locator('[data-figure="bath-curve"]')).toContainText("above 4 °C from");
  await expect(dialog.getByRole("alert")).toContainText("Not this way");
  await expect(dialog.locator('[data-thaw="water"]')).toContainText("cooked at once");
  await dialog.getByLabel("It stands at").fill("2");
  await expect(dialog.locator('[data-figure="bath-curve"]')).toContainText("stays at or under 4 °C");
});

test("a cooler for the night: how much ice, and when to top it up", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Vessel", "a cooler");
  await bench.choose("Stands in", "a cooler with ice");
  await page.getByRole("button", { name: "Thaw and cooler" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog.locator('[data-figure="cooler"]')).toContainText("in sealed bags");
  await expect(dialog.getByText("after 4 h 48:")).toBeVisible();
});
