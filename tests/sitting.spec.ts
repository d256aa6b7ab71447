import { comes, expect, test, type Page } from "./kitchen";
import { enterWhen } from "./when-entry";
import { daysOn } from "./kitchen-clock";
import { pick } from "./pick";

async function fresh(page: Page): Promise<void> {
  await page.goto("/sitting");
  await page.getByRole("button", { name: "Plan a sitting" }).click();
  await expect(page.getByRole("textbox", { name: "We eat at" })).toBeVisible();
}

const plan = (page: Page) => page.getByRole("region", { name: "Plan", exact: true });
const kept = (page: Page) => page.getByText("saved", { exact: true });

test("we eat at six: dishes fall into place, an act is put elsewhere, a second device agrees", async ({
  page,
  browser,
}) => {
  await fresh(page);
  await page.getByLabel("Name of the sitting").fill("Lock-keepers' supper");
  await page.getByLabel("Name of the sitting").blur();
  await enterWhen(page, "We eat at", daysOn(2, "18:00"));
  await pick(page, "Add from a formula", "Juniper pork loin");
  await page.getByRole("button", { name: "Add something plain" }).click();
  await page.getByLabel("Called").fill("Roots");
  await page.getByLabel("Cooks for, part 1").fill("50");
  await page.getByRole("button", { name: "Add it" }).click();
  await expect(plan(page)).toContainText("Roots to the table");
  // All of it in a sentence, each part changed where it stands.
  const sentence = page.getByRole("group", { name: "The sitting in a sentence" });
  await expect(sentence).toContainText("Juniper pork loin and Roots on the table");
  await sentence.getByRole("button", { name: "We eat at: 15 minutes later" }).click();
  await expect(sentence.getByRole("textbox", { name: "We eat at" })).toHaveValue(/18:15$/);
  await sentence.getByRole("button", { name: "We eat at: 15 minutes earlier" }).click();
  await expect(sentence.getByRole("textbox", { name: "We eat at" })).toHaveValue(/18:00$/);
  await sentence.getByRole("button", { name: /one oven with/ }).click();
  await expect(page.getByLabel("Shelves in each")).toBeVisible();
  // In the night itself nobody is up; an hour before or after it may have to do, by when today this is asked.
  await expect(sentence).toContainText(/Everything fits. Nobody gets up in the night./);

  // The table's half hour holds both dishes.
  const times = await plan(page)
    .getByRole("listitem")
    .filter({ hasText: /to the table|serve/i })
    .allInnerTexts();
  for (const text of times) expect(text).toMatch(/^(17:[3-5]\d|18:00)/);

  // Nudged by the keyboard, it is put there, and what moved is said.
  const weigh = page.locator('[data-task$="/weigh_out"]').first();
  await weigh.focus();
  await page.keyboard.press("Shift+ArrowLeft");
  await expect(page.getByText("What moved")).toBeVisible();
  await expect(page.getByRole("button", { name: /Let it move again/ })).toBeVisible();
  await page.getByRole("button", { name: /Let it move again/ }).click();
  await expect(page.getByRole("button", { name: /Let it move again/ })).toHaveCount(0);

  // Dragged by the hand: it lies where it was dropped, to five minutes.
  const bar = page.locator('[data-task$="/weigh_out"]').first();
  await bar.scrollIntoViewIfNeeded();
  // Its words and figures stand in it; hours in which nothing is done are folded, and say how long.
  await expect(bar).toContainText("Weigh");
  await expect(page.getByText(/^\d+ h, one night$/).first()).toBeVisible();
  const box = await bar.boundingBox();
  if (!box) throw new Error("the act is not drawn");
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 - 40, { steps: 4 });
  await page.mouse.up();
  await expect(bar).toHaveAttribute("aria-label", /put here/);
  // Dropped where it cannot be, the clash says that it was put there, and lets it go again.
  await bar.focus();
  for (let i = 0; i < 40; i++) await page.keyboard.press("Shift+ArrowRight");
  const clash = page.getByRole("region", { name: "Clash" });
  await expect(clash).toContainText("was put where it is");
  await clash.getByRole("button", { name: /move again/ }).click();
  await page.getByRole("button", { name: "Take this change" }).click();
  await expect(clash).toHaveCount(0);

  // Lanes by what is used; closer and wider.
  await page.getByText("by fridge, oven, hands").click();
  await expect(plan(page).getByText("Oven", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Closer" }).click();

  // What to buy, and a reload.
  await expect(page.getByRole("region", { name: "Shopping and weighing out" })).toContainText(/pork loin/i);
  await comes(kept(page));
  await page.reload();
  await expect(plan(page)).toContainText("Roots to the table");

  // A second device changes it; this one's next change is told, and takes theirs.
  const other = await (await browser.newContext()).newPage();
  await other.goto(page.url());
  await other.getByLabel("Name of the sitting").fill("Theirs");
  await other.getByLabel("Name of the sitting").blur();
  await expect(kept(other)).toBeVisible();
  await other.waitForTimeout(300);
  const saved = page.waitForResponse((r) => r.request().method() === "PUT");
  await page.getByLabel("Name of the sitting").fill("Mine");
  await page.getByLabel("Name of the sitting").blur();
  // This page may have looked in between, and then has theirs already.
  if ((await saved).status() === 409) {
    await expect(page.getByText("Somebody changed this sitting")).toBeVisible();
    await page.getByRole("button", { name: "Save mine over it" }).click();
  }
  await comes(kept(page));
  await other.context().close();
});

test("one oven at two heats: the clash says so, a change is looked at, left, and then taken", async ({
  page,
}) => {
  await page.goto("/sitting");
  await page.getByRole("link", { name: /Harvest supper/ }).click();
  const clash = page.getByRole("region", { name: "Clash" });
  await expect(clash).toContainText("It does not fit");
  await expect(clash).toContainText(/one heat at a time|on the table at the hour/);
  await expect(clash.locator("[data-offer]").first()).toBeVisible();
  // It is drawn: the plan that comes nearest, and what of it does not fit.
  const nearest = page.getByRole("region", { name: "The plan that comes nearest" });
  await expect(nearest).toContainText("All but this is kept: the oven has one heat at a time");
  await expect(nearest.locator('[data-task][aria-label$="does not fit"]').first()).toContainText(
    /into the oven|Into the oven|Heat the oven/,
  );
  const second = clash.locator('[data-offer="another:oven"]');
  await second.click();
  const preview = page.getByRole("region", { name: "Preview" });
  await expect(preview.getByRole("group", { name: "The plan, by time" })).toBeVisible();
  await expect(preview).toContainText("Nothing is changed yet");
  await preview.getByRole("button", { name: "Back" }).click();
  await expect(preview).toHaveCount(0);
  await expect(clash).toBeVisible();
  await second.click();
  await preview.getByRole("button", { name: "Take this change" }).click();
  await expect(plan(page)).toBeVisible();
  await expect(clash).toHaveCount(0);
  await comes(kept(page));
});

test("a table in the past is said to be, with the earliest that would work", async ({ page }) => {
  await fresh(page);
  await pick(page, "Add from a formula", "Duck legs, dry brined");
  await enterWhen(page, "We eat at", daysOn(-1, "18:00"));
  const clash = page.getByRole("region", { name: "Clash" });
  await expect(clash).toContainText("That hour is past");
  await clash.locator('[data-offer="later"]').click();
  await page.getByRole("button", { name: "Take this change" }).click();
  await expect(plan(page)).toBeVisible();
});

test("a dish is started from its sitting, and its acts done at work move the plan", async ({ page }) => {
  await fresh(page);
  await enterWhen(page, "We eat at", daysOn(2, "18:00"));
  await pick(page, "Add from a formula", "Duck legs, dry brined");
  await expect(plan(page)).toBeVisible();
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await expect(page.locator('[data-dish="Duck legs, dry brined"]')).toContainText("under way");
  await plan(page)
    .getByRole("link", { name: /weigh out/i })
    .click();
  await expect(page.locator("[data-act]")).toBeVisible();
});

test("it leaves as a calendar, as CSV and on paper; on a phone it is a list by the clock", async ({
  page,
}) => {
  await page.goto("/sitting");
  await page.getByRole("link", { name: / at the lock/ }).click();
  await expect(plan(page)).toBeVisible();
  const href = (name: string) => page.getByRole("link", { name, exact: true }).getAttribute("href");
  await page.getByRole("button", { name: "Calendar" }).click();
  const calendar = await page.request.get((await href("A file, as the plan is now")) ?? "");
  expect(calendar.headers()["content-type"]).toContain("text/calendar");
  expect(await calendar.text()).toContain("BEGIN:VALARM");
  // Followed at an address of its own, told once.
  await page.getByRole("button", { name: "An address to follow" }).click();
  const address = await page.getByLabel("The calendar’s address").inputValue();
  expect(await (await page.request.get(address)).text()).toContain("METHOD:PUBLISH");
  await page.getByRole("dialog").getByRole("button", { name: "Close", exact: true }).first().click();
  const csv = await page.request.get((await href("CSV")) ?? "");
  expect((await csv.text()).split("\n")[0]).toContain("start_local,end_local,zone");
  const file = await (await page.request.get((await href("File")) ?? "")).body();
  const sittingUrl = page.url();
  await page.goto("/sitting");
  const upload = page.getByLabel("From a file");
  await upload.setInputFiles({
    name: "list.json",
    mimeType: "application/json",
    buffer: Buffer.from("no { list"),
  });
  await expect(page.getByText("does not read as a sitting")).toBeVisible();
  await upload.setInputFiles({ name: "saturday.json", mimeType: "application/json", buffer: file });
  await expect(plan(page)).toContainText("Carve and serve");
  expect(page.url()).not.toBe(sittingUrl);
  await page.goto((await href("Print")) ?? "");
  await expect(page.getByRole("heading", { name: /day at the lock/ })).toBeVisible();
  await expect(page.getByText("Carve and serve").first()).toBeVisible();
  // The same score, within the width of a sheet of A4.
  await page.setViewportSize({ width: 794, height: 1123 });
  const score = page.getByRole("group", { name: "The plan, by time" });
  await expect(score).toContainText("the table");
  expect((await score.boundingBox())?.width).toBeLessThan(794);
  expect(await score.locator("[data-task]").count()).toBeGreaterThan(20);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goBack();
  await expect(plan(page).getByRole("listitem").first()).toBeVisible();
  await expect(score).toBeHidden();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
