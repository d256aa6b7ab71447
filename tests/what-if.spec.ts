import { comes, expect, test } from "./kitchen";
import { hoursOn } from "./kitchen-clock";
import { BenchPage } from "./bench-page";

// The last file of all: where one worker had all of it, the others would wait for that one.
test.describe.configure({ mode: "parallel" });

test.describe("what-ifs on the Bench", () => {
  test("so many hours: the strength follows at once; where none does, it says why and how far it gets", async ({
    page,
  }) => {
    const bench = new BenchPage(page);
    await bench.open("Timed");
    await bench.enter("Hours in it", "6");
    await expect(page.getByRole("heading", { name: "In the vessel at 6 h" })).toBeVisible();
    await expect.poll(() => bench.figureNumber("mean")).toBe(1.4);
    await expect(page.locator('[data-way="timed"]')).toHaveAttribute("aria-pressed", "true");
    await bench.enter("Thickness", "40");
    await bench.enter("Hours in it", "10 min");
    await expect(page.getByText(/In 10 min nothing that dissolves brings 1.4 %/)).toBeVisible();
    const hours = await bench.field("Hours in it");
    await hours.fill("soon");
    await expect(
      page.getByRole("alert").filter({ hasText: "does not read as an amount" }).first(),
    ).toBeVisible();
  });

  test("taken out as it stands: how long a rinse, how long a rest", async ({ page }) => {
    const bench = new BenchPage(page);
    await bench.open("Timed");
    await bench.enter("Thickness", "14");
    await bench.enter("Hours in it", "4");
    // Forgotten in it: longer by the rail, the strength as it is.
    await page.getByRole("slider", { name: "out at" }).focus();
    for (let i = 0; i < 4; i++) await page.keyboard.press("Shift+ArrowRight");
    await page.getByRole("button", { name: "Rinse or rest" }).click();
    const dialog = page.getByRole("dialog", { name: "Rinse or rest, taken out at 14 h" });
    await expect(dialog.getByText(/ in plenty of cold water$/)).toBeVisible();
    await expect(dialog.getByText(/ in the fridge, out of the salt$/)).toBeVisible();
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

  test("two drafts side by side: that is begun from this, worked on with every field, and undone with it", async ({
    page,
  }) => {
    const bench = new BenchPage(page);
    await bench.open();
    await page.getByRole("button", { name: "This or that" }).click();
    const two = page.getByRole("region", { name: "This or that" });
    await expect(two.getByRole("columnheader", { name: /^(This|That): Gentle brine$/ })).toHaveCount(2);

    await two.getByRole("button", { name: "dry salt" }).click();
    await comes(two.getByRole("columnheader", { name: "That: Dry salt" }));
    await expect(two.getByRole("row", { name: /^how strong/ })).toContainText(/% brine.*% of the meat/);
    const salt = () =>
      two
        .getByRole("row", { name: /^salt to weigh/ })
        .locator("td")
        .allInnerTexts();
    const [, before] = await salt();

    // That is taken onto the Bench: its fields are the Bench's now, and this stands beside it.
    await two.getByRole("button", { name: "Work on that" }).click();
    await comes(two.getByRole("columnheader", { name: "This: Dry salt" }));
    await bench.enter("Weight of all pieces", "2 kg");
    await expect.poll(async () => (await salt())[0]).not.toBe(before);
    await comes(two.getByRole("columnheader", { name: "That: Gentle brine" }));
    await two.getByText("What differs, line by line").click();
    await expect(two.locator("ins, del").first()).toBeVisible();
    await two.getByText("Salt by depth and by the hour").click();
    await expect(two.locator(".recharts-line-curve")).toHaveCount(4);

    // Both outlive a reload; undone step by step, they are as they were.
    await page.reload();
    await comes(two.getByRole("columnheader", { name: "This: Dry salt" }));
    await two.getByRole("button", { name: "Work on that" }).click();
    await comes(two.getByRole("columnheader", { name: "This: Gentle brine" }));
    await page.getByRole("button", { name: "Undo the last change" }).click();
    await comes(two.getByRole("columnheader", { name: "This: Dry salt" }));
    await two.getByRole("button", { name: "Put that away" }).click();
    await expect(two).toHaveCount(0);
    await expect(page.getByRole("heading", { name: /^On the rack at/ })).toBeVisible();
  });

  test("the ensemble softens the edges and names what matters most", async ({ page }) => {
    const bench = new BenchPage(page);
    await bench.open();
    await comes(page.getByText(/ takes .* (longer|less)$/));
    // It stands there for as long as the sums take, which may be less than between two looks: watched for, from before.
    await page.evaluate(() =>
      new MutationObserver(() => {
        const stands = /trying 500 soaks: \d+ %/.test(document.body.textContent);
        if (stands) document.documentElement.dataset.told = "";
      }).observe(document.body, { childList: true, subtree: true, characterData: true }),
    );
    await bench.enter("Thickness", "22");
    await expect(page.locator("html[data-told]")).toHaveCount(1);
    await comes(page.getByText(/ takes .* (longer|less)$/));
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

  test("butterflied, a piece has a thin part with its own figures; a whole fish tapers", async ({ page }) => {
    const bench = new BenchPage(page);
    await bench.open();
    const before = await bench.grams("sea_fine");
    await bench.toggle("Thick and thin, as butterflied");
    await bench.enter("Thin part, thickness", "10");
    await bench.enter("Thin part, of the weight", "30");
    await expect(page.locator('[data-size="2"]')).toContainText(/Thin part, 10 mm: mean [\d.]+ %/);
    // It weighs what it weighed: so does its salt.
    await expect.poll(() => bench.grams("sea_fine")).toBe(before);
    await bench.save();
    await page.reload();
    await expect(page.locator('[data-size="2"]')).toContainText("Thin part, 10 mm");
    await bench.toggle("Thick and thin, as butterflied");
    await expect(page.locator('[data-size="2"]')).toHaveCount(0);
    await bench.choose("Kind", "grey mullet, whole round");
    await expect(await bench.field("Shape")).toHaveValue("oval");
  });

  test("a wedge and a rack are pieces of their own: drawn so, told so, kept over saving", async ({
    page,
  }) => {
    const bench = new BenchPage(page);
    await bench.open();
    const food = page.locator('section[data-group="Food"]');
    await bench.choose("Shape", "a wedge, its edge thin");
    await expect(page.locator("polygon[data-nested]").first()).toBeAttached();
    await bench.choose("Shape", "a rack, bones on one side");
    await expect(food).toContainText("no salt enters by its bones");
    await bench.save();
    await page.reload();
    await expect(await bench.field("Shape")).toHaveValue("rack");
    await bench.choose("Shape", "a block, cut on all sides");
    await expect(food).not.toContainText("no salt enters by its bones");
  });

  test("a piece is as long as it was measured: its width follows, what cannot be is refused, the usual is a tap away", async ({
    page,
  }) => {
    const bench = new BenchPage(page);
    await bench.open();
    const length = await bench.field("Length of a piece");
    const usual = await length.inputValue();
    const food = page.locator('section[data-group="Food"]');
    await expect(food).toContainText(/As is usual for its weight: \d+ mm wide/);
    await bench.enter("Length of a piece", "200");
    // 260 g at 1.05 g/mL, 25 mm thick and 200 mm long: 49.5 mm.
    await expect(food).toContainText("As measured: 50 mm wide");
    await length.fill("500");
    await expect(page.getByText(/cannot be 500 mm long: \d+ to \d+ mm/).first()).toBeVisible();
    await expect(length).toHaveValue("500");
    await length.fill("200");
    await bench.press("Take the usual");
    await expect(length).toHaveValue(usual);
    await bench.settled();
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
