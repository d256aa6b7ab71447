import { FOODS, INGREDIENTS, SALTS } from "../materials/lookup";
import type { OwnMaterials } from "../materials/pantry";
import { pantryOf, type Pantry } from "../materials/pantry";
import type { MeasureSystem } from "../quantity/spoons";
import type { WordAmounts } from "../quantity/words";
import { contradictionsIn } from "./contradictions";
import { recipeFromAny } from "./from-any";
import { gramsOf, type Measured } from "./grams";
import type { LooseRecipe } from "./loose";
import { candidatesFor, type Candidate, type Named } from "./match";
import { readLine, type LooseLine } from "./read-line";
import { readMethod, soakOf } from "./read-method";
import type { ReadRecipe, RecipeLine } from "./reading";
import { recognisePreparation } from "./recognise";

export interface ReadOptions {
  measures: MeasureSystem;
  words: WordAmounts;
  own?: OwnMaterials;
}

const A_KILO_G = 1000;
const FEWEST = 2;
/** More than this is no spoon, mL. */
const SPOONS_ML = 60;
const NEARLY = 0.2;

/**
 * Reads a pasted recipe into lines to confirm: nothing is settled, every guess has its reason and its alternatives.
 * @param text anything; never throws
 */
export function readRecipe(text: string, options: ReadOptions): ReadRecipe {
  const { source, recipe } = recipeFromAny(text);
  const pantry = pantryOf(options.own);
  const named = namedThings(options.own);
  const loose = recipe.ingredients.map((line) => readLine(line, options.measures));
  const drafts = loose.map((line, index) => ({
    line,
    index,
    candidates: line.isHeading ? [] : spooned(line, candidatesFor(wordsOf(line), named)),
  }));
  const foodLine = drafts.find((d) => d.candidates[0]?.kind === "food");
  const foodG = foodLine && massOf(foodLine.line, foodLine.candidates[0], pantry);
  const lines = drafts.map(({ line, index, candidates }): RecipeLine => {
    const [chosen] = candidates;
    return {
      ...line,
      index,
      candidates,
      chosen,
      ...worked(line, chosen, pantry, options.words, foodG ?? A_KILO_G),
    };
  });
  const method = readMethod(recipe.method);
  const fromTitle = candidatesFor(
    recipe.name,
    named.filter((n) => n.kind === "food"),
  );
  const foods = foodLine ? foodLine.candidates.filter((c) => c.kind === "food") : fromTitle;
  const read = {
    source,
    recipe,
    lines,
    method,
    foods,
    foodG,
    foodCount: foodLine?.line.amount.kind === "count" ? Math.round(foodLine.line.amount.high) : 1,
    preparation: recognisePreparation(cluesOf(recipe, lines, pantry, foodG ?? A_KILO_G)),
    soak: soakOf(method),
  };
  return { ...read, contradictions: contradictionsIn(recipe, read) };
}

/** What it is counted in says what it is: a clove of garlic, a leaf of bay. */
const wordsOf = ({ name, amount }: LooseLine): string =>
  amount.kind === "count" && amount.unit !== null ? `${amount.unit} ${name}` : name;

/** What the spoon takes is ground, where the table has it whole as well and the words fit both. */
function spooned({ amount }: LooseLine, candidates: Candidate[]): Candidate[] {
  if (amount.kind !== "volume" || amount.high > SPOONS_ML) return candidates;
  const [best] = candidates;
  const ground = candidates.find((c) => /\bground\b/.test(c.name) && c.score > best.score - NEARLY);
  return ground ? [ground, ...candidates.filter((c) => c !== ground)] : candidates;
}

/** Whether there is anything in it to make a formula of. */
export const readsAsRecipe = (read: ReadRecipe): boolean =>
  read.lines.filter((l) => l.chosen && !l.isHeading).length >= FEWEST;

