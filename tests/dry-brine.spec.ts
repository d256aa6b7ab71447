import { expect, test } from "./kitchen";
import { daysOn } from "./kitchen-clock";
import { BenchPage } from "./bench-page";

test("dry brine: dose by edible weight, started at a chosen time, printed", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Duck for Saturday");
  await bench.choose("Kind", "duck leg, skin on");
  await bench.enter("Pieces", "6");
  await bench.enter("Weight of all pieces", "4 lb 2 oz");
  await bench.school("Dry");
  await bench.choose("Salt is given as", "percent of the meat");
  await bench.enter("Salt put on, of the meat", "1.2");
  await bench.choose("Salt", "pickling salt");
  await bench.choose("Ready means", "outside seasoned");

  // By hand: 4 lb 2 oz is 1871 g; 66 % edible; 1.2 % of it; pickling salt 99.7 % pure.
  const nacl = 0.012 * 0.66 * (4 * 453.59237 + 2 * 28.349523);
  await expect.poll(() => bench.grams("pickling")).toBeCloseTo(nacl / 0.997, 1);
  await expect(page.locator('[data-line="water"]')).toHaveCount(0);
  await expect(page.getByRole("heading", { name: /On the rack at/ })).toBeVisible();

  await page.getByRole("button", { name: "Start this batch" }).first().click();
  const dialog = page.getByRole("dialog");
  await dialog.getByRole("textbox", { name: "Goes in at" }).fill("2020-01-01T10:00");
  await dialog.getByRole("button", { name: "Start this batch" }).click();
  await expect(dialog.getByRole("alert")).toContainText("Start time out of reach");

  await dialog.getByRole("textbox", { name: "Goes in at" }).fill(daysOn(1, "21:30"));
  await dialog.getByRole("button", { name: "Start this batch" }).click();
  const card = page.getByRole("article", { name: "Duck for Saturday" });
  await expect(card).toContainText("planned, not in yet");
  await expect(card).toContainText(/put in \w{3} 21:30/);
  await card.getByRole("link").first().click();
  await page.getByRole("link", { name: "Print sheet and label" }).click();
  await expect(page.getByRole("region", { name: "Tub labels" })).toContainText(/Out\s*\w{3} 21:30/);
});

test("more salt on the flesh side: the group names it, and each face's grams are said", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Loin chops, three to two");
  await bench.choose("Kind", "pork loin chop, boneless");
  await bench.enter("Weight of all pieces", "1000");
  await bench.school("Dry");
  await bench.choose("Salt is given as", "percent of the meat");
  await bench.enter("Salt put on, of the meat", "1.5");
  await bench.choose("Salt", "pickling salt");
  await bench.choose("Salted on", "60 to 40, flesh side");
  await expect(page.locator('section[data-group="Salt"]')).toContainText(
    "dry brine, 60 to 40, pickling salt",
  );
  await page.getByRole("button", { name: "Start this batch" }).first().click();
  await page.getByRole("dialog").getByRole("button", { name: "Start this batch" }).click();
  await page.getByRole("article", { name: "Loin chops, three to two" }).getByRole("link").first().click();
  await page.getByRole("link", { name: "Print sheet and label" }).click();
  // By hand: 1.5 % of 950 g without bone is 14.25 g of salt, three parts to two: 8.6 and 5.7.
  await expect(
    page.getByText(/Salt the flesh side with 8\.6 g, the other with 5\.7 g/).first(),
  ).toBeVisible();
});
