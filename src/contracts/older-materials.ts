import { FOOD_FORMS, FOOD_GROUPS, INGREDIENT_GROUPS, KINGDOMS } from "@/core/materials/facts";
import type { FoodFlag, IngredientFlag } from "@/core/materials/facts";
import { findFood, findIngredient, findSalt } from "@/core/materials/lookup";

/*
 * Entries stored or written out before hazards hung on typed facts. What is missing is taken from the table's row of the
 * same id; failing that it is guessed here, once, from the name, and rather too much than too little: the cook sees it
 * ticked in the entry and can change it. Nothing after this door reads a name.
 */

type Stored = Record<string, unknown>;

const isOld = (stored: unknown): stored is Stored =>
  typeof stored === "object" && stored !== null && !("flags" in stored) && "id" in stored;

const wordsOf = (stored: Stored): string => `${String(stored.id)} ${String(stored.name)}`.toLowerCase();

const among = <T extends string>(allowed: readonly T[], value: unknown, otherwise: T): T =>
  allowed.find((a) => a === value) ?? otherwise;

const guessed = <F extends string>(words: string, guesses: readonly [RegExp, F][]): F[] =>
  guesses.filter(([says]) => says.test(words)).map(([, flag]) => flag);

const FOOD_GUESSES: readonly [RegExp, FoodFlag][] = [
  [/mackerel|sardine|tuna|bonito|herring|anchov/, "scombroid"],
  [/duck|goose/, "fatty_bird"],
  [/smoked/, "smoked"],
  [/cured|salted/, "cured"],
];

const INGREDIENT_GUESSES: readonly [RegExp, IngredientFlag][] = [
  [/honey/, "honey"],
  [/garlic|chilli|shallot|onion|fresh/, "fresh_in_oil"],
  [/\begg/, "raw_egg"],
  [/mustard oil/, "erucic"],
  [/smoked/, "smoked"],
  [/cured/, "cured"],
  [/nitrite|nitrate|curing salt|pink cure/, "nitrite"],
];

export function upgradedFood(stored: unknown): unknown {
  if (!isOld(stored)) return stored;
  const group = among(FOOD_GROUPS, stored.group, "vegetable");
  const seafood = group === "fish" || group === "shellfish";
  return {
    ...stored,
    group,
    kingdom: among(KINGDOMS, stored.kingdom, "plant"),
    form: among(FOOD_FORMS, stored.form, "piece"),
    flags: findFood(String(stored.id))?.flags ?? [
      ...guessed(wordsOf(stored), FOOD_GUESSES),
      ...(seafood ? (["parasites"] as const) : []),
    ],
  };
}

/** Groups whose things are poured, as far as an older entry can say. */
const POURED: ReadonlySet<unknown> = new Set([
  "liquid",
  "acid_citrus",
  "acid_vinegar",
  "acid_wine",
  "acid_fruit",
  "acid_dairy",
  "syrup",
]);

export function upgradedIngredient(stored: unknown): unknown {
  if (!isOld(stored)) return stored;
  const same = findIngredient(String(stored.id));
  const group = among(INGREDIENT_GROUPS, stored.group, "aromatic");
  return {
    ...stored,
    group,
    flags: same?.flags ?? guessed(wordsOf(stored), INGREDIENT_GUESSES),
    poured: same?.poured ?? POURED.has(group),
    scoville: same?.scoville ?? 0,
    thickens: same?.thickens ?? (group === "binder" ? 1 : 0),
  };
}

export function upgradedSalt(stored: unknown): unknown {
  if (!isOld(stored)) return stored;
  const same = findSalt(String(stored.id));
  return {
    ...stored,
    gradeWetBrine: same?.gradeWetBrine ?? "ok",
    gradeDryBrine: same?.gradeDryBrine ?? "ok",
    gradeSaltCrust: same?.gradeSaltCrust ?? "ok",
    flags: /nitrit|nitrat|curing|pink cure/.test(wordsOf(stored)) ? ["nitrite"] : [],
  };
}
