import { expect, test } from "./kitchen";
import { BenchPage } from "./bench-page";

test("paste: bound by steps to a thickness, with and without yoghurt, roasted or not; saved and started", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Tofu for the lock table");
  await bench.choose("Kind", "tofu, firm, pressed");
  await bench.enter("Pieces", "6");
  await bench.enter("Weight of all pieces", "2 kg");
  await bench.enter("Thickness", "28");
  await bench.school("Paste");

  // By hand: to each kg 30 g of lemon juice (92 % water), 15 g ginger (79 %) and 12 g garlic (60 %), of which three
  // tenths of the water is free, less 7.9 g of dry spice.
  const free = 2 * (30 * 0.92 + 0.3 * (15 * 0.79 + 12 * 0.6) - (2.1 + 1.8 + 3 + 1));
  const flour = () => bench.grams("chickpea_flour");
  expect(Math.abs((await flour()) - 0.35 * free)).toBeLessThan(0.6);
  await expect(page.getByText("Stop when it clings to the spoon held upright.")).toBeVisible();
  await bench.pick("How thick", "Ridges");
  expect(Math.abs((await flour()) - 0.55 * free)).toBeLessThan(0.6);
  await bench.toggle("Flour lightly roasted first");
  expect(Math.abs((await flour()) - (0.55 * free) / 1.08)).toBeLessThan(0.6);
  await bench.toggle("With yoghurt (richer, clings less)");
  await expect.poll(() => bench.grams("yoghurt_strained")).toBeCloseTo(160, 0);
  expect(await flour()).toBeGreaterThan(40);
  await expect(page.locator('[data-fact="allergens"]')).toContainText("milk");
  await bench.toggle("With yoghurt (richer, clings less)");

  // Colour is written down and left out until somebody wants it.
  await expect(page.locator('[data-line="paprika"]')).toHaveCount(0);
  const colour = await bench.more("paprika");
  await colour.getByLabel("Left out this time").click();
  await expect.poll(() => bench.grams("paprika")).toBeCloseTo(4.6, 1);

  await expect(page.getByText(/mm coat/)).toBeVisible();
  await bench.save();
  await bench.start();
  await expect(page.getByRole("article", { name: "Tofu for the lock table" })).toContainText(
    "paste · 6 pieces",
  );
});

test("rub: by food and by surface, what sticks, when it burns; its salt can be left out", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Ribs rubbed");
  await bench.choose("Kind", "beef short ribs, bone-in");
  await bench.enter("Pieces", "6");
  await bench.enter("Weight of all pieces", "2.4 kg");
  await bench.enter("Thickness", "48");
  await bench.school("Rub");
  await bench.choose("Salt", "pickling salt");
  await expect.poll(() => bench.grams("paprika_smoked")).toBeCloseTo(7 * 2.4, 1);

  // The same line by the surface: its grams follow dm², shown beside the coat.
  const line = await bench.more("smoked paprika");
  await line.getByLabel("Scales with").selectOption({ label: "the surface" });
  await bench.enter("smoked paprika, amount", "0.5 g");
  const perDm2 = Number(
    /([\d.]+)\s*g\/dm²/.exec(await page.locator('[data-figure="coat"]').innerText())?.[1],
  );
  const massG = await page.locator("[data-line] .figure").allInnerTexts();
  const coatG = massG.slice(0, 7).reduce((sum, t) => sum + Number(t.replace(/[^\d.]/g, "")), 0);
  const dm2 = coatG / perDm2;
  expect((await bench.grams("paprika_smoked")) / dm2).toBeCloseTo(0.5, 1);

  await bench.choose("The surface is", "dry");
  await expect(page.getByText(/Blackens in an oven of about 190 °C/)).toBeVisible();
  await expect(page.getByText("Some of it will not stick")).toBeVisible();
  await expect.poll(() => bench.ledgerEnd("fallenOff")).toBeGreaterThan(1);
  await bench.choose("The surface is", "oiled or mustard");
  await expect(page.getByText("Some of it will not stick")).toHaveCount(0);

  await bench.enter("Oven", "220");
  await bench.enter("Cooking time", "45");
  await expect(page.getByText("Sugar burns")).toBeVisible();
  await bench.enter("Oven", "165");
  await expect(page.getByText("Sugar burns")).toHaveCount(0);

  await bench.choose("Salt is given as", "none");
  await expect(page.locator('[data-line="pickling"] .figure').first()).toHaveCount(0);
  await expect(page.getByText("Less salt than you want")).toBeVisible();
  await bench.choose("Salt is given as", "as the salt wanted asks");
  await bench.save();
  await bench.start();
  await expect(page.getByRole("article", { name: "Ribs rubbed" })).toContainText("rub · 6 pieces · 2.4 kg");
});

test("a line is entered by weight, spoon, count or word; the other way round; and what does not read is kept", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open("Rub");
  await bench.add("garlic clove, peeled");
  const name = "garlic clove, peeled, amount";
  await bench.enter(name, "2 cloves");
  const perClove = (await bench.grams("garlic_clove")) / 1.04 / 2;
  expect(perClove).toBeGreaterThan(2);
  await bench.enter(name, "a pinch");
  await expect.poll(() => bench.grams("garlic_clove")).toBeLessThan(0.5);
  await bench.more("garlic clove, peeled");
  await bench.enter("In this batch, garlic clove, peeled", "20.8 g");
  await expect(page.getByLabel(name, { exact: true })).toHaveValue("20");
  await bench.enter(name, "3 lemons");
  await expect(page.getByText("“lemons” is not a unit known here.")).toBeVisible();
  await expect(page.getByLabel(name, { exact: true })).toHaveValue("3 lemons");
  await expect(page.getByRole("button", { name: "Start this batch" })).toBeDisabled();
});

test("a swap keeps what the line is there for, and brings its allergens with it", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open("Marinade");
  const line = await bench.more("olive oil");
  await line.getByRole("button", { name: /^Swap/ }).click();
  const offer = page.getByRole("dialog").getByRole("listitem").filter({ hasText: "toasted sesame oil" });
  await expect(offer).toContainText("brings sesame");
  await offer.getByRole("button", { name: "Take it" }).click();
  await expect(page.locator('[data-line="sesame_oil_toasted"]')).toBeVisible();
  await expect(page.locator('[data-fact="allergens"]')).toContainText("sesame");
});

test("the chilli dial turns every hot line together", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open("Paste");
  const before = await bench.grams("cayenne");
  await bench.choose("Chilli heat", "hot");
  await expect.poll(() => bench.grams("cayenne")).toBeGreaterThan(2 * before);
  await expect(page.getByLabel("Chilli heat")).toHaveValue("hot");
});

test("equal spoons: one volume of each spice, the weight in all unchanged", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open("Rub");
  const spices = ["paprika_smoked", "pepper_black_ground", "garlic_powder", "onion_powder", "cumin_ground"];
  const grams = async () => Promise.all(spices.map((id) => bench.grams(id)));
  const sum = (all: number[]) => all.reduce((a, b) => a + b, 0);
  const before = await grams();
  await bench.press("Equal spoons of each spice");
  await expect.poll(async () => (await grams())[0]).not.toBe(before[0]);
  const after = await grams();
  expect(Math.abs(sum(after) - sum(before))).toBeLessThan(0.4);
  const spoons = await Promise.all(
    spices.map(
      async (id) =>
        (await page.locator(`[data-line="${id}"]`).last().innerText()).split("\n")[1].split(" (")[0],
    ),
  );
  expect(new Set(spoons).size).toBe(1);
});
