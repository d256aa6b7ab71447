import { comes, expect, test } from "./kitchen";
import { BenchPage } from "./bench-page";
import { RecipePage } from "./recipe-page";
import { startedBatch, upTo } from "./work-page";
import { pick } from "./pick";

/* One account of every gram: what the cook says is what is weighed, and what is weighed is what the ledger follows. */

const GOAT = `Goat leg, oil and lemon

1.6 kg goat leg
9 g fine sea salt
60 ml lemon juice
120 ml olive oil
20 g garlic

Marinate for 6 hours in the fridge.
`;

test("9 g of salt in a pasted marinade is 9 g on the sheet, in the record and at the scale", async ({
  page,
}) => {
  const recipe = new RecipePage(page);
  await recipe.read(GOAT);
  await recipe.confirmAll();
  await page.getByRole("button", { name: "Put it on the Bench" }).click();

  const bench = new BenchPage(page);
  await expect(await bench.field("Salt is given as")).toHaveValue("grams");
  await expect(await bench.field("Salt, as weighed")).toHaveValue("9");
  await expect.poll(() => bench.grams("sea_fine")).toBe(9);
  await expect(page.getByText("Less salt than you want")).toBeVisible();
  await bench.save();
  await bench.start();
  await page.getByRole("link", { name: /Open Goat leg/ }).click();
  await comes(page.getByRole("heading", { name: "Weighed out" }));
  await expect(page.locator('[data-line="sea_fine"]').last()).toContainText("9.0");
  await page.locator('a.btn[href^="/work/"]').click();
  await upTo(page, "weigh_out");
  await expect(page.locator('[data-weigh="sea_fine"]')).toContainText("9.0");
});

test("a pinch is a formula: all is worked out, how far under is said, and nothing is stopped", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Kind", "beetroot, whole");
  await bench.enter("Weight of all pieces", "900");
  await bench.school("Marinade");
  await bench.choose("Salt is given as", "pinches");
  // 0.35 g, on a scale of tenths.
  await expect.poll(() => bench.grams("sea_fine")).toBe(0.4);
  await expect(page.getByText("Less salt than you want")).toBeVisible();
  await expect(page.getByText(/^Stop:/)).toHaveCount(0);
});

test("three saltings, each at its time; leaving out the soy takes off exactly what it held", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Kind", "mackerel fillet, skin on");
  await bench.enter("Weight of all pieces", "800");
  await bench.school("Paste");
  await bench.pick("Where the salt goes", "Salt first");
  await bench.choose("Bound with", "nothing: it clings by itself");
  await bench.choose("Salt is given as", "grams");
  await bench.enter("Salt, as weighed", "8 g");
  await bench.add("soy sauce, all-purpose");
  await bench.press("salt");
  await bench.enter("Portions", "4");
  await expect(page.getByLabel("Goes on")).toHaveValue("atTable");

  await page.getByText("where its").click();
  const soy = page.locator('[data-source="soy_sauce"] .figure');
  const held = Number(await soy.innerText());
  expect(held).toBeGreaterThan(1);
  await expect(page.locator('[data-source="salting:flaky_finishing"]')).toBeVisible();
  const eaten = async () =>
    Number(
      (await page.getByRole("region", { name: "Salt ledger" }).locator(".figure").first().innerText()).trim(),
    );
  const before = await eaten();
  const line = await bench.more("soy sauce, all-purpose");
  await line.getByLabel("Left out this time").click();
  await expect(page.locator('[data-source="soy_sauce"]')).toHaveCount(0);
  // A portion of four.
  expect((before - (await eaten())) * 4).toBeCloseTo(held, 0);
});

test("stuffing in the cavity is no rub, drizzled salt stays, and what is advised is done with a tap", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Kind", "duck, whole");
  await bench.school("Rub");
  await bench.add("soy sauce, all-purpose");
  await bench.enter("soy sauce, all-purpose, amount", "60");
  const coat = page.locator('[data-figure="coat"]');
  const thick = Number(/[\d.]+/.exec(await coat.innerText())?.[0]);
  const line = await bench.more("soy sauce, all-purpose");
  await line.getByLabel("Where").selectOption({ label: "in the cavity" });
  await expect(page.locator('[data-end="inside"]')).toBeVisible();
  expect(Number(/[\d.]+/.exec(await coat.innerText())?.[0])).toBeLessThan(thick);

  await bench.press("drizzle");
  await bench.choose("Add to the drizzle", "fish sauce");
  await bench.enter("fish sauce, amount", "40");
  const cut = page.locator('[data-cut="drizzle:fish_sauce"]');
  await expect(cut).toBeVisible();
  const promised = /→ ([\d.]+) %/.exec(await cut.innerText())?.[1];
  await cut.getByRole("button", { name: /^Do it/ }).click();
  await expect(page.getByRole("region", { name: "Salt ledger" })).toContainText(
    `${promised} % of the finished flesh`,
  );
});

test("a crust by the rule is 1.6 to 1, by its thickness what the shell takes, and the difference has its cause", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Kind", "grey mullet, whole round");
  await bench.enter("Pieces", "1");
  await bench.enter("Weight of all pieces", "1200");
  await bench.school("Crust");
  await bench.enter("Salt over it", "12.5");
  await expect(page.getByLabel("Salt over it", { exact: true })).toHaveValue("12.5");
  const byThickness = await bench.grams("sea_fine");
  await bench.pick("How much salt", "By the rule");
  await expect.poll(() => bench.grams("sea_fine")).toBe(1920);
  expect(byThickness).not.toBe(1920);
  await page.getByRole("button", { name: "Why? Salt for the crust" }).first().click();
  await expect(page.getByRole("dialog")).toContainText("1.6 × 1");
  await expect(page.getByRole("dialog")).toContainText("makes an even crust of about");
});

test("a kitchen's own honey, by its flag, is refused an infant; unticked it is not", async ({ page }) => {
  await page.goto("/stores");
  await page.getByRole("button", { name: "Add an ingredient" }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByLabel("Name").fill("Weir blossom");
  await pick(dialog, "Most like", "honey");
  await expect(dialog.getByLabel(/^honey, or made with it/)).toBeChecked();
  await dialog.getByRole("button", { name: "Keep it" }).click();
  await expect(dialog).toHaveCount(0);

  const bench = new BenchPage(page);
  await bench.open("Marinade");
  await bench.add("Weir blossom");
  await expect(page.getByText("Honey and infants")).toBeVisible();
  await page.goto("/stores");
  await page.getByRole("button", { name: "Weir blossom" }).first().click();
  await dialog.getByLabel(/^honey, or made with it/).uncheck();
  await dialog.getByRole("button", { name: "Keep it" }).click();
  await expect(dialog).toHaveCount(0);
  await bench.open("Marinade");
  // The starter's own table honey is taken out: what is left is ours, and it is no honey now.
  await (await bench.more("honey")).getByRole("button", { name: "Remove honey" }).click();
  await bench.add("Weir blossom");
  await expect(page.getByText("Honey and infants")).toHaveCount(0);
});

test("what hides in a brine's soy is taken off its salt, and the sheet says so", async ({ page }) => {
  await startedBatch(page, "Soy brine", async (bench) => {
    await bench.add("soy sauce, all-purpose");
    await expect(page.locator("[data-less]")).toContainText("less: already in soy sauce");
  });
});
