import { expect, test } from "./kitchen";
import { BenchPage } from "./bench-page";
import { pick } from "./pick";

test.describe.configure({ mode: "serial" });

test("a spoon of our own salt, weighed once, changes every measure and no gram", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Salt", "flaky finishing salt");
  const grams = await bench.grams("flaky_finishing");
  const words = await page.locator('[data-line="flaky_finishing"]').last().innerText();

  await page.goto("/stores");
  await page.getByRole("button", { name: "Weigh our salt" }).click();
  const dialog = page.getByRole("dialog");
  await pick(dialog, "Salt", "flaky finishing salt");
  await dialog.getByLabel("It weighs").fill("40 g");
  await expect(dialog.getByRole("alert")).toContainText("Level the spoon");
  await dialog.getByLabel("It weighs").fill("9.6 g");
  await expect(dialog).toContainText("0.64 g/ml");
  await dialog.getByRole("button", { name: "It rules from now on" }).click();
  const list = page.getByRole("region", { name: "Salts we weighed" });
  await expect(list).toContainText("0.64 g/ml by our spoon");

  await bench.open();
  await bench.choose("Salt", "flaky finishing salt");
  await expect.poll(() => bench.grams("flaky_finishing")).toBeCloseTo(grams, 0);
  expect(await page.locator('[data-line="flaky_finishing"]').last().innerText()).not.toBe(words);

  await page.goto("/stores");
  await list.getByRole("button", { name: "Remove flaky finishing salt" }).click();
  await expect(list).not.toContainText("flaky finishing salt");
});

test("an ingredient of our own, begun from its nearest, goes into a formula with its salt and allergens", async ({
  page,
}) => {
  await page.goto("/stores");
  await page.getByRole("button", { name: "Add an ingredient" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog.getByRole("button", { name: "Keep it" })).toBeDisabled();
  await dialog.getByLabel("Name").fill("Lock-keeper's relish");
  await pick(dialog, "Most like", "tomato ketchup");
  await dialog.getByLabel("Salt", { exact: true }).fill("12 %");
  await dialog.getByLabel("Water").fill("95 %");
  await dialog.getByLabel("celery").check();
  await dialog.getByRole("button", { name: "Keep it" }).click();
  await expect(dialog.getByRole("alert")).toContainText("cannot be more than 100 %");
  await dialog.getByLabel("Water").fill("60 %");
  await dialog.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByRole("region", { name: "Ingredients" })).toContainText("12.0 % salt");

  const bench = new BenchPage(page);
  await bench.open("Marinade");
  await bench.add("Lock-keeper's relish");
  await bench.enter("Lock-keeper's relish, amount", "50");
  await expect(page.locator('[data-fact="allergens"]')).toContainText("celery");
  await bench.name("With the relish");
  await bench.save();
  await page.reload();
  await expect(await bench.field("Lock-keeper's relish, amount")).toHaveValue("50");
});

test("a vessel of our own, measured once, is chosen by its name; the shelf says it is too high", async ({
  page,
}) => {
  await page.goto("/stores");
  await page.getByRole("button", { name: "Add a vessel" }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByLabel("Name").fill("The tall pail");
  await dialog.getByLabel("Kind").selectOption({ label: "a pail" });
  await dialog.getByLabel("Width at the rim").fill("290");
  await dialog.getByLabel("Width at the floor").fill("250");
  await dialog.getByLabel("Inside height").fill("32 cm");
  await dialog.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByRole("region", { name: "Vessels" })).toContainText("290 × 250 × 320 mm");
  if (!(await page.getByLabel("Fridge shelf measured").isChecked()))
    await page.getByLabel("Fridge shelf measured").click();
  await page.getByLabel("Shelf, free height").fill("250");

  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("One of ours", "The tall pail");
  await expect(page.getByLabel("Inside height")).toHaveValue("320");
  await expect(page.getByText("It does not fit the fridge")).toBeVisible();
});

test("an eater who must not have mustard stops the batch; acknowledged with a reason, it starts", async ({
  page,
}) => {
  await page.goto("/stores");
  await page.getByRole("button", { name: "Add an eater" }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByLabel("Who").fill("the ferryman's table");
  await dialog.getByLabel("mustard").check();
  await dialog.getByRole("button", { name: "Keep it" }).click();
  const eaters = page.getByRole("region", { name: "Eaters" });
  await expect(eaters).toContainText("no mustard");

  const bench = new BenchPage(page);
  await bench.open("Rub");
  await bench.add("mustard powder");
  await expect(page.getByText("mustard in this dish; the ferryman's table must avoid it.")).toBeVisible();
  await page.getByRole("button", { name: "Start this batch" }).first().click();
  const start = page.getByRole("dialog");
  await start.getByRole("textbox").last().fill("their piece is rubbed apart, with clean hands");
  await start.getByRole("button", { name: "Start this batch" }).click();
  await expect(page.getByRole("heading", { name: "Shelf", level: 1 })).toBeVisible();

  await page.goto("/stores");
  await eaters.getByRole("button", { name: "Remove the ferryman's table" }).click();
  await expect(eaters).not.toContainText("ferryman");
});

test("the tables behind the sums can be searched, each row with where it comes from", async ({ page }) => {
  await page.goto("/stores");
  await page.getByLabel("Find in the tables").fill("sumac");
  const table = page.getByRole("region", { name: "Table of ingredients" });
  await expect(table.getByRole("row", { name: /^sumac/ })).toContainText("from memory");
  await page.getByLabel("Find in the tables").fill("washing raw");
  await expect(page.getByRole("region", { name: "Table of hazards" })).toContainText("Pat with paper");
});
