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
