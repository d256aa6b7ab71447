import { comes, expect, test } from "./kitchen";
import { BenchPage } from "./bench-page";
import { hoursOn } from "./kitchen-clock";

test("equilibrium brine: from the scale to a saved, running batch, a printed sheet and a lift-out", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Saturday chops");
  await bench.choose("Kind", "pork loin chop, boneless");
  await bench.enter("Pieces", "8");
  await bench.enter("Weight of all pieces", "1 kg 600 g");
  await bench.enter("Thickness", "2.5 cm");
  await bench.choose("Salt", "pickling salt");
  await bench.enter("Salt wanted", "1,4");
  await bench.choose("Water", "an amount I choose");
  await bench.enter("Water, ice included", "1.5 kg");
  await bench.enter("Sugar, to 1 of salt", "½");

  // By hand: 95 % edible, 70 % water, 0.132 % own salt. x = 0.014 / 0.986 / 0.70 g salt per g water.
  const flesh = 1600 * 0.95;
  const nacl = (0.014 / 0.986 / 0.7) * (flesh * 0.7 + 1500) - flesh * 0.00132;
  await expect.poll(() => bench.grams("water")).toBe(1500);
  await expect.poll(() => bench.grams("pickling")).toBe(Math.round(nacl / 0.997));
  await expect.poll(() => bench.grams("sugar_brown_light")).toBe(Math.round(nacl / 2));
  await expect.poll(() => bench.figureNumber("strength")).toBeCloseTo((100 * nacl) / (nacl + 1500), 2);

  await page.getByRole("button", { name: "Why? Salt to weigh out" }).click();
  const why = page.getByRole("dialog", { name: "Salt to weigh out" });
  await expect(why).toContainText("Water-phase");
  await expect(why).toContainText("The whole-mass formula would weigh out");
  await why.getByRole("button", { name: "Close" }).first().click();

  await page.getByRole("button", { name: "Save as a formula" }).click();
  await expect(page.getByRole("status").filter({ hasText: "version 1 · saved" })).toBeVisible();
  await expect(page).toHaveURL(/formula=/);

  await page.getByRole("link", { name: "Print sheet" }).click();
  const sheet = page.getByRole("article", { name: "Weigh-out sheet" });
  await expect(sheet).toContainText("Saturday chops");
  await expect(sheet.locator('[data-line="pickling"]')).toContainText(String(Math.round(nacl / 0.997)));
  await expect(page.getByRole("region", { name: "Tub labels" })).toContainText("Made by");
  // The sheet, the method and the labels, a page each.
  const pdf = await page.pdf({
    format: "A4",
    margin: { top: "12mm", bottom: "12mm", left: "12mm", right: "12mm" },
  });
  expect(pdf.toString("latin1").match(/\/Type\s*\/Page\b/g)).toHaveLength(3);
  await page.getByRole("link", { name: "Back" }).click();

  await expect(page.getByLabel("Name of the formula")).toHaveValue("Saturday chops");
  await bench.start(hoursOn(0));
  const card = page.getByRole("article", { name: "Saturday chops" });
  await expect(card).toContainText("equilibrium brine · 8 pieces · 1.6 kg");
  await expect(card).toContainText(/take out (Mon|Tue|Wed|Thu|Fri|Sat|Sun) \d\d:\d\d/);
  await expect(card).toContainText(/24 h|23 h 59/);

  await page.reload();
  await expect(card).toBeVisible();
  await card.getByRole("link").first().click();
  await expect(page.getByRole("heading", { name: "Saturday chops", level: 1 })).toBeVisible();
  await expect(page.getByText("Went in")).toBeVisible();

  const lift = page.getByRole("button", { name: "Taken out: Saturday chops" });
  await lift.click();
  await expect(lift).toHaveCount(0);
  await expect(page.getByText("Taken out", { exact: true })).toBeVisible();
  // One fact in every room: at work nobody asks for it any more.
  await page.goto("/work");
  await comes(page.locator("[data-act]").first());
  const asked = page.locator('[data-act="lift_out"], section [data-listed="lift_out"]');
  await expect(asked.filter({ hasText: "Saturday chops" })).toHaveCount(0);
  await page.goto("/record");
  await expect(page.getByRole("row", { name: /Saturday chops/ })).toContainText("1.40 %");

  await page.goto("/");
  await page.getByRole("button", { name: "Put back: Saturday chops" }).click();
  await expect(page.getByRole("article", { name: "Saturday chops" })).toBeVisible();
});

test("the whole-mass convention weighs less, and says so", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  const waterPhase = await bench.grams("sea_fine");
  await bench.choose("The sum", "usual kitchen formula (falls 10 to 20 % short)");
  await expect.poll(() => bench.grams("sea_fine")).toBeLessThan(waterPhase);
  await page.getByRole("button", { name: "Why? Salt to weigh out" }).click();
  await expect(page.getByRole("dialog", { name: "Salt to weigh out" })).toContainText(
    "under the figure you asked for",
  );
});
