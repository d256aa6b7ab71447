import { BenchPage } from "./bench-page";
import { expect, test } from "./kitchen";

test("a joint by the needle: how strong, until what weight, when it has spread, and that it is cooked through", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Loin by the needle");
  await bench.choose("Kind", "pork loin roast, bone-in");
  await bench.enter("Pieces", "1");
  await bench.enter("Weight of all pieces", "4000 g");
  await bench.school("Injection");
  await bench.choose("Salt", "pickling salt");
  const made = async () => (await bench.grams("water")) + (await bench.grams("pickling"));
  // A tenth of the weight on the scale, all that is in it counted.
  await expect.poll(made).toBeCloseTo(400, -1);
  const strength = async () =>
    Number(/[\d.]+/.exec(await page.locator('[data-figure="strength"]').innerText())?.[0]);
  const wet = await strength();
  await bench.enter("Runs out again", "0");
  await expect.poll(strength).toBeLessThan(0.85 * wet);
  await expect(page.locator('[data-end="runOut"]')).toHaveCount(0);
  await bench.enter("Runs out again", "25");
  await expect(page.locator('[data-end="runOut"]')).toContainText("not eaten");
  await expect(page.locator('[data-figure="mean"]')).toContainText("as wanted");
  await expect(page.locator('[data-figure="centre"]')).toContainText("between stabs");
  // The nearer the stabs, the evener it is.
  const between = async () =>
    Number(/[\d.]+/.exec(await page.locator('[data-figure="centre"]').innerText())?.[0]);
  await bench.enter("A stab every", "40");
  await expect.poll(between).toBeLessThan(0.6);
  await bench.enter("A stab every", "12");
  await expect.poll(between).toBeGreaterThan(1.2);
  await expect(page.locator("[data-within]").first()).toBeAttached();
  // Nothing of a face: no rinse, no outside to be ready.
  await expect(page.getByRole("button", { name: "Rinse or rest" })).toHaveCount(0);
  await expect(page.getByLabel("Ready means").locator("option")).toHaveText([
    "seasoned",
    "even to the centre",
  ]);

  const stop = page.getByText("Injected meat is no whole cut any more");
  await expect(stop).toHaveCount(0);
  await bench.enter("Core shall end at", "58");
  await expect(stop.first()).toBeVisible();
  await bench.enter("Core shall end at", "66");
  await expect(stop).toHaveCount(0);

  await bench.save();
  await page.reload();
  await bench.group("Salt");
  await expect(page.getByLabel("A stab every", { exact: true })).toHaveValue("12");
  await bench.start();
  const shelf = page.getByRole("article", { name: "Loin by the needle" });
  await expect(shelf).toContainText("injected brine");
  await page.goto("/work");
  await expect(
    page.getByText(/Inject .* g brine, a stab every 12 mm, until it weighs/).first(),
  ).toBeVisible();
});

test("a brine of more than the water can hold, or more in it than brine is asked for, is told", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.choose("Kind", "pork loin roast, bone-in");
  await bench.school("Injection");
  await bench.enter("Brine, of its weight", "3");
  await expect(page.getByText("Undissolved salt").first()).toBeVisible();
  await bench.enter("Brine, of its weight", "50");
  await expect(page.getByText(/^Brine, of its weight does not/)).toBeVisible();
  await bench.enter("Brine, of its weight", "3");
  await bench.add("soy sauce, all-purpose");
  await bench.enter("soy sauce, all-purpose, amount", "60");
  await expect(page.getByText(/more than .* g of brine has room for/).first()).toBeVisible();
});
