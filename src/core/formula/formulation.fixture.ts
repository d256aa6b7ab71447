import type { Formulation, FormulaLine } from "../formulation";
import { findFood } from "../materials/lookup";
import type { PreparationChoice } from "../preparations";
import { formulate, type Formulated } from "./formulate";
import { EQUILIBRIUM, newFormulation, piecesOffered } from "./offer/defaults";
import { withPreparation } from "./offer/offered";

/** Bench inputs for tests: boned pork loin in chops, a kilogram on the scale. */
export function chops(change: Partial<Formulation> = {}): Formulation {
  const food = findFood("pork_chop_boneless");
  if (!food) throw new Error("food table");
  return {
    ...newFormulation(food),
    name: "Chops",
    pieces: { ...piecesOffered(food), count: 4, totalMassG: 1000, thicknessMm: 25 },
    saltId: "pickling",
    preparation: { ...EQUILIBRIUM, targetFraction: 0.014 },
    water: { mode: "chosen", massG: 1000 },
    ...change,
  };
}

/** Chops in a timed brine of so much salt over solution. */
export const timedChops = (saltFraction: number, change: Partial<Formulation> = {}): Formulation =>
  chops({
    preparation: {
      kind: "wetBrine",
      school: "timed",
      strength: { basis: "percent", saltFraction },
      targetFraction: 0.012,
    },
    ...change,
  });

/** A food of the tables, offered as the Bench would offer it, with what a test changes. */
export function foodIn(
  foodId: string,
  choice: PreparationChoice,
  change: Partial<Formulation> = {},
  count = 1,
): Formulation {
  const food = findFood(foodId);
  if (!food) throw new Error(foodId);
  return { ...withPreparation(chops({ foodId, pieces: piecesOffered(food, count) }), choice), ...change };
}

/** A line of so many grams to the kilogram of food. */
export const perKg = (
  ingredientId: string,
  amountG: number,
  change: Partial<FormulaLine> = {},
): FormulaLine => ({ ingredientId, amountG, scalesWith: "foodMass", optional: false, ...change });

/** The sheet of an input, worked out once a file of tests. */
export function worked(input: Formulation, rateFactor = 1): Formulated {
  const key = JSON.stringify([input, rateFactor]);
  const known = sheets.get(key);
  if (known) return known;
  const result = formulate(input, { rateFactor });
  if (!result.ok) throw new Error(result.error.code);
  sheets.set(key, result.value);
  return result.value;
}

const sheets = new Map<string, Formulated>();
