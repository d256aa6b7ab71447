import { expect, test } from "./kitchen";
import { BenchPage } from "./bench-page";

test.describe("what does not read is said in place, and nothing else is lost", () => {
  test.beforeEach(async ({ page }) => {
    const bench = new BenchPage(page);
    await bench.open();
    await bench.enter("Pieces", "5");
  });

  for (const [text, says] of [
    ["", "Enter 2.4 kg"],
    ["0", "At least 5 g"],
    ["-200", "At least 5 g"],
    ["2000 kg", "is too much; at most 200 kg"],
    ["duck", "does not read as an amount"],
    ["2 cups", "does not fit here"],
    ["1,250", "could be 1250 or 1.25"],
    ["3 hundredweight", "not a unit known here"],
  ]) {
    test(`mass “${text}”`, async ({ page }) => {
      const bench = new BenchPage(page);
      const before = await bench.grams("sea_fine");
      await bench.enter("Weight of all pieces", text);
      await expect(page.getByRole("alert").filter({ hasText: says })).toBeVisible();
      await expect(page.getByLabel("Weight of all pieces")).toHaveAttribute("aria-invalid", "true");
      await expect(page.getByText("does not read. The figures stand on the last good entry")).toBeVisible();
      await expect(page.getByRole("button", { name: "Save as a formula" })).toBeDisabled();
      await expect.poll(() => bench.grams("sea_fine")).toBe(before);
      await expect(page.getByLabel("Pieces", { exact: true })).toHaveValue("5");
      await bench.enter("Weight of all pieces", "2 kg");
      await expect(page.getByRole("button", { name: "Save as a formula" })).toBeEnabled();
    });
  }

  test("a 400 mm chop is refused with what is likely, and mended by one tap", async ({ page }) => {
    const bench = new BenchPage(page);
    await bench.enter("Thickness", "400");
    await expect(page.getByRole("alert").filter({ hasText: "mm is likely" }).first()).toBeVisible();
    await expect(page.getByText("Everything you entered is kept.")).toBeVisible();
    await page.getByRole("button", { name: /^Use \d+ mm$/ }).click();
    await expect(page.getByRole("heading", { name: "Weigh out" })).toBeVisible();
    await expect(page.getByLabel("Pieces", { exact: true })).toHaveValue("5");
  });
});

test("salted by the packer beyond the target: says what it holds", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.toggle("Salted by the packer");
  await bench.enter("Sodium, mg per 100 g", "700");
  await expect(
    page.getByRole("alert").filter({ hasText: "already holds 1.78 % salt" }).first(),
  ).toBeVisible();
});

test("a stop blocks the start until a reason is given, and the reason is kept", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Chops in aluminium");
  await bench.choose("Made of", "aluminium");
  await expect(page.getByText("Stop: Acid or salt in reactive metal")).toBeVisible();
  await page.getByRole("button", { name: "Start this batch" }).first().click();
  const dialog = page.getByRole("dialog");
  await expect(dialog.getByRole("button", { name: "Start this batch" })).toBeDisabled();
  await dialog.getByLabel("Go on all the same because").fill("lined with a food bag");
  await dialog.getByRole("button", { name: "Start this batch" }).click();
  await page.getByRole("article", { name: "Chops in aluminium" }).getByRole("link").first().click();
  await expect(page.getByText("“lined with a food bag”")).toBeVisible();
});

test("pages that are not there say so", async ({ page }) => {
  for (const path of ["/batch/nope", "/bench?formula=nope", "/nowhere"]) {
    const answer = await page.goto(path, { waitUntil: "load" });
    expect(answer?.status()).toBe(404);
    await expect(page.getByText("There is no such batch, formula or page")).toBeVisible();
  }
});
