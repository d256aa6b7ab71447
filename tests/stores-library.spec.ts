import { BenchPage } from "./bench-page";
import { comes, expect, test } from "./kitchen";

test("a formula's past: what changed line by line, an old version newest again, a branch, a tag", async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("With a past");
  await page.getByRole("button", { name: "Save as a formula" }).click();
  await expect(page.getByText("version 1 · saved")).toBeVisible();
  await bench.enter("Portions", "9");
  await page.getByRole("button", { name: "Save version 2" }).click();
  await expect(page.getByText("version 2 · saved")).toBeVisible();

  await page.goto("/stores");
  await page.getByRole("link", { name: "Versions and files of With a past" }).click();
  const differences = page.getByRole("region", { name: "Differences" });
  await expect(differences.getByRole("deletion")).toHaveText(["portions: 4"]);
  await expect(differences.getByRole("insertion")).toHaveText(["portions: 9"]);

  await page.getByRole("button", { name: "Make it the newest" }).click();
  await expect(page.getByText("As version 1 again")).toBeVisible();
  await expect(differences.getByRole("insertion")).toHaveText(["portions: 4"]);

  await page.getByLabel("A new tag").fill("Michaelmas");
  await page.getByRole("button", { name: "Tag", exact: true }).click();
  await expect(page.getByRole("button", { name: "Take off the tag Michaelmas" })).toBeVisible();

  await page.getByLabel("Name of the branch").fill("With a past, and juniper");
  await page.getByRole("button", { name: "Branch", exact: true }).click();
  await expect(page.getByLabel("Name of the formula")).toHaveValue("With a past, and juniper");

  await page.goto("/stores");
  await page.getByRole("button", { name: "Michaelmas", exact: true }).click();
  await expect(page.getByRole("link", { name: /^Versions and files of/ })).toHaveCount(1);
  await page.getByRole("button", { name: "Archive: With a past", exact: true }).click();
  await expect(page.getByText("No formula of that name or tag.")).toBeVisible();
  await page.getByRole("checkbox", { name: "archived" }).check();
  await page.getByRole("button", { name: "Bring back: With a past", exact: true }).click();
  // The last of them: there is no list of what is put away to stay in.
  await expect(page.getByRole("link", { name: "With a past", exact: true })).toBeVisible();
  await expect(page.getByRole("checkbox", { name: "archived" })).toHaveCount(0);
  // Nor one of a tag that was taken off on another device meanwhile, and is gone when the page is read again.
  await expect(page.getByRole("button", { name: "Michaelmas" })).toHaveAttribute("aria-pressed", "true");
  const past = page.getByRole("link", { name: "Versions and files of With a past", exact: true });
  const id = (await past.getAttribute("href"))?.split("/").at(-1);
  await page.request.patch(`/api/formulas/${id}`, { data: { tags: [] } });
  await page.getByRole("button", { name: "Archive: With a past", exact: true }).click();
  await expect(page.getByRole("button", { name: "Michaelmas" })).toHaveCount(0);
  await expect(page.getByRole("link", { name: "Juniper pork loin", exact: true }).first()).toBeVisible();
});

test("what a formula uses is put away, not taken out", async ({ page, request }) => {
  await page.goto("/stores");
  const own = page.locator("#own");
  await expect(own.getByText(/in .*Juniper pork loin/).first()).toBeVisible();
  const refused = await request.delete("/api/own/vessel/own-blue-tub");
  expect(refused.status()).toBe(409);
  expect((await refused.json()).detail).toContain("put it away instead");
  await own.getByRole("button", { name: "Archive The long blue tub" }).click();
  await own.getByRole("button", { name: "The long blue tub, take out again" }).click();
  await expect(own.getByRole("button", { name: "Archive The long blue tub" })).toBeVisible();
});

