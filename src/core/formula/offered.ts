import type { IngredientGroup } from "../materials/facts";
import type { Ingredient } from "../materials/types";
import { isSeafood } from "../materials/lookup";
import { pantryOf } from "../materials/pantry";
import { AS_WANTED, nameOffered, preparationOffered } from "./defaults";
import { choiceOf, type PreparationChoice } from "./choice";
import type { Vessel } from "../vessel/vessel";
import type { Formulation, FormulaLine, LineLaw } from "./model";

/* What a cook is handed when another preparation is chosen: a mixture to change, a vessel that suits, a usual hour. */

const line = (ingredientId: string, amountG: number, scalesWith: LineLaw = "foodMass"): FormulaLine => ({
  ingredientId,
  amountG,
  scalesWith,
  optional: false,
});
const part = (ingredientId: string, parts: number): FormulaLine => ({
  ...line(ingredientId, 0, "bath"),
  parts,
});

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
  return line(ingredient.id, inBath ? perLitre : perKg, inBath ? "bath" : "foodMass");
}

/** Starting mixtures. *Practice*: equal parts juice and oil; equal spoons of each spice, by their own weight. */
const STARTERS: Partial<Record<PreparationChoice, FormulaLine[]>> = {
  marinade: [
    part("lemon_juice", 1),
    part("olive_oil", 1),
    line("garlic_clove", 6),
    line("pepper_black_ground", 1),
    { ...line("honey", 5), optional: true },
  ],
  paste: [
    line("ginger_fresh", 15),
    line("garlic_clove", 12),
    line("lemon_juice", 30),
    line("sunflower_oil", 20),
    line("cumin_ground", 2.1),
    line("coriander_ground", 1.8),
    line("turmeric_ground", 3),
    line("cayenne", 1),
    // Colour is usually left out: written down, and off.
    { ...line("paprika", 2.3), optional: true, off: true },
  ],
  rub: [
    line("paprika_smoked", 7),
    line("sugar_brown_light", 5),
    line("pepper_black_ground", 3),
    line("garlic_powder", 3),
    line("onion_powder", 2.5),
    line("cumin_ground", 2),
  ],
  crust: [
    { ...line("parsley", 15, "piece"), where: "cavity" },
    { ...line("bay_dried", 0.4, "piece"), where: "overUnder" },
  ],
};

/** Usual hours: *practice*. A crust is baked at once; its hour follows from its bake. */
const USUAL_PULL_H: Record<PreparationChoice, number> = {
  equilibrium: 24,
  timed: 12,
  dry: 24,
  marinade: 4,
  paste: 4,
  rub: 12,
  crust: 0.75,
  cure: 0.5,
};

const FISH_PULL_H: Partial<Record<PreparationChoice, number>> = { marinade: 1 / 3, paste: 0.5, timed: 0.5 };

/** What goes into an oven. */
const OVENPROOF: readonly string[] = ["stainless", "glazed_ceramic", "enamelled", "aluminium", "bare_iron"];
/** A full-size kitchen tray. */
const TRAY: Vessel = {
  shape: "tray",
  lengthMm: 530,
  widthMm: 325,
  heightMm: 40,
  material: "stainless",
  plate: false,
};

/** A formulation turned to another preparation, keeping the food, the salt, the name and every line that still fits. */
export function withPreparation(f: Formulation, choice: PreparationChoice): Formulation {
  const before = choiceOf(f.preparation);
  const food = pantryOf(f.own).food(f.foodId);
  const fish = food !== undefined && isSeafood(food);
  const target = f.preparation.targetFraction > 0 ? f.preparation.targetFraction : 0.012;
  const untouched = f.lines.length === 0 || sameLines(f.lines, STARTERS[before] ?? []);
  const wet = choice === "equilibrium" || choice === "timed" || choice === "marinade" || choice === "paste";
  return {
    ...f,
    // What it is called follows, unless the cook named it.
    ...(food && f.name === nameOffered(food, before) && { name: nameOffered(food, choice) }),
    salt: givenOnlyHere(f, choice) ? AS_WANTED : (f.salt ?? AS_WANTED),
    preparation: preparationOffered(choice, choice === "crust" ? 0.008 : target),
    lines: untouched ? (STARTERS[choice] ?? []) : f.lines.map((l) => fitting(l, choice, wet)),
    sugarPerSalt: choice === "cure" ? Math.max(f.sugarPerSalt, 0.5) : f.sugarPerSalt,
    vessel: choice === "crust" && !OVENPROOF.includes(f.vessel.material) ? TRAY : f.vessel,
    // A rack lets the surface dry; everything wet is covered.
    holding: { ...f.holding, covered: choice !== "dry" && choice !== "rub" },
    // Wiped dry, as the trade does; a quarter of an hour in fresh water is the other school, and the cook's to choose.
    rinse: choice === "timed" || choice === "equilibrium" ? f.rinse : undefined,
    pullH: (fish ? FISH_PULL_H[choice] : undefined) ?? USUAL_PULL_H[choice],
    reserve: wet ? f.reserve : undefined,
  };
}

/** A dose by the weight of the meat means nothing elsewhere; nor do the kilograms of a crust. */
const givenOnlyHere = ({ salt, preparation: p }: Formulation, next: PreparationChoice): boolean =>
  (salt?.mode === "percent" && !DOSED.has(next)) || (p.kind === "saltCrust" && p.saltBy === "given");
const DOSED: ReadonlySet<PreparationChoice> = new Set(["dry", "rub", "marinade", "paste"]);

const sameLines = (a: readonly FormulaLine[], b: readonly FormulaLine[]) =>
  JSON.stringify(a) === JSON.stringify(b);

/** Without a liquid nothing can grow with it; parts belong to a marinade alone. */
function fitting(l: FormulaLine, choice: PreparationChoice, wet: boolean): FormulaLine {
  const { parts, ...rest } = l;
  const kept = choice === "marinade" && parts !== undefined ? { ...rest, parts } : rest;
  return !wet && kept.scalesWith === "bath" ? { ...kept, scalesWith: "foodMass" } : kept;
}
