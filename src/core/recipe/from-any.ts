import { Parser } from "htmlparser2";
import type { Dialect } from "./amounts";
import { findRecipe, recipeFromJsonLd } from "./from-json-ld";
import { recipeFromText } from "./from-text";
import { RECIPE_LIMITS, type LooseRecipe } from "./loose";

/** A page is longer than its recipe. */
export const PAGE_CHARACTERS = 2_000_000;

export type Source = "text" | "pageData" | "pageText";

/**
 * Reads whatever was pasted or dropped: free text, Markdown, a page with schema.org data, or that data alone.
 * Never throws: what does not read as anything better is read as text.
 */
export function recipeFromAny(pasted: string, dialect?: Dialect): { source: Source; recipe: LooseRecipe } {
  const text = pasted.slice(0, PAGE_CHARACTERS);
  const alone = recipeInJson(text);
  if (alone) return { source: "pageData", recipe: alone };
  if (!/<\w+[^>]{0,500}>/.test(text.slice(0, 20_000)))
    return { source: "text", recipe: recipeFromText(text.slice(0, RECIPE_LIMITS.characters), dialect) };
  const page = readPage(text);
  for (const data of page.data) {
    const recipe = recipeInJson(data);
    if (recipe) return { source: "pageData", recipe };
  }
  return { source: "pageText", recipe: recipeFromText(page.text, dialect) };
}

function recipeInJson(text: string): LooseRecipe | undefined {
  if (!/^\s*[[{]/.test(text)) return undefined;
  try {
    const found = findRecipe(JSON.parse(text));
    return found && recipeFromJsonLd(found);
  } catch {
    return undefined;
  }
}

const BREAKS = new Set([
  "p",
  "li",
  "br",
  "div",
  "h1",
  "h2",
  "h3",
  "h4",
  "h5",
  "h6",
  "tr",
  "section",
  "ul",
  "ol",
]);
const SILENT = new Set(["script", "style", "noscript", "template", "svg", "head"]);

/** A page's data blocks, and its words by the line. Nothing of it is run. */
function readPage(html: string): { data: string[]; text: string } {
  const data: string[] = [];
  const words: string[] = [];
  let inData = false;
  let silent = 0;
  const parser = new Parser({
    onopentag(name, attributes) {
      if (SILENT.has(name)) silent++;
      inData = name === "script" && /application\/ld\+json/i.test(attributes.type ?? "");
      if (inData) data.push("");
      if (name === "li") words.push("\n- ");
      else if (BREAKS.has(name)) words.push("\n");
    },
    ontext(text) {
      if (inData) data[data.length - 1] += text;
      else if (silent === 0) words.push(text.replace(/\s+/g, " "));
    },
    onclosetag(name) {
      if (SILENT.has(name)) silent = Math.max(0, silent - 1);
      if (name === "script") inData = false;
      if (BREAKS.has(name)) words.push("\n");
    },
  });
  parser.end(html);
  return { data, text: words.join("").slice(0, RECIPE_LIMITS.characters) };
}