test("/ finds anything: a formula, a batch, a salt of the tables", async ({ page }) => {
  await page.goto("/work");
  await comes(page.getByRole("heading", { level: 1, name: "At work" }));
  // Keys are heard once the page is alive.
  await expect(page.locator("[inert]")).toHaveCount(0);
  await page.keyboard.press("/");
  const box = page.getByPlaceholder(/a formula, a batch/);
  await box.fill("duck");
  await expect(page.getByRole("option", { name: /Duck legs, dry brined formula/ }).first()).toBeVisible();
  await expect(page.getByRole("option", { name: /duck leg, skin on food/ })).toBeVisible();
  await box.fill("mullet formula");
  await expect(page.getByText("Nothing of that name.")).toBeVisible();
  await box.fill("grey sea");
  await expect(page.getByRole("option")).toHaveCount(1);
  await page.keyboard.press("Enter");
  await expect(page.getByLabel("Find in the tables")).toHaveValue("moist grey sea salt, coarse");
  await expect(page.getByRole("region", { name: "Table of salts" })).toContainText("moist grey sea salt");
});

test("two tabs on one formula: the second save sees what changed, and brings both together or keeps both", async ({
  page,
  context,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Two minds");
  await page.getByRole("button", { name: "Save as a formula" }).click();
  await expect(page.getByText("version 1 · saved")).toBeVisible();
  await expect(page).toHaveURL(/formula=/);
  const other = await context.newPage();
  const otherBench = new BenchPage(other);
  await other.goto(page.url());
  await otherBench.enter("Portions", "12");
  await other.getByRole("button", { name: "Save version 2" }).click();
  await expect(other.getByText("version 2 · saved")).toBeVisible();

  await bench.enter("Salt wanted", "1.7");
  await page.getByRole("button", { name: "Save version 2" }).click();
  const told = page.getByRole("alert").filter({ hasText: "Saved elsewhere meanwhile" });
  await expect(told.getByRole("insertion")).toHaveText(["portions: 12"]);
  await expect(told.getByText("Nothing was changed by both.")).toBeVisible();
  await told.getByRole("button", { name: "Bring both together" }).click();
  await expect(await bench.field("Portions")).toHaveValue("12");
  await expect(page.getByLabel("Salt wanted in the flesh", { exact: true })).toHaveValue("1.7");
  // A page of the Stores that stands open elsewhere is kept up.
  await other.goto(`/stores/formula/${new URL(page.url()).searchParams.get("formula")}`);
  const versions = other.getByRole("region", { name: "Versions" });
  await expect(versions.getByText("version 2", { exact: true })).toBeVisible();
  await expect(versions.getByText("version 3", { exact: true })).toHaveCount(0);
  await page.getByRole("button", { name: "Save version 3" }).click();
  await expect(page.getByText("version 3 · saved")).toBeVisible();
  await expect(versions.getByText("version 3", { exact: true })).toBeVisible();

  await other.goto(page.url());
  await bench.enter("Portions", "6");
  await page.getByRole("button", { name: "Save version 4" }).click();
  await expect(page.getByText("version 4 · saved")).toBeVisible();
  await otherBench.enter("Portions", "9");
  await other.getByRole("button", { name: "Save version 4" }).click();
  await comes(other.getByRole("alert").filter({ hasText: "Saved elsewhere meanwhile" }));
  await expect(other.getByLabel("Portions")).toHaveValue("9");
  await other.getByRole("button", { name: "Save mine as version 5, keep both" }).click();
  await expect(other.getByText("version 5 · saved")).toBeVisible();
  await other.getByRole("link", { name: "Stores", exact: true }).click();
  const formula = other.getByRole("listitem").filter({ hasText: "Two minds" }).first();
  await expect(formula.getByRole("link", { name: /version [345]/ })).toHaveCount(3);
});

test("what a new sitting begins with is the kitchen's own", async ({ page }) => {
  await page.goto("/stores");
  await page.getByText("Ovens, fridge, hands, quiet hours").click();
  await page.getByLabel("Pairs of hands").fill("5");
  await page.getByLabel("Pairs of hands").blur();
  await expect
    .poll(async () => {
      await page.goto("/sitting");
      await page
        .getByRole("button", { name: /^New|Plan a sitting|A new sitting/ })
        .first()
        .click();
      await expect(page).toHaveURL(/\/sitting\/.+/);
      const id = page.url().split("/").at(-1);
      const sitting = await (await page.request.get(`/api/sittings/${id}/file`)).json();
      return sitting.kitchen.cooks;
    })
    .toBe(5);
});
