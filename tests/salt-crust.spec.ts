import { expect, test } from "./kitchen";
import { BenchPage } from "./bench-page";
import { hoursOn } from "./kitchen-clock";

test("salt crust with egg white: salt from the geometry, whites by the cup, the rule beside it; saved and started", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Mullet in its crust");
  await bench.choose("Kind", "grey mullet, whole round");
  await bench.enter("Pieces", "1");
  await bench.enter("Weight of all pieces", "1.1 kg");
  await bench.enter("Thickness", "55");
  await bench.school("Crust");
  await bench.choose("Salt", "coarse sea salt");
  await bench.toggle("Food measured all ways");
  await bench.enter("Food, long", "320");
  await bench.enter("Food, wide", "110");
  await bench.enter("Food, high", "55");
  await bench.enter("Salt over it", "12");
  await bench.enter("Salt under it", "12");

  // By hand: half-ellipsoids grown by 12 mm less the fish make 893 mL; coarse salt packed at 1.25 g/mL is 1116 g.
  expect(Math.abs((await bench.grams("sea_coarse")) - 1116)).toBeLessThan(6);
  await expect.poll(() => bench.figureNumber("crust")).toBeCloseTo(1116 / 1100, 1);
  await expect(page.getByRole("list", { name: "How it comes together" })).toContainText(
    "The 1.6 to 1 rule would take 1\u202f760 g.",
  );
  // Water first: six per cent, then by ones; a squeezed handful decides.
  await expect(page.getByText(/67 g \+ 11\.2 g/)).toBeVisible();

  await bench.pick("Bound with", "Egg white");
  // 1116 g at 1.12 g/mL is 4.2 US cups: eight whites of 33 g.
  expect(Math.abs((await bench.grams("egg_white")) - 8 * 33)).toBeLessThan(2);
  await expect(page.locator('[data-fact="allergens"]')).toContainText("eggs");
  await expect(page.getByText("Raw egg white")).toBeVisible();
  await bench.pick("Bound with", "Sparing");
  await expect.poll(() => bench.grams("egg_white")).toBeCloseTo(66, 0);

  const all = await bench.grams("sea_coarse");
  await bench.choose("Head and tail", "left out");
  await expect.poll(() => bench.grams("sea_coarse")).toBeLessThan(all * 0.85);
  await bench.choose("Head and tail", "covered");

  const onScales = await bench.figureNumber("mean");
  await bench.choose("Scales", "scaled");
  await expect.poll(() => bench.figureNumber("mean")).toBeGreaterThan(onScales);
  await bench.choose("Scales", "left on");
  await expect(page.getByText("12 mm over").first()).toBeVisible();

  await bench.enter("Salt over it", "5");
  await expect(page.getByText("Thin enough to crack")).toBeVisible();
  await bench.enter("Salt over it", "12");
  await page.getByRole("button", { name: "Bake as reckoned" }).click();
  await bench.save();
  await bench.start(hoursOn(0));
  const card = page.getByRole("article", { name: "Mullet in its crust" });
  await expect(card).toContainText("salt crust · 1.1 kg");
  await expect(card).toContainText("out of the oven");
});

test("a root in damp salt: estimated size, brown butter counted, too fine a salt warned of", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Kind", "celeriac, whole");
  await bench.enter("Pieces", "2");
  await bench.enter("Weight of all pieces", "1.6 kg");
  await bench.enter("Thickness", "110");
  await bench.school("Crust");
  await bench.choose("Salt", "fine table salt");
  await expect(page.getByText("This salt makes a poor crust")).toBeVisible();
  await bench.choose("Salt", "dense kosher (rolled crystals)");
  await expect(page.getByText("This salt makes a poor crust")).toHaveCount(0);
  await expect(page.getByText("estimated", { exact: true })).toBeVisible();
  // Water is a share of the salt's weight: it follows the salt.
  expect((await bench.grams("water")) / (await bench.grams("kosher_dense"))).toBeCloseTo(0.08, 2);

  await bench.press("butter");
  await bench.choose("Add to the butter", "butter, salted");
  await bench.enter("butter, salted, amount", "40");
  await expect.poll(() => bench.ledgerEnd("companions")).toBeGreaterThan(0.5);
  await expect(page.locator('[data-end="crust"]')).toContainText("not eaten");
});

