import type { OwnMaterials } from "../materials/pantry";
import { pantryOf, type Pantry } from "../materials/pantry";
import type { MeasureSystem } from "../quantity/spoons";
import type { WordAmounts } from "../quantity/words";
import { dialectOf, type Dialect } from "./amounts";
import { contradictionsIn } from "./contradictions";
import { foodSaid } from "./foods-said";
import { recipeFromAny, type Source } from "./from-any";
import { RECIPE_LIMITS, type LooseRecipe } from "./loose";
import { candidatesFor } from "./match";
import { partOfHeading, partOfLine, type LinePartSaid } from "./parts";
import { readLine, type LooseLine } from "./read-line";
import { readMethod } from "./read-method";
import type { ReadRecipe, RecipeLine } from "./reading";
import { recognisePreparation } from "./recognise";
import { soakOf } from "./soak-said";
import {
  countAbout,
  countOf,
  foodLineOf,
  heaviestIn,
  massInTitle,
  massOf,
  thicknessAbout,
  thicknessIn,
  unnamedIn,
  type Draft,
} from "./the-food";
import { candidatesOf, known, namedThings, notTheFood } from "./things";
import { workSaid } from "./work-said";
import { worked } from "./worked";

export interface ReadOptions {
  measures: MeasureSystem;
  words: WordAmounts;
  own?: OwnMaterials;
}

const A_KILO_G = 1000;

/**
 * Reads a pasted recipe into lines to confirm: nothing is settled, every guess has its reason and its alternatives.
 * @param pasted anything; never throws
 */
export function readRecipe(pasted: string, options: ReadOptions): ReadRecipe {
  // Runs of blanks and of figures say nothing, and cost a grammar dearly.
  const text = pasted.replace(/[^\S\r\n]{3,}/g, "  ").replace(/\d{13,}/g, (run) => run.slice(0, 12));
  const dialect = dialectOf(text.slice(0, RECIPE_LIMITS.characters), options.measures);
  const { source, recipe } = recipeFromAny(text, dialect);
  return readLoose(recipe, { source, dialect }, options);
}

/**
 * Reads a recipe whose lines are known: anew after some were changed by hand.
 * @param from where its words came from, and whose measures they are in
 */
export function readLoose(
  recipe: LooseRecipe,
  { source, dialect }: { source: Source; dialect: Dialect },
  options: ReadOptions,
): ReadRecipe {
  const pantry = pantryOf(options.own);
  const named = namedThings(options.own);
  const loose = sameAsSaid(recipe.ingredients.map((line) => readLine(line, dialect)));
  let under: LinePartSaid = "main";
  // Without a name the first words say what it is about.
  const about = recipe.name || (recipe.method[0] ?? "");
  const drafts = loose.map((line, index) => {
    if (line.isHeading) under = partOfHeading(line.text);
    return {
      line,
      index,
      part: line.isHeading ? under : partOfLine(line.text, under),
      candidates: line.isHeading ? [] : candidatesOf(line, about, named, pantry),
    };
  });
  const food = foodLineOf(drafts, pantry);
  // Where no line is the food's, the name says it, or the first sentence that speaks of one.
  const titled =
    foodSaid(recipe.name) ?? (food ? undefined : recipe.method.map((s) => foodSaid(s)).find((id) => id));
  const foodG = food
    ? massOf(food.line, food.candidates[0], pantry)
    : (massInTitle(recipe.name, dialect) ?? unnamedIn(drafts, pantry) ?? heaviestIn(recipe.method, dialect));
  const partG = gramsAPart(recipe, loose);
  const waterG = waterIn(drafts);
  const lines = drafts.map(({ line: said, index, part, candidates }): RecipeLine => {
    const line = partG === undefined ? said : inGrams(said, partG);
    const own = index === food?.index ? candidates : notTheFood(candidates);
    const [chosen] = own;
    return {
      ...line,
      index,
      part,
      candidates: own,
      chosen,
      ...worked(line, chosen, pantry, options.words, foodG ?? A_KILO_G, waterG),
    };
  });
  const method = readMethod(recipe.method);
  const fromTitle = titled
    ? known({ kind: "food", id: titled }, pantry)
    : candidatesFor(
        recipe.name,
        named.filter((n) => n.kind === "food"),
      );
  const foods = food ? food.candidates.filter((c) => c.kind === "food") : fromTitle;
  const read = {
    source,
    dialect,
    recipe,
    lines,
    waterG,
    method,
    foods,
    foodG,
    foodCount: food ? countOf(food.line) : countAbout(recipe.method),
    thicknessMm: thicknessIn(food?.line.text ?? "") ?? thicknessAbout(recipe.method),
    preparation: recognisePreparation({
      ...cluesOf(recipe, lines, pantry, foodG ?? A_KILO_G),
      soakH: (soakOf(method)?.low ?? 0) / 60,
    }),
    soak: soakOf(method),
    ...workSaid(recipe.method),
  };
  return { ...read, contradictions: contradictionsIn(recipe, read, pantry, dialect) };
}

