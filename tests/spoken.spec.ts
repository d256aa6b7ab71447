import { expect, test } from "./kitchen";

/* What a screen reader is given of every station: names and sentences, no raw codes, nothing unnamed. */

/** What a snapshot of the accessibility tree must not hold, and why. */
const AMISS: [name: string, pattern: RegExp][] = [
  [
    "a control without a name",
    /^\s*- (?:button|link|textbox|combobox|checkbox|radio|slider|spinbutton|img)(?: \[[^\]]*\])*:?$/,
  ],
  ["a code of the program's own", /(?<![\w/.?=&-])[a-z]+_[a-z_]+(?![\w/.])/],
  ["a figure that is none", /\b(?:NaN|undefined|null|Infinity)\b|\{\{/],
  // "Trout, whole whole": a word said twice.
  ["a word said twice", /\b([a-z]{3,}),? \1\b/i],
];

/** Drawings and charts say in words what they show. */
const DRAWN = /^\s*- img "([^"]*)"/;
const WORDS_OF_A_DRAWING = 3;

function amissIn(snapshot: string): string[] {
  // An address is not read out; a row is read again cell by cell.
  const lines = snapshot.split("\n").filter((line) => !/^\s*- (?:\/url:|row )/.test(line));
  return lines.flatMap((line) => {
    const wrong = AMISS.filter(([, pattern]) => pattern.test(line)).map(([name]) => name);
    const drawn = DRAWN.exec(line);
    if (drawn && drawn[1].trim().split(/\s+/).length < WORDS_OF_A_DRAWING)
      wrong.push("a drawing without words");
    return wrong.map((what) => `${what}: ${line.trim()}`);
  });
}

/** Where, and a sentence that is heard there. */
const STATIONS: [path: string, heard: RegExp][] = [
  ["/", /cut open: [\d.]+ % salt at the surface, [\d.]+ % on average, [\d.]+ % at the centre/],
  ["/bench", /\d+ pieces of|cut open: [\d.]+ % salt at the surface/],
  ["/work", /Take it out of the cure/],
  ["/sitting", /Harvest supper/],
  ["/record", /Juniper pork loin/],
  ["/record/learned", /times the table|× the table|as the table/],
  ["/stores", /Duck legs, dry brined/],
];

test("every station is told in names and sentences", async ({ page, exampleKitchen }) => {
  const amiss: string[] = [];
  const hear = async (path: string, heard: RegExp) => {
    await page.goto(exampleKitchen.url + path);
    await expect(page.locator("[inert]")).toHaveCount(0);
    await expect(page.locator("main")).toBeVisible();
    let told = "";
    // What is drawn after a sum is told once the sum is done.
    await expect(async () => {
      told = await page.locator("body").ariaSnapshot();
      expect(told, `${path} says`).toMatch(heard);
    }).toPass();
    amiss.push(...amissIn(told).map((line) => `${path}: ${line}`));
  };
  for (const [path, heard] of STATIONS) await hear(path, heard);
  // One sitting, one batch and one formula, as they are linked to.
  const linked = async (from: string, to: RegExp) =>
    to.exec(await (await page.request.get(exampleKitchen.url + from)).text())?.[0] ?? "";
  await hear(await linked("/record", /\/batch\/[\w-]+/), /cut open: [\d.]+ % salt at the surface/);
  await hear(await linked("/sitting", /\/sitting\/[\w-]{20,}/), /on the table/);
  await hear(await linked("/stores", /\/stores\/formula\/[\w-]+/), /Weigh/);
  expect([...new Set(amiss)]).toEqual([]);
});
