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
  await expect(acts).toContainText(/Juniper pork loin|Duck legs|lamb shoulder/);
  await expect(page.getByRole("region", { name: "Fridge" })).toContainText(/\d+ of \d+ L/);
  const soon = page.getByRole("region", { name: "Sittings to come" });
  await expect(soon.getByRole("listitem")).toHaveCount(2);
  await expect(soon).toContainText("does not fit");
  // An act leads to where it is seen to.
  await acts.getByRole("link").first().click();
  await expect(page).toHaveURL(/\/(sitting|batch)\/.+|\/work/);
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
  await boxes.nth(0).check();
  await boxes.nth(1).check();
  await page.getByRole("link", { name: "Compare the two" }).click();
  const table = page.getByRole("table");
  await expect(table.getByRole("row", { name: /Salt, judged/ })).toContainText("salt right");
  await expect(table.getByRole("row", { name: /Juiciness/ })).toContainText(/juicy/);
  await expect(table.getByRole("row", { name: /Taken out/ })).toContainText("14:00");
  await expect(table).not.toContainText("+1");
});