/** "Lemon juice, same as the oil": as much as another line says. */
function sameAsSaid(lines: LooseLine[]): LooseLine[] {
  return lines.map((line) => {
    const of = line.amount.kind === "unsaid" ? SAME_AS.exec(line.text)?.[1].toLowerCase() : undefined;
    const other =
      of && lines.find((l) => l.amount.kind !== "unsaid" && l.name.toLowerCase().split(/\W+/).includes(of));
    return other ? { ...line, amount: other.amount } : line;
  });
}
const SAME_AS = /\bsame (?:amount |weight |volume |quantity )?(?:as|of) (?:the )?(\w+)/i;

/** Water that is weighed or poured, g. */
const waterIn = (drafts: readonly Draft[]): number =>
  drafts.reduce((sum, { line: { amount }, candidates }) => {
    const wet = candidates[0]?.kind === "ingredient" && candidates[0].id === "water";
    return sum + (wet && (amount.kind === "mass" || amount.kind === "volume") ? amount.low : 0);
  }, 0);

/** "3 parts salt, 2 parts sugar … 120 g in all": what one part weighs. */
function gramsAPart(recipe: LooseRecipe, lines: readonly LooseLine[]): number | undefined {
  const parts = lines.reduce((sum, l) => sum + (l.amount.kind === "parts" ? l.amount.parts : 0), 0);
  if (parts === 0) return undefined;
  const all = [...recipe.ingredients, ...recipe.method].join(" \n ");
  const told = /(\d+(?:[.,]\d+)?)\s*g\b[^.\n]{0,24}\b(?:all up|in all|in total|total|altogether)/i.exec(all);
  return told ? Number(told[1].replace(",", ".")) / parts : undefined;
}

const inGrams = (line: LooseLine, partG: number): LooseLine =>
  line.amount.kind === "parts"
    ? { ...line, amount: { kind: "mass", low: line.amount.parts * partG, high: line.amount.parts * partG } }
    : line;

/** What goes under the food in the oven is no marinade. */
export const ON_THE_TRAY = /\bin the (?:tin|tray|roasting pan)\b/i;

function cluesOf(recipe: LooseRecipe, lines: readonly RecipeLine[], pantry: Pantry, foodG: number) {
  const sum = (wanted: (line: RecipeLine) => boolean) =>
    lines.reduce(
      (total, l) =>
        total + (l.part === "main" && !ON_THE_TRAY.test(l.text) && wanted(l) ? (l.grams?.grams ?? 0) : 0),
      0,
    );
  const ingredient = (l: RecipeLine) =>
    l.chosen?.kind === "ingredient" ? pantry.ingredient(l.chosen.id) : undefined;
  return {
    text: [
      recipe.category ?? "",
      recipe.name,
      recipe.description ?? "",
      ...recipe.method,
      ...recipe.ingredients,
    ].join(" \n "),
    saltG: sum((l) => l.chosen?.kind === "salt"),
    waterG: sum((l) => l.chosen?.id === "water" || l.chosen?.id === "ice_crushed"),
    sourG: sum((l) => (ingredient(l)?.acidFraction ?? 0) > 0.004),
    flourG: sum((l) => /flour|starch/.test(l.chosen?.id ?? "")),
    foodG,
  };
}
