import { expect, test } from "./kitchen";
import { hoursOn } from "./kitchen-clock";
import { BenchPage } from "./bench-page";

test.describe("what-ifs on the Bench", () => {
  test("“I have 4 hours” gives a strength; used, the window says four hours", async ({ page }) => {
    const bench = new BenchPage(page);
    await bench.open();
    await page.getByRole("button", { name: "I have … hours" }).click();
    const dialog = page.getByRole("dialog", { name: "Work out one thing" });
    await dialog.getByLabel("I have", { exact: true }).fill("6");
    await expect(dialog.getByText(/a [\d.]+ % brine is ready in 6 h/)).toBeVisible();
    await dialog.getByRole("button", { name: "Use this brine" }).click();
    await expect(page.locator('[data-way="timed"]')).toHaveAttribute("aria-pressed", "true");
    await expect(page.getByRole("heading", { name: "In the vessel at 6 h" })).toBeVisible();
    await expect(page.getByRole("slider")).toHaveAttribute("aria-valuetext", /^6 h, (nearly )?as wanted$/);
  });

  test("no answer says why and how far it gets", async ({ page }) => {
    const bench = new BenchPage(page);
    await bench.open();
    await bench.enter("Thickness", "40");
    await page.getByRole("button", { name: "I have … hours" }).click();
    const dialog = page.getByRole("dialog", { name: "Work out one thing" });
    await dialog.getByLabel("I have", { exact: true }).fill("10 min");
    await expect(dialog.getByText(/No brine does it: even saturated/)).toBeVisible();
    await dialog.getByLabel("I have", { exact: true }).fill("soon");
    await expect(dialog.getByRole("alert")).toContainText("does not read as an amount");
  });

  test("on the plate: heat moves salt inward, the mean stays", async ({ page }) => {
    const bench = new BenchPage(page);
    await bench.open();
    const shares = async () => {
      const text = await page
        .getByText(/surface [\d.]+ %/)
        .first()
        .locator("..")
        .innerText();
      return [...text.matchAll(/([\d.]+)\s*%/g)].map((m) => Number(m[1]));
    };
    const [surface] = await shares();
    const [mean, centre] = [await bench.figureNumber("mean"), await bench.figureNumber("centre")];
    await page.getByRole("button", { name: "On the plate" }).click();
    await expect(page.getByRole("heading", { name: /On the plate: cooked to/ })).toBeVisible();
    const [plateSurface, plateMean, plateCentre] = await shares();
    expect(plateSurface).toBeLessThan(surface);
    expect(plateMean).toBeCloseTo(mean, 1);
    expect(plateCentre).toBeGreaterThanOrEqual(centre);
  });

  test("compare draws two and three what-ifs with their figures", async ({ page }) => {
    const bench = new BenchPage(page);
    await bench.open();
    await page.getByRole("button", { name: "Compare" }).click();
    const dialog = page.getByRole("dialog", { name: /Compare, taken out at 24 h/ });
    await expect(dialog.getByRole("row")).toHaveCount(3);
    await dialog.getByRole("button", { name: "half as thick" }).click();
    await expect(dialog.getByRole("row")).toHaveCount(4);
    await expect(dialog.locator(".recharts-line-curve")).toHaveCount(6);
  });

  test("the ensemble softens the edges and names what matters most", async ({ page }) => {
    const bench = new BenchPage(page);
    await bench.open();
    await expect(page.getByText(/ takes .* (longer|less)$/)).toBeVisible({ timeout: 15_000 });
    await bench.enter("Thickness", "22");
    await expect(page.getByText(/trying 500 soaks: \d+ %/)).toBeVisible();
    await expect(page.getByText(/ takes .* (longer|less)$/)).toBeVisible({ timeout: 15_000 });
  });

  test("hot water and ice: the ice is part of the water; too little says how warm it ends", async ({
    page,
  }) => {
    const bench = new BenchPage(page);
    await bench.open();
    await bench.choose("Water", "an amount I choose");
    await bench.enter("Water, ice included", "2 kg");
    await page.getByRole("button", { name: "Hot water and ice" }).click();
    const dialog = page.getByRole("dialog", { name: "Hot water and ice" });
    await expect(dialog.getByRole("status")).toContainText("It ends at 3.0 °C");
    const parts = await dialog.locator('[data-figure="chill"] dd').allInnerTexts();
    const sum = parts.reduce((total, part) => total + Number(part.replace(/[^\d.]/g, "")), 0);
    expect(Math.abs(sum - 2000)).toBeLessThanOrEqual(5);
    await dialog.getByLabel("Ice on hand").fill("400");
    await expect(dialog.getByRole("alert")).toContainText("Not cold enough for raw food");
    await expect(dialog.getByRole("alert")).toContainText("more ice");
  });

  test("another size in the same bath has its own hours; a sour bath shows how deep acid goes", async ({
    page,
  }) => {
    const bench = new BenchPage(page);
    await bench.open();
    const before = await bench.grams("sea_fine");
    await bench.press("Pieces of another size");
    await bench.enter("Size 2, thickest", "15");
    await expect(page.locator('[data-size="2"]')).toContainText(/Size 2, 15 mm: mean [\d.]+ %/);
    await expect.poll(() => bench.grams("sea_fine")).toBeGreaterThan(before);
    await bench.toggle("Sour bath (vinegar, citrus)");
    await expect(page.getByText(/acid\s*[\d.]+ mm deep/)).toBeVisible();
    await expect(page.locator("[data-acid]").first()).toBeVisible();
  });
});

