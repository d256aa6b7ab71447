import Database from "better-sqlite3";
import pluralize from "pluralize";
import { expect, type Page } from "../kitchen";
import type { Kitchen } from "../server";
import { ACCENTED, accented, PLACE, PLAIN } from "../../scripts/words/accented";
import { allPieces } from "../../scripts/words/pieces";
import * as cooking from "../../src/core/materials/tables/doneness.table";
import * as foods from "../../src/core/materials/tables/foods.table";
import * as hazards from "../../src/core/materials/tables/hazards.table";
import * as ingredients from "../../src/core/materials/tables/ingredients.table";
import * as practice from "../../src/core/materials/tables/methods.table";
import * as ovens from "../../src/core/materials/tables/ovens.table";
import * as salts from "../../src/core/materials/tables/salts.table";
import { inAmerican } from "../../src/core/quantity/american";

/*
 * A screen held against the folder of its language. What is read there stands in words/, or it is a name the kitchen
 * gave, or it is told here. Then all that stands there is accented and made two fifths longer, as the
 * pseudo-language en-XA has it: nothing may be cut off.
 */

const TABLES = [cooking, foods, hazards, ingredients, practice, ovens, salts];
const WIDTHS = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
];

/** Units, signs and names that no language turns. */
const EVERYBODYS = [
  "Iron Crock",
  "Markdown",
  "CSV",
  "JSON",
  "NaCl",
  "min",
  "tbsp",
  "tsp",
  "cups",
  "cup",
  "gal",
  ...["January", "February", "March", "April", "May", "June", "July", "August", "September", "October"],
  ...["November", "December", "Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"],
  ...["Jan", "Feb", "Mar", "Apr", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"],
  ...["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"],
];

const FIGURES_PLACE = /\{\{\w+\}\}/;
/** What a piece begins with that goes on from a figure: American measures have another. */
const UNIT_OF_A_FIGURE = /^[ \u202f](?:°C|mm|cm²|cm|kg|ml|litres?|L)(?!\w)/;

/** Every text in a value, however deep; JSON is looked into. */
function textsIn(value: unknown): string[] {
  if (typeof value === "string") return /^[[{]/.test(value) ? textsIn(JSON.parse(value)) : [value];
  if (Array.isArray(value)) return value.flatMap(textsIn);
  return typeof value === "object" && value !== null ? Object.values(value).flatMap(textsIn) : [];
}

function storedIn(file: string): string[] {
  const db = new Database(file, { readonly: true });
  const tables = db.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").pluck().all() as string[];
  const found = tables.flatMap((name) => textsIn(db.prepare(`SELECT * FROM "${name}"`).all()));
  db.close();
  return found;
}

/** Its words; an address is none. */
const tokensOf = (text: string): string[] =>
  text
    .replace(/https?:\/\/\S+/g, " ")
    .toLowerCase()
    .match(/[a-z]+/g) ?? [];

/** Runs of words by the first of them. */
type Runs = Map<string, string[][]>;

/** What may be read: pieces of the folder, and names. A name also as a sentence goes on with it, without its brackets or its tail. */
function runsOf(pieces: readonly string[], names: readonly string[]): Runs {
  const runs: Runs = new Map();
  const add = (text: string) => {
    const run = tokensOf(text);
    if (run.length > 0) runs.set(run[0], [...(runs.get(run[0]) ?? []), run]);
  };
  pieces.forEach(add);
  for (const name of names) new Set([name, name.replace(/ \(.*\)$/, ""), name.split(",")[0]]).forEach(add);
  return runs;
}

const singulars = new Map<string, string>();
/** Of one word. The same ones come on every page: each is looked up once. */
function singular(token: string): string {
  const one = singulars.get(token) ?? pluralize.singular(token);
  singulars.set(token, one);
  return one;
}

/** The same word, or more than one of it: a table has the sprig, a sheet two sprigs. */
const isForm = (token: string | undefined, known: string): boolean =>
  token === known || (token !== undefined && singular(token) === known);

/** Whether a text is made of known runs from end to end, however they are cut; units of two letters are anybody's. */
function isMadeOf(runs: Runs, text: string): boolean {
  const tokens = tokensOf(text);
  const reached = new Set([0]);
  tokens.forEach((token, at) => {
    if (!reached.has(at)) return;
    if (token.length <= 2) reached.add(at + 1);
    for (const run of [...(runs.get(token) ?? []), ...(runs.get(singular(token)) ?? [])])
      if (run.every((known, i) => isForm(tokens[at + i], known))) reached.add(at + run.length);
  });
  return reached.has(tokens.length);
}

/** What is on the page and stands in no folder, and what is no word at all. */
async function strayOn(page: Page, runs: Runs): Promise<string[]> {
  const texts = await page.evaluate(() => {
    const found: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const node = walker.currentNode;
      if (!node.parentElement?.closest("script, style, textarea")) found.push(node.nodeValue ?? "");
    }
    for (const element of document.querySelectorAll("[aria-label], [title], [placeholder], [alt]"))
      for (const name of ["aria-label", "title", "placeholder", "alt"])
        found.push(element.getAttribute(name) ?? "");
    return found;
  });
  return [...new Set(texts)].filter(
    (text) => /\{\{|undefined|NaN|\[object/.test(text) || !isMadeOf(runs, text),
  );
}

/** As a page can run it: with its letters in its hand. */
const accentedInPage = `(text) => (${accented.toString()})(text, ${JSON.stringify(PLAIN)}, ${JSON.stringify(ACCENTED)}, ${String(PLACE)})`;

/** Every text on the page accented and longer, once; names stay as long as they are. @returns what takes that back */
const accentOn = async (page: Page, given: readonly string[]): Promise<() => Promise<void>> => {
  const lengthened = await page.evaluateHandle(
    ({ source, given }) => {
      // oxlint-disable-next-line typescript/no-implied-eval -- a function of ours, handed to the page as text
      const longer = new Function(`return ${source}`)() as (text: string) => string;
      const names = new Set(given);
      const lengthened: { node: Node; text: string; longer: string }[] = [];
      const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
      while (walker.nextNode()) {
        const node = walker.currentNode;
        const text = node.nodeValue ?? "";
        if (names.has(text.trim()) || node.parentElement?.closest("script, style, textarea")) continue;
        node.nodeValue = longer(text);
        lengthened.push({ node, text, longer: node.nodeValue });
      }
      return lengthened;
    },
    { source: accentedInPage, given },
  );
  return async () => {
    await lengthened.evaluate((all) => {
      // What the page has said anew since then is its own.
      for (const { node, text, longer } of all) if (node.nodeValue === longer) node.nodeValue = text;
    });
    await lengthened.dispose();
  };
};

/** What is wider than its place and cut off there. Blocks to scale are as long as their acts, fields scroll. */
const cutOn = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const cut = [...document.querySelectorAll<HTMLElement>("body *")].filter((element) => {
      const { overflowX } = getComputedStyle(element);
      return (
        (overflowX === "hidden" || overflowX === "clip" || element.matches("nav *")) &&
        element.clientWidth > 1 &&
        element.scrollWidth > element.clientWidth + 2 &&
        !element.matches("input, textarea, svg, svg *, [data-task], .sr-only")
      );
    });
    const said = cut.map((element) => `${element.className}: ${element.textContent.slice(0, 60)}`);
    const { scrollWidth } = document.documentElement;
    return scrollWidth > innerWidth + 1 ? [...said, `the page, ${scrollWidth} wide`] : said;
  });

/** Holds pages against the folder and against their room. @param kitchen whose names are given */
export function inWords(kitchen: Kitchen) {
  // Names and notes are the kitchen's own. What it weighed anew or began from a row has that row's words.
  const rows = new Set(textsIn(TABLES.map(({ rows }) => rows)).map((text) => text.replaceAll("_", " ")));
  const stored = storedIn(kitchen.databasePath).filter((text) => !rows.has(text));
  const inBoth = (texts: Iterable<string>) => [...new Set([...texts, ...Array.from(texts, inAmerican)])];
  const given = inBoth(stored);
  const pieces = allPieces()
    .flatMap((text) => [text, inAmerican(text)])
    .flatMap((text) => text.split(FIGURES_PLACE))
    .map((piece) => piece.replace(UNIT_OF_A_FIGURE, ""));
  const runs = runsOf([...pieces, ...EVERYBODYS], [...inBoth(rows), ...given]);
  return {
    stray: (page: Page) => strayOn(page, runs),
    /** Makes every word longer for a while, and looks for what has no room. Paper has one width. */
    haveRoom: async (page: Page, where: string): Promise<void> => {
      const asTheyWere = await accentOn(page, given);
      for (const size of where.startsWith("/print") ? WIDTHS.slice(0, 1) : WIDTHS) {
        await page.setViewportSize(size);
        // What is drawn to its width is drawn anew a moment later.
        await expect
          .poll(() => cutOn(page), { message: `cut off at ${where}, ${size.width} wide` })
          .toEqual([]);
      }
      await asTheyWere();
      await page.setViewportSize(WIDTHS[0]);
    },
  };
}
