import { expect, test } from "./kitchen";

test("the Shelf says what is to be done tonight and tomorrow, which tables are to come, and what the fridge holds", async ({
  page,
  exampleKitchen,
}) => {
  await page.goto(exampleKitchen.url);
  const acts = page.getByRole("region", { name: "Next acts" });
  await expect(acts.getByRole("heading").first()).toHaveText(/^(Tonight|Today|Tomorrow)$/);
  const hours = await acts.getByRole("listitem").locator(".figure").allInnerTexts();
  expect(hours.length).toBeGreaterThan(3);
  await expect(acts).toContainText(/Mackerel|Buttermilk lamb|Juniper pork loin|Duck legs/);
  await expect(page.getByRole("region", { name: "Fridge" })).toContainText(/\d+ L of \d+ L/);
  const soon = page.getByRole("region", { name: "Sittings to come" });
  await expect(soon.getByRole("listitem")).toHaveCount(2);
  await expect(soon).toContainText("does not fit");
  // An act leads to where it is seen to.
  await acts.getByRole("link").first().click();
  await expect(page).toHaveURL(/\/(sitting|batch)\/.+|\/work/);
});

test("from the first second one is late by a little, one is in the oven on its probe, two are soaking", async ({
  page,
  exampleKitchen,
}) => {
  await page.goto(exampleKitchen.url);
  const crock = (name: RegExp) => page.getByRole("article", { name });
  await expect(crock(/Mackerel/)).toContainText(/\d min\s*late/);
  await expect(page.getByRole("article")).toHaveCount(3);
  await page.goto(`${exampleKitchen.url}/work`);
  await page.getByRole("button", { name: /^Buttermilk lamb shoulder \d+\.\d °C in the oven/ }).click();
  await expect(page.locator("[data-core]").first()).toContainText(/\d/);
  // It keeps nearly to its minutes: a cook believes it.
  await expect(page.getByRole("region", { name: "Core" })).toContainText(
    /On time|\b\d{1,2} min (early|late)/,
  );
});

test("Saturday's evening is rehearsed from the Shelf at 60 ×, beside the kitchen, and is gone when it is ended", async ({
  page,
  exampleKitchen,
}) => {
  await page.goto(exampleKitchen.url);
  const soon = page.getByRole("region", { name: "Sittings to come" });
  await soon.getByRole("button", { name: "Rehearse this evening: Saturday at the lock" }).click();
  await page.waitForURL(/\/work\?rehearsal=/);
  const note = page.getByRole("region", { name: "Rehearsal" });
  await expect(note).toContainText("Saturday at the lock, rehearsed: it is Sat ");
  await expect(note.getByRole("button", { name: "60 ×", exact: true })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  // Its clock runs; held to the wall's, what is tapped is kept; faster, an hour is seconds.
  const there = async () => await note.locator(".figure").innerText();
  const at = await there();
  await expect.poll(there).not.toBe(at);
  await note.getByRole("button", { name: "1 ×", exact: true }).click();
  await expect(note.getByRole("button", { name: "1 ×", exact: true })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  // One dish is kept in view, so that what is done is counted of it.
  await page.getByRole("list", { name: "Dishes at work" }).getByRole("button").first().click();
  const own = page.locator("[data-act]").last();
  const tapped = page.locator(`[data-act][aria-label="${await own.getAttribute("aria-label")}"]`);
  const doneSoFar = async () => Number(/\d+/.exec(await page.getByText(/^Done \d/).innerText())?.[0]);
  const before = await doneSoFar();
  await own.getByRole("button", { name: "Done", exact: true }).click();
  await expect.poll(doneSoFar).toBe(before + 1);
  await expect(tapped).toHaveCount(0);
  await page.reload();
  await expect(own).toBeVisible();
  await expect(tapped).toHaveCount(0);
  await note.getByRole("button", { name: "600 ×" }).click();
  await expect(note.getByRole("button", { name: "600 ×" })).toHaveAttribute("aria-pressed", "true");
  await note.getByRole("button", { name: "1 ×", exact: true }).click();

  // The kitchen itself has none of it at work.
  const url = page.url();
  await page.goto(`${exampleKitchen.url}/work`);
  await expect(page.getByRole("button", { name: /^Mackerel/ })).toBeVisible();
  await expect(page.getByRole("button", { name: /^Roots on two trays/ })).toHaveCount(0);
  await page.goto(exampleKitchen.url);
  await expect(page.getByRole("article")).toHaveCount(3);
  await soon.getByRole("link", { name: /rehearsal under way/ }).click();
  await expect(page).toHaveURL(url);
  await note.getByRole("button", { name: "End the rehearsal" }).click();
  await expect(soon.getByRole("listitem")).toHaveCount(2);
  await page.goto(url);
  await expect(note).toContainText("over, or was ended");
});

test("the record sorts by a tap on a head, picks its columns, and keeps both in the address", async ({
  page,
  exampleKitchen,
}) => {
  await page.goto(`${exampleKitchen.url}/record`);
  const out = page.getByRole("columnheader", { name: "Taken out" });
  await expect(out).toHaveAttribute("aria-sort", "descending");
  const names = () => page.getByRole("row").getByRole("link").allInnerTexts();
  const newest = await names();
  await out.getByRole("button").click();
  await expect(out).toHaveAttribute("aria-sort", "ascending");
  await expect.poll(names).toEqual([...newest].reverse());
  await page.getByRole("columnheader", { name: "Verdict" }).getByRole("button").click();
  await expect(page).toHaveURL(/sort=saltiest/);
  await expect(page.getByRole("row").nth(1)).toContainText("a little salty");

  await expect(page.getByRole("columnheader", { name: "Planned" })).toHaveCount(0);
  await page.getByText("Columns", { exact: true }).click();
  await page.getByRole("checkbox", { name: "Planned" }).check();
  await expect(page.getByRole("columnheader", { name: "Planned" })).toBeVisible();
  await page.reload();
  await expect(page.getByRole("columnheader", { name: "Planned" })).toBeVisible();
  await expect(page).toHaveURL(/sort=saltiest/);

  // Two of them side by side are told in words, with their days.
  await page.goto(`${exampleKitchen.url}/record`);
  const boxes = page.getByRole("checkbox", { name: /^Compare / });
  // The first of them is still in the oven.
  await boxes.nth(1).check();
  await boxes.nth(2).check();
  await page.getByRole("link", { name: "Compare the two" }).click();
  const table = page.getByRole("table");
  await expect(table.getByRole("row", { name: /Salt, judged/ })).toContainText("salt right");
  await expect(table.getByRole("row", { name: /Juiciness/ })).toContainText(/juicy/);
  await expect(table.getByRole("row", { name: /Taken out/ })).toContainText("14:00");
  await expect(table).not.toContainText("+1");
});
