import { expect, test } from "./kitchen";
import { BenchPage } from "./bench-page";

const FOOD_KG = 3.4;

test("marinade: equal parts by volume, salt by the water, a bag, part set aside; saved and started", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Lemon lamb for Saturday");
  await bench.choose("Kind", "lamb shoulder, boned and butterflied");
  await bench.enter("Pieces", "2");
  await bench.enter("Weight of all pieces", "3400 g");
  await bench.school("Marinade");
  await bench.choose("Salt", "pickling salt");
  await bench.enter("Liquid, to a kilogram", "200");

  // By hand: 200 mL a kilogram in equal parts: 340 mL of juice at 1.03 g/mL, 340 mL of oil at 0.913.
  await expect.poll(() => bench.grams("lemon_juice")).toBeCloseTo(340 * 1.03, 0);
  expect(Math.abs((await bench.grams("olive_oil")) - 340 * 0.913)).toBeLessThan(2);
  await expect.poll(() => bench.grams("garlic_clove")).toBeCloseTo(6 * FOOD_KG, 0);

  // Lemon alone stands at pH 2.3; oil does not change it.
  await expect.poll(() => bench.figureNumber("sour")).toBeCloseTo(2.3, 1);
  await expect(page.getByRole("heading", { name: /^In the marinade at/ })).toBeVisible();
  await expect(page.getByText(/acid .* mm deep \(hatched\)/)).toBeVisible();

  // One part more of juice, by the line.
  await bench.enter("lemon juice, parts", "3");
  await expect.poll(() => bench.grams("lemon_juice")).toBeCloseTo(680 * 0.75 * 1.03, 0);

  const bath = await bench.grams("pickling");
  await bench.toggle("Set some aside first");
  await bench.enter("Set aside, of all made", "20");
  // The food's share stays; a fifth more is made, its salt too.
  expect(Math.abs((await bench.grams("lemon_juice")) - (680 * 0.75 * 1.03) / 0.8)).toBeLessThan(5);
  expect((await bench.grams("pickling")) / bath).toBeCloseTo(1.25, 1);
  await expect(page.getByText(/aside for the sauce before raw food comes near/)).toBeVisible();

  await bench.choose("Vessel", "a bag");
  await bench.enter("Flat, long", "500");
  await bench.enter("Flat, wide", "400");
  await expect(page.getByText("bag, air pressed out, flat on a tray")).toBeVisible();

  await bench.save();
  await bench.start();
  const card = page.getByRole("article", { name: "Lemon lamb for Saturday" });
  await expect(card).toContainText("marinade · 2 pieces · 3.4 kg");
});

test("salt first, then the coat: the dose is a share of the flesh", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open("Marinade");
  await bench.choose("Salt", "pickling salt");
  await bench.pick("Where the salt goes", "Salt first");
  await bench.enter("Salt wanted", "1.2");
  // 1040 g of bone-in chops, 75 % edible, 0.14 % salt of their own: 1.2 % of the finished flesh, its own counted.
  await expect
    .poll(() => bench.grams("pickling"))
    .toBeCloseTo((((0.012 - 0.0014) / (1 - 0.012)) * (0.75 * 1040)) / 0.997, 1);
  await expect(page.locator('[data-line="pickling"]').last()).toContainText("on the food, before the rest");
});

test("salt that hides in soy leaves the salt line; too much of it is said, with what to cut", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open("Marinade");
  const before = await bench.grams("sea_fine");
  await bench.add("soy sauce, all-purpose");
  await bench.enter("soy sauce, all-purpose, amount", "10");
  await expect.poll(() => bench.grams("sea_fine")).toBeLessThan(before - 1);
  await bench.enter("soy sauce, all-purpose, amount", "15 tbsp");
  await expect(page.locator('[data-line="sea_fine"]')).toHaveCount(0);
  await expect(page.getByText("The mixture is salty enough without salt")).toBeVisible();
});

test("no time: what a quarter of an hour does and does not do; fish past its acid is warned of", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Kind", "mackerel fillet, skin on");
  await bench.school("Marinade");
  await page.getByRole("slider").focus();
  await page.keyboard.press("Home");
  await expect(page.getByRole("note", { name: "No time" })).toContainText(
    "nearly all of it in the outer millimetres",
  );
  await page.getByRole("button", { name: "No time" }).click();
  await expect(page.getByRole("note", { name: "No time" })).toContainText("Straight into the oven");
  await page.getByRole("slider").focus();
  await page.keyboard.press("End");
  await expect(page.getByText("Too much acid for fish")).toBeVisible();
  await page.locator('[data-figure="centre"]').getByRole("button").click();
  await expect(page.getByRole("dialog")).toContainText("acid turns flesh of this kind chalky");
});