test("short cure: more salt than is wanted, most of it comes off; it keeps nothing", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Mackerel cure");
  await bench.choose("Kind", "mackerel fillet, skin on");
  await bench.enter("Pieces", "12");
  await bench.enter("Weight of all pieces", "1320 g");
  await bench.school("Short cure");
  await bench.choose("Salt", "pickling salt");
  await bench.enter("Salt put on, of edible weight", "6");
  await bench.group("Food");
  const edible = Number(
    (await page.getByText("Meat without bone").locator("..").innerText()).replace(/[^\d]/g, ""),
  );
  await expect.poll(() => bench.grams("pickling")).toBeCloseTo((0.06 * edible) / 0.997, 0);
  await expect.poll(() => bench.grams("sugar_brown_light")).toBeCloseTo(0.5 * 0.06 * edible, 0);
  await expect(page.getByText(/sugar\s*[\d.]+ mm deep/)).toBeVisible();
  await expect.poll(() => bench.ledgerEnd("takenOff")).toBeGreaterThan(await bench.ledgerEnd("flesh"));
  await expect(page.getByText("This cure does not keep food")).toBeVisible();
  await bench.save();
  await bench.start();
  await expect(page.getByRole("article", { name: "Mackerel cure" })).toContainText("short cure");
});

test("a crust by what the cook has: the salt field begins at the sheet's own figure, and what is given is weighed", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Kind", "celeriac, whole");
  await bench.school("Crust");
  await bench.pick("How much salt", "As I have it");
  const salt = page.getByLabel("Salt for the crust", { exact: true });
  const shown = Number((await salt.inputValue()).replace(/\D/g, ""));
  const id = await page.locator("[data-line]").first().getAttribute("data-line");
  expect(await bench.grams(id ?? "")).toBe(shown);
  await bench.enter("Salt for the crust", "1500");
  await bench.pick("Bound with", "As I have it");
  await bench.enter("Egg whites", "4");
  await expect.poll(() => bench.grams(id ?? "")).toBe(1500);
  await expect.poll(() => bench.grams("egg_white")).toBe(132);
  await bench.enter("Salt for the crust", "1501");
  await expect.poll(() => bench.grams(id ?? "")).toBeLessThan(1510);
  // By the cup: the nearest quarter of one to what is weighed now; then what the cook has, to the gram of this salt.
  await bench.choose("Salt is given in", "cups");
  const level = page.getByLabel("Salt for the crust, level", { exact: true });
  const cups = Number(await level.inputValue());
  expect(cups * 4).toBe(Math.round(cups * 4));
  const ofACup = async () => (await bench.grams(id ?? "")) / Number(await level.inputValue());
  const oneG = await ofACup();
  expect(Math.abs(cups * oneG - 1501)).toBeLessThan(oneG / 8 + 5);
  await bench.enter("Salt for the crust, level", "6");
  await expect.poll(() => bench.grams(id ?? "")).toBeGreaterThan(6 * oneG - 10);
  expect(await ofACup()).toBeCloseTo(oneG, -1);
  const steps = page.getByRole("list", { name: "How it comes together" });
  await expect(steps).toContainText("as you have it");
  await bench.pick("How much salt", "By the rule");
  await expect(steps).toContainText("by the 1.6 to 1 rule. 12 mm over would take");
  await bench.pick("How much salt", "By thickness");
  await expect(steps).toContainText("8 mm under, 12 mm over:");
  await bench.pick("How much salt", "As I have it");
  await bench.choose("Salt is given in", "cups");
  await bench.enter("Salt for the crust, level", "6");
  await bench.save();
  await page.reload();
  await expect.poll(async () => Math.abs((await bench.grams(id ?? "")) - 6 * oneG)).toBeLessThan(10);
});
