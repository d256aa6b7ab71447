import AxeBuilder from "@axe-core/playwright";
import { alone, comes, expect, test, type Locator, type Page } from "./kitchen";

/**
 * What stands against the rules on a page whose script has come: before that a station is inert, and seen by nobody. In the
 * dark only what colours can spoil is looked at again: names and roles are the same.
 */
async function violations(page: Page, what: string): Promise<string[]> {
  await expect(page.locator("[inert]")).toHaveCount(0);
  const found: string[] = [];
  const grounds = new Set<string>();
  for (const colorScheme of ["light", "dark"] as const) {
    await page.emulateMedia({ colorScheme });
    grounds.add(await page.evaluate(() => getComputedStyle(document.body).backgroundColor));
    const builder = new AxeBuilder({ page });
    const { violations: against } = await (
      colorScheme === "dark" ? builder.withRules(["color-contrast"]) : builder
    ).analyze();
    found.push(
      ...against.map((v) => `${what}, ${colorScheme} ${v.id}: ${v.nodes.map((n) => n.html).join(" ")}`),
    );
  }
  expect(grounds.size, "light and dark have one ground").toBe(2);
  return found;
}

const STATIONS = ["/", "/bench", "/sitting", "/work", "/record", "/stores"];

test("contrast, names and roles hold at every station, light and dark", async ({ page }) => {
  for (const path of STATIONS) {
    await page.goto(path);
    expect(await violations(page, path)).toEqual([]);
  }
});

test("a sitting, its clash and a batch at work, light and dark", async ({ page }) => {
  await page.request.post("/api/demo", { data: {} });
  const clean = async (what: string) => expect(await violations(page, what)).toEqual([]);
  for (const [name, shows] of [
    [" at the lock", "Plan"],
    ["Harvest supper", "Clash"],
  ]) {
    await page.goto("/sitting");
    await page.getByRole("link", { name: new RegExp(name) }).click();
    await comes(page.getByRole("region", { name: /^(Plan|Clash)$/ }));
    await clean(shows);
  }
  await page.goto("/work");
  await expect(page.locator("[data-act]").first()).toBeVisible();
  await clean("At work");
});

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

alone(
  "no page asks anything of the outside, none logs a fault, none scrolls sideways on a phone",
  async ({ page }) => {
    const outside: string[] = [];
    const faults: string[] = [];
    page.on("request", (r) => {
      const { hostname, protocol } = new URL(r.url());
      if (hostname !== "127.0.0.1" && protocol !== "data:") outside.push(r.url());
    });
    page.on("console", (m) => m.type() === "error" && faults.push(m.text()));
    page.on("pageerror", (e) => faults.push(e.message));
    await page.setViewportSize({ width: 390, height: 844 });
    for (const path of STATIONS) {
      await page.goto(path, { waitUntil: "networkidle" });
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(overflow, `${path} is wider than a phone`).toBeLessThanOrEqual(0);
    }
    expect(outside).toEqual([]);
    expect(faults).toEqual([]);
  },
);

test("at 1280 × 800 the Bench shows its three columns without scrolling the page", async ({ page }) => {
  await page.goto("/bench");
  for (const name of ["Two are yours, the third follows", "Soak", "Weigh out"])
    await expect(page.getByRole("heading", { name, exact: true })).toBeInViewport();
  const scrolls = await page.evaluate(() => document.documentElement.scrollHeight > window.innerHeight);
  expect(scrolls).toBe(false);
});
