import { decodeHTML } from "entities";
import { parse as parseDuration, toSeconds } from "iso8601-duration";
import { servesIn } from "./serves";
import { bounded, sentencesOf, type LooseRecipe } from "./loose";

/** How deep a page's data is followed for a recipe; real ones lie within three. */
const DEPTH_MOST = 8;

type Thing = Record<string, unknown>;

const isThing = (value: unknown): value is Thing =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** The first schema.org Recipe in a page's data: alone, in a list, or in a graph. */
export function findRecipe(data: unknown, depth = 0): Thing | undefined {
  if (depth > DEPTH_MOST) return undefined;
  if (Array.isArray(data)) {
    for (const item of data.slice(0, 200)) {
      const found = findRecipe(item, depth + 1);
      if (found) return found;
    }
    return undefined;
  }
  if (!isThing(data)) return undefined;
  if (typesOf(data).some((type) => /(?:^|\/|:)Recipe$/.test(type))) return data;
  return findRecipe(data["@graph"] ?? data.mainEntity ?? data.mainEntityOfPage, depth + 1);
}

const typesOf = (thing: Thing): string[] => textsOf(thing["@type"]);

/** Reads a schema.org Recipe: strings, HowToSteps and HowToSections alike. */
export function recipeFromJsonLd(recipe: Thing): LooseRecipe {
  const stated: LooseRecipe["stated"] = [];
  for (const [key, kind] of [
    ["totalTime", "total"],
    ["cookTime", "cook"],
    ["prepTime", "prep"],
  ] as const) {
    const minutes = minutesOf(recipe[key]);
    if (minutes !== undefined) stated.push({ kind, minutes, text: `${key} ${String(recipe[key])}` });
  }
  return bounded({
    name: textsOf(recipe.name)[0] ?? "",
    ingredients: textsOf(recipe.recipeIngredient ?? recipe.ingredients),
    description: textsOf(recipe.description)[0] ?? "",
    method: stepsOf(recipe.recipeInstructions, 0)
      .flatMap((step) => step.split(/(?:^|\s)(?:\d{1,2}\.|Step \d+:?)\s+(?=[A-Z])/))
      .flatMap(sentencesOf),
    category: textsOf(recipe.recipeCategory)[0] ?? "",
    serves: servesOf(recipe.recipeYield),
    stated,
  });
}

function stepsOf(value: unknown, depth: number): string[] {
  if (depth > DEPTH_MOST) return [];
  if (typeof value === "string") return [textOf(value)];
  if (Array.isArray(value)) return value.slice(0, 300).flatMap((item) => stepsOf(item, depth + 1));
  if (!isThing(value)) return [];
  // What is worth knowing is nothing to do: it stays beside the step.
  if (typesOf(value).some((type) => /(?:^|\/|:)HowToTip$/.test(type))) return [];
  if (value.itemListElement !== undefined) return stepsOf(value.itemListElement, depth + 1);
  return textsOf(value.text ?? value.name).slice(0, 1);
}

function minutesOf(value: unknown): number | undefined {
  if (typeof value !== "string") return undefined;
  try {
    const minutes = toSeconds(parseDuration(value)) / 60;
    return minutes > 0 && minutes < 60 * 1440 ? minutes : undefined;
  } catch {
    return undefined;
  }
}

function servesOf(value: unknown): number | null {
  for (const text of textsOf(value)) {
    const figure = /\d{1,3}/.exec(text);
    if (figure) return Number(figure[0]);
    const said = servesIn(text) ?? servesIn(`serves ${text}`);
    if (said !== null) return said;
  }
  return null;
}

/** One text, many, or none; numbers too, as sites write them. */
function textsOf(value: unknown): string[] {
  if (typeof value === "string" || typeof value === "number") return [textOf(String(value))];
  return Array.isArray(value)
    ? value.slice(0, 500).flatMap((v) => (isThing(v) || Array.isArray(v) ? [] : textsOf(v)))
    : [];
}

/** Marks of a page within a text go; characters written by name are characters: "&frac12; cup". */
const textOf = (text: string): string =>
  decodeHTML(text.replace(/<[^>]{0,200}>/g, " "))
    .replace(/\s+/g, " ")
    .trim();
