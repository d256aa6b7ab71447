import type { Formulation } from "../../formulation";
import { pantryOf } from "../../materials/pantry";
import type { Ingredient } from "../../materials/types";
import type { Formulated } from "../formulate";
import type { SheetLine } from "../weigh/lines";
import * as words from "@/words/core/formula/account/dish-facts";

/** What an eater may have to know of a dish, from its lines and its food. */
export interface DishFacts {
  /** EU names, those of the food included, sorted. */
  allergens: string[];
  /** Some makers add these: read the label. */
  maybeAllergens: string[];
  honey: boolean;
  /** Alcohol put in, before any cooks off, g a portion. */
  alcoholPerPortionG: number;
  /** Scoville heat units, averaged over the edible food. */
  heatUnits: number;
  heat: HeatName;
}

/** How a dish tastes by its average heat. *Practice*, estimate: half a gram of cayenne to the kilogram is mild. */
export const HEATS = [
  { name: "none", upTo: 1 },
  { name: "gentle", upTo: 15 },
  { name: "mild", upTo: 40 },
  { name: "medium", upTo: 120 },
  { name: "hot", upTo: 400 },
  { name: "fierce", upTo: Infinity },
] as const;
export type HeatName = (typeof HEATS)[number]["name"];

/** How it is called. */
export const heatWord = (heat: HeatName): string => words.heat[heat];

export const heatName = (units: number): HeatName => HEATS.find((h) => units < h.upTo)?.name ?? "fierce";

/** The ingredients behind a sheet's lines, with their grams. */
export function ingredientsOf(
  input: Formulation,
  sheet: Pick<Formulated, "lines" | "companions">,
): { ingredient: Ingredient; line: SheetLine }[] {
  const pantry = pantryOf(input.own);
  return [...sheet.lines, ...sheet.companions].flatMap((line) => {
    const ingredient = pantry.ingredient(line.id);
    return ingredient ? [{ ingredient, line }] : [];
  });
}

export function dishFacts(input: Formulation, sheet: Formulated): DishFacts {
  const used = ingredientsOf(input, sheet);
  const sum = (of: (i: Ingredient) => number) =>
    used.reduce((total, { ingredient, line }) => total + line.massG * of(ingredient), 0);
  const certain = new Set([...sheet.food.allergens, ...used.flatMap(({ ingredient: i }) => i.allergens)]);
  const maybe = new Set(used.flatMap(({ ingredient: i }) => i.maybeAllergens).filter((a) => !certain.has(a)));
  const units = sum((i) => i.scoville) / sheet.flesh.massG;
  return {
    allergens: [...certain].sort(),
    maybeAllergens: [...maybe].sort(),
    honey: used.some(({ ingredient: i }) => i.flags.includes("honey")),
    alcoholPerPortionG: sum((i) => i.alcoholFraction) / input.portions,
    heatUnits: units,
    heat: heatName(units),
  };
}
