import { BenchPage } from "./bench-page";
import { expect, test, type Page } from "./kitchen";

/* A kitchen with American measures reads no metric figure but grams, which its scale has, on any screen. */

const METRIC =
  /(?<![\w.])\d[\d\u202f.,]*(?:[ \u202f]?(?:°C|mm|cm|kg|ml|litres?)(?![\w²³/])|[ \u202f]L(?![\w/]))/;

/** Where they were seen: all of them are told at once. */
class Seen {
  private readonly lines: string[] = [];
  async look(page: Page, where: string): Promise<void> {
    for (const line of await metricOn(page)) this.lines.push(`${where}: ${line}`);
  }
  none(): void {
    expect([...new Set(this.lines)]).toEqual([]);
  }
}

/** Lines of what is shown, typed or told of that hold a metric figure. */
async function metricOn(page: Page): Promise<string[]> {
  const said = await page.evaluate(() => {
    const shown = (e: Element) => e.checkVisibility();
    const fields = [...document.querySelectorAll("input")].filter(shown).map((e) => e.value);
    const told = [...document.querySelectorAll("[aria-label]")]
      .filter(shown)
      .map((e) => e.getAttribute("aria-label") ?? "");
    const drawn = [...document.querySelectorAll("svg text")].map((e) => e.textContent ?? "");
    return [document.body.innerText, ...fields, ...told, ...drawn].join("\n");
  });
  return [...new Set(said.split("\n").map((line) => line.trim()))].filter((line) => METRIC.test(line));
}

test.beforeEach(async ({ page, exampleKitchen }) => {
  const set = await page.request.patch(`${exampleKitchen.url}/api/kitchen`, { data: { measures: "us" } });
  expect(set.ok()).toBe(true);
});

test("no station shows a figure in the wrong measures", async ({ page, exampleKitchen }) => {
  const { url } = exampleKitchen;
  const seen = new Seen();
  for (const path of ["/", "/work", "/sitting", "/record", "/record/learned", "/record/taste", "/stores"]) {
    await page.goto(url + path);
    await expect(page.locator("[inert]")).toHaveCount(0);
    await seen.look(page, path);
  }
  // What the sums stand on, table by table.
  const tables = page.locator("#tables details");
  await expect(tables.first()).toBeVisible();
  for (const table of await tables.all()) {
    await table.locator("summary").click();
    await expect(table.getByRole("table")).toBeVisible();
    await seen.look(page, await table.locator("summary").innerText());
    await table.locator("summary").click();
  }
  // A sitting, its clash, a batch and its sheet on paper.
  for (const name of [/at the lock/, /Harvest supper/]) {
    await page.goto(`${url}/sitting`);
    await page.getByRole("link", { name }).click();
    await expect(page.getByRole("group", { name: "The plan, by time" }).first()).toBeVisible();
    await seen.look(page, String(name));
  }
  await page.goto(url);
  await page.getByRole("link", { name: "Open Juniper pork loin" }).click();
  await expect(page.getByRole("heading", { name: "Juniper pork loin", level: 1 })).toBeVisible();
  await seen.look(page, "batch");
  await page.getByRole("link", { name: "Print sheet and label" }).click();
  await expect(page.getByRole("button", { name: "Print sheet and labels" })).toBeVisible();
  await seen.look(page, "paper");
  // A count is no length.
  await expect(page.getByText(/, 3 pieces, [\d½¼¾⅛⅜⅝⅞]+ in thick/)).toBeVisible();
  seen.none();
});

test("nor does the Bench, in any of its groups, for any preparation", async ({ page, exampleKitchen }) => {
  const seen = new Seen();
  await page.goto(`${exampleKitchen.url}/bench`);
  const bench = new BenchPage(page);
  await expect(page.getByRole("heading", { name: "Weigh out" })).toBeVisible();
  for (const school of [
    "Equilibrium",
    "Dry",
    "Marinade",
    "Paste",
    "Rub",
    "Crust",
    "Short cure",
    "Injection",
  ] as const) {
    await bench.school(school);
    for (const group of ["Food", "Salt", "Goes in", "Vessel", "Tray", "Cook", "Beside it", "Eaters"]) {
      if ((await page.locator(`section[data-group="${group}"]`).count()) === 0) continue;
      await bench.group(group);
      await expect(page.locator(`section[data-group="${group}"] [data-fields] > *`).first()).toBeAttached();
      await seen.look(page, `${school}: ${group}`);
    }
    for (const why of await page.getByRole("button", { name: /^Why\? / }).all()) {
      await why.click();
      const dialog = page.getByRole("dialog");
      await expect(dialog.getByText("Source", { exact: true })).toBeVisible();
      await seen.look(page, `${school}: ${await why.getAttribute("aria-label")}`);
      await page.keyboard.press("Escape");
      await expect(dialog).toHaveCount(0);
    }
  }
  seen.none();
});