function namedThings(own: OwnMaterials = {}): Named[] {
  const of = (
    kind: Named["kind"],
    mine: { id: string; name: string }[] = [],
    table: readonly { id: string; name: string }[],
  ) => [
    ...mine.map(({ id, name }) => ({ kind, id, name })),
    ...table.filter((t) => !mine.some((m) => m.id === t.id)).map(({ id, name }) => ({ kind, id, name })),
  ];
  return [
    ...of("salt", own.salts, SALTS),
    ...of("food", own.foods, FOODS),
    ...of("ingredient", own.ingredients, INGREDIENTS),
  ];
}

export function measuredThing(chosen: Candidate | undefined, pantry: Pantry): Measured | undefined {
  if (chosen?.kind === "salt") {
    const salt = pantry.salt(chosen.id);
    return salt && { kind: "salt", salt };
  }
  const ingredient = chosen?.kind === "ingredient" ? pantry.ingredient(chosen.id) : undefined;
  return ingredient && { kind: "ingredient", ingredient };
}

/** What a line comes to as this thing; used again when the cook picks another. */
export function worked(
  line: LooseLine,
  chosen: Candidate | undefined,
  pantry: Pantry,
  words: WordAmounts,
  foodG: number,
): Pick<RecipeLine, "grams" | "saltFraction" | "saltRange"> {
  const thing = measuredThing(chosen, pantry);
  if (!thing) return { grams: undefined, saltFraction: undefined, saltRange: undefined };
  return {
    grams: gramsOf(line.amount, thing, words, foodG),
    saltFraction: thing.kind === "salt" ? thing.salt.naclFraction : thing.ingredient.saltFraction,
    saltRange: thing.kind === "salt" ? byCrystal(line) : undefined,
  };
}

/** Which salts a spoon may mean: any a kitchen cooks with, or those of the name given. */
function byCrystal(line: LooseLine): RecipeLine["saltRange"] {
  if (line.amount.kind !== "volume") return undefined;
  const { low: lowMl, high: highMl } = line.amount;
  const words = /kosher/i.test(line.name)
    ? /kosher/
    : /sea/i.test(line.name)
      ? /sea/
      : /table|fine/i.test(line.name)
        ? /table/
        : /./;
  const salts = SALTS.filter((s) => s.foodGrade && s.naclFraction > 0.9 && words.test(s.name)).sort(
    (a, b) => a.densityGPerMl - b.densityGPerMl,
  );
  const [lightest] = salts;
  const densest = salts.at(-1);
  return lightest && densest
    ? {
        low: lowMl * lightest.densityGPerMl,
        high: highMl * densest.densityGPerMl,
        lightest: lightest.name,
        densest: densest.name,
      }
    : undefined;
}

function massOf(line: LooseLine, chosen: Candidate, pantry: Pantry): number | undefined {
  if (line.amount.kind === "mass") return (line.amount.low + line.amount.high) / 2;
  const food = pantry.food(chosen.id);
  return line.amount.kind === "count" && food ? line.amount.high * food.pieceMassG : undefined;
}

function cluesOf(recipe: LooseRecipe, lines: readonly RecipeLine[], pantry: Pantry, foodG: number) {
  const sum = (wanted: (line: RecipeLine) => boolean) =>
    lines.reduce((total, l) => total + (wanted(l) ? (l.grams?.grams ?? 0) : 0), 0);
  const ingredient = (l: RecipeLine) =>
    l.chosen?.kind === "ingredient" ? pantry.ingredient(l.chosen.id) : undefined;
  return {
    text: [recipe.name, ...recipe.method, ...recipe.ingredients].join(" \n "),
    saltG: sum((l) => l.chosen?.kind === "salt"),
    waterG: sum((l) => l.chosen?.id === "water" || l.chosen?.id === "ice_crushed"),
    sourG: sum((l) => (ingredient(l)?.acidFraction ?? 0) > 0.004),
    flourG: sum((l) => /flour|starch/.test(l.chosen?.id ?? "")),
    foodG,
  };
}