test.describe("a running batch", () => {
  test("late: the ways out are ranked with their outcomes; a reading moves the window and is kept for the food", async ({
    page,
  }) => {
    const bench = new BenchPage(page);
    await bench.open();
    await bench.name("Forgotten chops");
    await bench.school("Timed");
    await bench.enter("Brine strength", "8");
    await page.getByRole("button", { name: "Start this batch" }).first().click();
    await page.getByRole("dialog").getByRole("textbox", { name: "Goes in at" }).fill(hoursOn(-20));
    await page.getByRole("dialog").getByRole("button", { name: "Start this batch" }).click();
    await page.getByRole("article", { name: "Forgotten chops" }).getByRole("link").first().click();

    await page.getByRole("button", { name: "What can I do now?" }).click();
    const ways = page.getByRole("list", { name: "Ways out, the best first" }).getByRole("listitem");
    await expect(ways.filter({ hasText: "min in plenty of cold water" })).toContainText(/mean 1\.4\d %/);
    await expect(ways.filter({ hasText: "out of the sauce" })).toContainText(/leave [\d.]+ g of salt/);
    await expect(ways.first()).not.toContainText("as it is");

    const readings = page.getByRole("region", { name: "Readings" });
    await readings.getByLabel("Brine now").fill("plenty");
    await expect(readings.getByRole("button", { name: "Enter the reading" })).toBeDisabled();
    await readings.getByLabel("Brine now").fill("5.2");
    await readings.getByRole("button", { name: "Enter the reading" }).click();
    await expect(readings.getByText("brine read at 5.20 %")).toBeVisible();
    await expect(readings.getByRole("status")).toContainText(
      /Salt runs \d\.\d\d × the table.*give or take \d+ %/,
    );
    await expect(readings.getByRole("status")).toContainText(/Ready .* (earlier|later) than told|window/);
    await readings.getByRole("button", { name: "Keep for this food here" }).click();
    await expect(readings.getByRole("button", { name: "Kept for this food" })).toBeVisible();

    await bench.open();
    await expect(page.getByText("As this kitchen has learnt")).toBeVisible();
    await page.goto("/stores");
    await page.getByRole("button", { name: "Forget" }).click();
    await expect(page.getByRole("button", { name: "Forget" })).toHaveCount(0);
  });
});
