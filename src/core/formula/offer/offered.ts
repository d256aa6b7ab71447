import type { Formulation, FormulaLine, Holding } from "../../formulation";
import { isSeafood, type IngredientGroup } from "../../materials/facts";
import { pantryOf } from "../../materials/pantry";
import type { Ingredient } from "../../materials/types";
import { choiceOf, PREPARATIONS, type PreparationChoice } from "../../preparations";
import { offeredLine } from "../../preparations/descriptor";
import { AS_WANTED, HELD_C, nameOffered } from "./defaults";

/* What a cook is handed when another preparation is chosen: a mixture to change, a vessel that suits, a usual hour. */

/** How much of a kind is usual, g for each kilogram of food, and for each litre of a brine. *Practice*, estimates. */
const USUAL_G: Record<IngredientGroup, { perKg: number; perLitre: number }> = {
  liquid: { perKg: 100, perLitre: 250 },
  acid_wine: { perKg: 60, perLitre: 150 },
  acid_citrus: { perKg: 40, perLitre: 60 },
  acid_vinegar: { perKg: 25, perLitre: 40 },
  acid_fruit: { perKg: 40, perLitre: 60 },
  acid_dairy: { perKg: 150, perLitre: 300 },
  acid_powder: { perKg: 2, perLitre: 3 },
  dairy: { perKg: 40, perLitre: 100 },
  oil: { perKg: 30, perLitre: 20 },
  syrup: { perKg: 15, perLitre: 30 },
  sugar: { perKg: 10, perLitre: 20 },
  aromatic: { perKg: 15, perLitre: 20 },
  aromatic_zest: { perKg: 3, perLitre: 4 },
  fresh_herb: { perKg: 4, perLitre: 5 },
  dried_herb: { perKg: 1, perLitre: 1.5 },
  spice: { perKg: 2, perLitre: 4 },
  mustard: { perKg: 15, perLitre: 15 },
  seasoned_salt: { perKg: 4, perLitre: 6 },
  umami: { perKg: 20, perLitre: 40 },
  binder: { perKg: 25, perLitre: 10 },
  egg: { perKg: 50, perLitre: 30 },
  alkali: { perKg: 2, perLitre: 2 },
  salt: { perKg: 2, perLitre: 5 },
};

/** A line for something just added, at a usual amount; changed by who likes. */
export function lineOffered(ingredient: Pick<Ingredient, "id" | "group">, inBath: boolean): FormulaLine {
  const { perKg, perLitre } = USUAL_G[ingredient.group];
  return offeredLine(ingredient.id, inBath ? perLitre : perKg, inBath ? "bath" : "foodMass");
}

/** Stood somewhere else it is as warm as that usually is, until the cook says how warm. */
export const standingIn = (holding: Holding, place: Holding["place"]): Holding =>
  place === holding.place ? holding : { ...holding, place, temperatureC: HELD_C[place] };

/** A formulation turned to another preparation, keeping the food, the salt, the name and every line that still fits. */
export function withPreparation(f: Formulation, choice: PreparationChoice): Formulation {
  const before = choiceOf(f.preparation);
  const now = PREPARATIONS[choice];
  const food = pantryOf(f.own).food(f.foodId);
  const fish = food !== undefined && isSeafood(food);
  const target = f.preparation.targetFraction > 0 ? f.preparation.targetFraction : 0.012;
  const untouched = f.lines.length === 0 || sameLines(f.lines, PREPARATIONS[before].starter);
  return {
    ...f,
    // What it is called follows, unless the cook named it.
    ...(food && f.name === nameOffered(food, before) && { name: nameOffered(food, choice) }),
    salt: givenOnlyHere(f, choice) ? AS_WANTED : (f.salt ?? AS_WANTED),
    preparation: now.offered(now.found ?? target),
    lines: untouched ? [...now.starter] : f.lines.map((l) => fitting(l, choice)),
    holding: { ...f.holding, covered: now.covered },
    // Wiped dry, as the trade does; a quarter of an hour in fresh water is the other school, and the cook's to choose.
    rinse: now.lies === "bath" ? f.rinse : undefined,
    // Nothing thaws in a bath that is not there.
    ...(now.lies !== "bath" && f.pieces.thaw === "inBrine" && { pieces: { ...f.pieces, thaw: "fridge" } }),
    pullH: (fish ? now.usualH.seafood : undefined) ?? now.usualH.meat,
    reserve: now.setsAside ? f.reserve : undefined,
    ...now.brings?.(f),
  };
}

/** A dose by the weight of the meat means nothing elsewhere; nor do the kilograms of a crust. */
const givenOnlyHere = ({ salt, preparation: p }: Formulation, next: PreparationChoice): boolean =>
  (salt?.mode === "percent" && !PREPARATIONS[next].dosed) || (p.kind === "saltCrust" && p.saltBy === "given");

const sameLines = (a: readonly FormulaLine[], b: readonly FormulaLine[]) =>
  JSON.stringify(a) === JSON.stringify(b);

/** Without a liquid nothing can grow with it; parts belong to a marinade alone. */
function fitting(l: FormulaLine, choice: PreparationChoice): FormulaLine {
  const { parts, ...rest } = l;
  const kept = choice === "marinade" && parts !== undefined ? { ...rest, parts } : rest;
  return !PREPARATIONS[choice].liquid && kept.scalesWith === "bath"
    ? { ...kept, scalesWith: "foodMass" }
    : kept;
}
