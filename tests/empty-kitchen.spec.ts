import { expect, test } from "./kitchen";

test("an empty kitchen offers two ways to begin, and loads the example kitchen once", async ({
  page,
  emptyKitchen,
}) => {
  await page.goto(emptyKitchen.url);
  await expect(page.getByRole("main").getByRole("link", { name: "Start a batch" })).toBeVisible();
  await page.getByRole("button", { name: "Load the example kitchen" }).click();
  await expect(page.getByText("Tarrow Lock Canteen")).toBeVisible();
  await expect(page.getByRole("article", { name: "Juniper pork loin" })).toContainText("equilibrium brine");
  await expect(page.getByRole("article", { name: "Duck legs, dry brined" })).toContainText("take out");
  await expect(page.getByRole("heading", { name: "Finished lately" })).toBeVisible();

  const again = await page.request.post(`${emptyKitchen.url}/api/demo`);
  expect(again.status()).toBe(409);
});

test("a new kitchen asks a device of other hours and measures whether to keep those", async ({
  browser,
  page,
  emptyKitchen,
}) => {
  await page.goto(emptyKitchen.url);
  await expect(page.getByRole("button", { name: "Use my device’s" })).toHaveCount(0);

  const context = await browser.newContext({ timezoneId: "America/New_York", locale: "en-US" });
  const device = await context.newPage();
  await device.goto(emptyKitchen.url);
  await expect(device.getByText("Your device uses America/New_York time and US measures.")).toBeVisible();
  const before = await (await page.request.get(`${emptyKitchen.url}/api/v1/kitchen`)).json();
  expect(before).toMatchObject({ measures: "metric" });
  await device.getByRole("button", { name: "Use my device’s" }).click();
  await expect(device.getByRole("button", { name: "Use my device’s" })).toHaveCount(0);
  await device.goto(`${emptyKitchen.url}/bench`);
  await expect(device.getByLabel("Weight of all pieces").first()).toHaveValue(/lb/);
  await context.close();
});
