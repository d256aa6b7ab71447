import { expect, test, type Locator } from "./kitchen";

test("one letter goes to each station, and ? lists the keys", async ({ page }) => {
  await page.goto("/");
  // A station that has just been drawn may not listen yet.
  const press = (key: string, shows: Locator) =>
    expect(async () => {
      await page.keyboard.press(key);
      await expect(shows).toBeVisible({ timeout: 1000 });
    }).toPass();
  const station = (name: string) => page.getByRole("heading", { name, level: 1 });
  await press("b", station("Bench"));
  await press("t", station("Stores"));
  await press("?", page.getByRole("dialog", { name: "Keys" }));
});

test("at 1280 × 800 the Bench shows its three columns without scrolling the page", async ({ page }) => {
  await page.goto("/bench");
  for (const name of ["Two are yours, the third follows", "Soak", "Weigh out"])
    await expect(page.getByRole("heading", { name, exact: true })).toBeInViewport();
  const scrolls = await page.evaluate(() => document.documentElement.scrollHeight > window.innerHeight);
  expect(scrolls).toBe(false);
});
