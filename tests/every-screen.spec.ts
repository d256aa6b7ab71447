import { BenchPage, type School } from "./bench-page";
import { comes, expect, test, type Page } from "./kitchen";
import { inWords } from "./screens/in-words";
import { metricOn } from "./screens/measures";
import { adriftOn } from "./screens/rolling";
import { violations } from "./screens/rules";
import { amissIn } from "./screens/spoken";
import { lowOn } from "./screens/touch";
import { listen } from "./screens/wire";

/*
 * Every screen is opened once, in a kitchen with American measures, and held against all that holds for each of them: its
 * language's folder, the measures, what a screen reader is given, contrast and roles, fingers, room for longer words, what rolls with its column.
 */

test.beforeEach(async ({ page, exampleKitchen }) => {
  const set = await page.request.patch(`${exampleKitchen.url}/api/kitchen`, { data: { measures: "us" } });
  expect(set.ok()).toBe(true);
});

/** By its address, as a bookmark does it. */
const ANEW = { waitUntil: "load" } as const;

/** A screen, a sentence that is heard there, and whether its contrast and roles are looked at. */
interface Screen {
  path: string;
  heard?: RegExp;
  ruled?: boolean;
}

const STATIONS: Screen[] = [
  {
    path: "/",
    heard: /cut open: [\d.]+ % salt at the surface, [\d.]+ % on average, [\d.]+ % at the centre/,
    ruled: true,
  },
  { path: "/bench", heard: /\d+ pieces of|cut open: [\d.]+ % salt at the surface/, ruled: true },
  { path: "/work", heard: /Take it out of the cure/, ruled: true },
  { path: "/sitting", heard: /Harvest supper/, ruled: true },
  { path: "/record", heard: /Juniper pork loin/, ruled: true },
  { path: "/record/learned", heard: /times the table|× the table|as the table/ },
  { path: "/record/taste" },
  { path: "/stores", heard: /Duck legs, dry brined/, ruled: true },
  { path: "/stores/recipe" },
  { path: "/enter" },
];

/** Of what the kitchen lists, by name. */
async function idsOf(page: Page, url: string, what: string): Promise<Map<string, string>> {
  const rows = (await (await page.request.get(`${url}/api/v1/${what}`)).json()) as {
    id: string;
    name: string;
  }[];
  return new Map(rows.map(({ id, name }) => [name, id]));
}

/** One sitting that is planned and one that clashes, a batch at work and one that is judged, a formula; and their papers. */
async function things(page: Page, url: string): Promise<Screen[]> {
  const [sittings, batches, formulas] = await Promise.all(
    ["sittings", "batches", "formulas"].map((what) => idsOf(page, url, what)),
  );
  const sitting = (name: RegExp) => [...sittings].find(([known]) => name.test(known))?.[1];
  const judged = /\/batch\/[\w-]+/.exec(await (await page.request.get(`${url}/record`)).text())?.[0] ?? "";
  const loin = batches.get("Juniper pork loin");
  return [
    { path: `/sitting/${sitting(/ at the lock/)}`, heard: /Who eats what/, ruled: true },
    { path: `/print/sitting/${sitting(/ at the lock/)}` },
    { path: `/sitting/${sitting(/^Harvest supper/)}`, heard: /Clash/, ruled: true },
    { path: `/batch/${loin}`, heard: /Juniper pork loin/ },
    // A count is no length.
    { path: `/print/batch/${loin}`, heard: /, 3 pieces, [\d½¼¾⅛⅜⅝⅞]+ in thick/ },
    { path: judged, heard: /cut open: [\d.]+ % salt at the surface/ },
    { path: `/stores/formula/${[...formulas.values()][0]}`, heard: /Weigh/ },
  ];
}

/** What the sums stand on is fetched when a table is opened. */
async function openTables(page: Page): Promise<void> {
  const tables = page.locator("#tables details");
  await comes(tables.first());
  for (const table of await tables.all()) {
    await table.locator("summary").click();
    await comes(table.getByRole("table"));
  }
}

/** What a screen says, when its sums are done. */
async function told(page: Page, heard: RegExp): Promise<string> {
  let snapshot = "";
  await expect(async () => {
    snapshot = await page.locator("body").ariaSnapshot();
    expect(snapshot).toMatch(heard);
  }).toPass();
  return snapshot;
}

test("every station and its papers: in words of the folder, in its measures, told to all, with room", async ({
  page,
  exampleKitchen,
}) => {
  const { url } = exampleKitchen;
  const words = inWords(exampleKitchen);
  const amiss: string[] = [];
  const wire = listen(page);
  for (const { path, heard = /./, ruled = false } of [...STATIONS, ...(await things(page, url))]) {
    const note = (found: string[]) => amiss.push(...found.map((what) => `${path}: ${what}`));
    await page.goto(url + path, ANEW);
    await expect(page.locator("[inert]")).toHaveCount(0);
    note(amissIn(await told(page, heard)));
    if (ruled) note(await violations(page));
    if (path === "/stores") await openTables(page);
    note(await metricOn(page));
    note((await adriftOn(page)).map((what) => `does not roll with its column: ${what}`));
    note((await words.stray(page)).map((text) => `in no language's folder: ${text}`));
    await page.setViewportSize({ width: 390, height: 844 });
    note((await lowOn(page)).map((text) => `low to tap: ${text}`));
    await words.haveRoom(page, path);
  }
  wire.stop();
  await page.goto(`${url}/nowhere`, ANEW);
  amiss.push(...(await words.stray(page)));
  await words.haveRoom(page, "/nowhere");
  expect([...new Set([...amiss, ...wire.amiss])]).toEqual([]);
});

test("so the Bench, of any preparation, with all its groups open, and whatever is asked why", async ({
  page,
  exampleKitchen,
}) => {
  const { url } = exampleKitchen;
  const words = inWords(exampleKitchen);
  const bench = new BenchPage(page);
  const amiss: string[] = [];
  const asked = new Set<string>();
  const look = async (where: string) => {
    const found = [...(await metricOn(page)), ...(await words.stray(page))];
    amiss.push(...found.map((what) => `${where}: ${what}`));
  };
  const formulas = [...(await idsOf(page, url, "formulas"))].map(([name, id]) => [name, `?formula=${id}`]);
  for (const [name, query] of [...formulas, ["Timed", ""], ["Injection", ""]] as const) {
    await page.goto(`${url}/bench${query}`);
    if (query !== "") await expect(page.getByLabel("Name of the formula")).toHaveValue(name);
    else {
      await expect(page.getByText("not saved yet")).toBeVisible();
      await bench.school(name as School);
    }
    for (const group of await page.locator("[data-group] > h3 > button").all())
      if ((await group.getAttribute("aria-expanded")) === "false") await group.click();
    await page.evaluate(() => document.querySelectorAll("details").forEach((folded) => (folded.open = true)));
    await look(name);
    for (const why of await page.getByRole("button", { name: /^Why\? / }).all()) {
      // Of every figure once, whatever its hours.
      const question = ((await why.getAttribute("aria-label")) ?? "").replaceAll(/\d+/g, "…");
      if (asked.has(question)) continue;
      asked.add(question);
      await why.click();
      await comes(page.getByRole("dialog").getByText("Source", { exact: true }));
      await look(`${name}, ${question}`);
      await page.keyboard.press("Escape");
      await expect(page.getByRole("dialog")).toHaveCount(0);
    }
    await words.haveRoom(page, name);
  }
  expect(asked.size).toBeGreaterThan(5);
  expect([...new Set(amiss)]).toEqual([]);
});
