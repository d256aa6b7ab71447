import { alone, expect, test } from "./kitchen";
import { BenchPage } from "./bench-page";
import { pick } from "./pick";

alone.describe("on a phone, one hand", () => {
  alone.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  alone("a dry brine from food to the Shelf, a part of the Bench at a time", async ({ page }) => {
    const bench = new BenchPage(page);
    await page.goto("/bench");
    await bench.name("Phone duck");
    await bench.choose("Kind", "duck breast, skin on");
    await bench.school("Dry");
    await expect(page.getByRole("heading", { name: "Weigh out" })).toBeHidden();
    await page.getByRole("button", { name: "Weigh out" }).last().tap();
    await expect(page.getByRole("heading", { name: "Weigh out" })).toBeVisible();
    await expect.poll(() => bench.grams("sea_fine")).toBeGreaterThan(5);
    await page.getByRole("button", { name: "Soak" }).tap();
    await expect(page.getByRole("slider", { name: "out at" })).toBeVisible();
    await bench.start();
    await expect(page.getByRole("article", { name: "Phone duck" })).toContainText("dry brine");
  });
});

test.describe("this kitchen's settings", () => {
  test.afterEach(async ({ request }) => {
    await request.patch("/api/kitchen", { data: { measures: "metric", timeZone: "Europe/London" } });
  });

  test("US measures change the words on the sheet, never the grams", async ({ page }) => {
    const bench = new BenchPage(page);
    await bench.open();
    const [grams, words] = [
      await bench.grams("sea_fine"),
      await page.locator('[data-line="sea_fine"]').innerText(),
    ];
    await page.goto("/stores");
    await page.getByLabel("Measures", { exact: true }).selectOption("us");
    await expect(page.getByLabel("Measures", { exact: true })).toHaveValue("us");
    await bench.open();
    await expect.poll(() => page.locator('[data-line="sea_fine"]').innerText()).not.toBe(words);
    await expect.poll(() => bench.grams("sea_fine")).toBe(grams);
    // Temperatures and lengths are read and typed in °F and inches.
    await expect(page.getByLabel("Weight of all pieces")).toHaveValue(/ lb/);
    await bench.enter("Weight of all pieces", "2");
    await page.getByLabel("Weight of all pieces").blur();
    await expect(page.getByLabel("Weight of all pieces")).toHaveValue("2 lb");
    await bench.enter("Thickness", "1 1/4");
    await page.getByLabel("Thickness").blur();
    await expect(page.getByLabel("Thickness")).toHaveValue("1¼ in");
    await bench.enter("Weight of all pieces", "2 lb 5");
    await expect(page.getByText("Write “2 lb 5 oz”, or its unit.")).toBeVisible();
    await bench.enter("Weight of all pieces", "2 lb 5 oz");
    const cold = page.getByLabel("Held at", { exact: true });
    await bench.enter("Held at", "38");
    await expect(cold).toHaveValue("38");
    await expect(cold.locator("..")).toContainText("°F");
    await expect(cold.locator("..")).not.toContainText("°C");
  });

  test("changed on another device they are on an open Bench, and what stands on it stays", async ({
    page,
    request,
  }) => {
    const bench = new BenchPage(page);
    await bench.open();
    const weight = page.getByLabel("Weight of all pieces");
    const before = await weight.inputValue();
    await bench.enter("Weight of all pieces", "907.185");
    await weight.blur();
    await request.patch("/api/kitchen", { data: { measures: "us" } });
    await expect(weight).toHaveValue("2 lb");
    await page.getByRole("button", { name: "Undo the last change" }).click();
    await request.patch("/api/kitchen", { data: { measures: "metric" } });
    await expect(weight).toHaveValue(before);
  });

  test("the clock is the kitchen's, wherever the tablet thinks it is", async ({ page }) => {
    await page.goto("/stores");
    await pick(page, "Time zone", "Asia/Tokyo");
    await expect(page.getByRole("combobox", { name: "Time zone" })).toHaveValue("Asia/Tokyo");
    await page.goto("/");
    const there = new Intl.DateTimeFormat("en-GB", { weekday: "long", timeZone: "Asia/Tokyo" }).format();
    await expect(page.getByRole("banner")).toContainText(there);
  });

  test("a zone that is none is refused, and nothing changes", async ({ request }) => {
    const refused = await request.patch("/api/kitchen", { data: { timeZone: "Middle/Earth" } });
    expect(refused.status()).toBe(400);
    expect((await refused.json()).detail).toContain("IANA");
  });

  test("the look is kept", async ({ page }) => {
    await page.goto("/stores");
    await page.getByLabel("Look").selectOption("iron");
    await page.goto("/bench");
    await expect(page.locator("html")).toHaveAttribute("data-theme", "iron");
    await page.goto("/stores");
    await expect(page.getByLabel("Look")).toHaveValue("iron");
  });
});
