import { newFormulation, piecesOffered, type PreparationChoice } from "../formula/defaults";
import { edibleFraction } from "../formula/flesh";
import type { Cook, Formulation, FormulaLine, Preparation } from "../formula/model";
import { withPreparation } from "../formula/offered";
import { LINES_MAX, NAME_MAX, NOTES_MAX, RANGES } from "../formula/ranges";
import { likelyThicknessMm } from "../formula/flesh";
import { isLiquid } from "../formula/prepare/brines";
import { withOwn } from "../formula/with-own";
import { pantryOf, type OwnMaterials } from "../materials/pantry";
import type { Food } from "../materials/types";

/** A line as the cook confirmed it. */
export interface SettledLine {
  kind: "ingredient" | "salt";
  id: string;
  grams: number;
  optional: boolean;
}

/** A recipe as the cook confirmed it, all of it. */
export interface SettledRecipe {
  name: string;
  notes: string;
  foodId: string;
  foodG: number;
  count: number;
  choice: PreparationChoice;
  lines: SettledLine[];
  /** How long it lies, h; undefined keeps what practice offers. */
  pullH?: number;
  cook?: Cook;
  portions: number;
}

const between = (value: number, { min, max }: { min: number; max: number }, unit = 1): number =>
  Math.min(max * unit, Math.max(min * unit, value));

/**
 * A formulation of a confirmed recipe: salt as a share of the food or strength of the brine, every line by what it grows
 * with.
 * @returns undefined where the food is not known
 */
export function formulationFrom(settled: SettledRecipe, own: OwnMaterials = {}): Formulation | undefined {
  const food = pantryOf(own).food(settled.foodId);
  if (!food) return undefined;
  const salts = settled.lines.filter((l) => l.kind === "salt");
  const plainG = sumOf(settled.lines.filter((l) => isWater(l.id)));
  // A bath's water is all of it: what juice and vinegar bring counts too.
  const waterG = plainG > 0 ? plainG + waterIn(settled.lines, own) : 0;
  const base = withPreparation({ ...newFormulation(food), lines: [] }, settled.choice);
  const sugar = SUGAR_APART.has(settled.choice) ? settled.lines.find((l) => isSugar(l.id)) : undefined;
  const saltG = sumOf(salts);
  const isBath = settled.choice === "timed" || settled.choice === "equilibrium";
  const others = settled.lines.filter(
    (l) => l.kind === "ingredient" && l !== sugar && !(isBath && isWater(l.id)),
  );
  const preparation = seasoned(base.preparation, { food, settled, naclG: naclIn(salts, own), waterG });
  return withOwn(
    {
      ...base,
      name: settled.name.slice(0, NAME_MAX),
      notes: settled.notes.slice(0, NOTES_MAX),
      pieces: piecesFor(food, settled),
      ...(salts[0] && { saltId: salts[0].id }),
      preparation,
      water: isBath && waterG >= RANGES.waterG.min ? { mode: "chosen", massG: waterG } : base.water,
      sugarPerSalt:
        sugar && saltG > 0 ? between(sugar.grams / saltG, RANGES.sugarPerSalt) : base.sugarPerSalt,
      ...(sugar && { sugarId: sugar.id }),
      lines: others
        .slice(0, LINES_MAX)
        .map((l) => lineOf(l, isBath ? waterG / 1000 : 0, settled.foodG / 1000)),
      pullH: settled.pullH === undefined ? base.pullH : between(settled.pullH, RANGES.pullH),
      ...(settled.cook && { cook: settled.cook }),
      portions: settled.portions,
    },
    own,
  );
}

/** Sodium chloride of the salts: moist or mixed ones hold less of it than they weigh. */
function naclIn(salts: readonly SettledLine[], own: OwnMaterials): number {
  const pantry = pantryOf(own);
  return salts.reduce((sum, l) => sum + l.grams * (pantry.salt(l.id)?.naclFraction ?? 1), 0);
}

function waterIn(lines: readonly SettledLine[], own: OwnMaterials): number {
  const pantry = pantryOf(own);
  return lines
    .filter((l) => l.kind === "ingredient" && !isWater(l.id))
    .reduce((sum, l) => {
      const found = pantry.ingredient(l.id);
      return sum + (found && isLiquid(found) ? l.grams * found.waterFraction : 0);
    }, 0);
}

const SUGAR_APART: ReadonlySet<PreparationChoice> = new Set(["timed", "equilibrium", "dry", "cure"]);
const isWater = (id: string): boolean => id === "water" || id === "ice_crushed";
const isSugar = (id: string): boolean => id.startsWith("sugar_");
const sumOf = (lines: readonly SettledLine[]): number => lines.reduce((sum, l) => sum + l.grams, 0);

function piecesFor(food: Food, { foodG, count }: SettledRecipe): Formulation["pieces"] {
  return {
    ...piecesOffered(food, count),
    totalMassG: foodG,
    thicknessMm: Math.round(likelyThicknessMm(food, foodG / count)),
  };
}

/** In a bath a line grows with the liquid; elsewhere with the food. */
function lineOf(l: SettledLine, litres: number, foodKg: number): FormulaLine {
  const per = litres > 0 ? litres : foodKg;
  return {
    ingredientId: l.id,
    amountG: between(l.grams / per, RANGES.lineG),
    scalesWith: litres > 0 ? "bath" : "foodMass",
    optional: l.optional,
  };
}

/** The salt the recipe gives, as its preparation counts it; what it does not give stays as practice offers it. */
function seasoned(
  p: Preparation,
  given: { food: Food; settled: SettledRecipe; naclG: number; waterG: number },
): Preparation {
  const { food, settled, naclG, waterG } = given;
  if (naclG <= 0) return p;
  const edibleG = settled.foodG * edibleFraction(food, food.boneFraction > 0.05);
  const share = between(naclG / edibleG, RANGES.targetPercent, 0.01);
  switch (p.kind) {
    case "wetBrine":
      return p.school === "timed" && waterG > 0
        ? {
            ...p,
            strength: {
              basis: "percent",
              saltFraction: between(naclG / (naclG + waterG), RANGES.strengthPercent, 0.01),
            },
          }
        : p;
    case "cure":
      return { ...p, doseFraction: between(naclG / edibleG, RANGES.dosePercent, 0.01) };
    case "saltCrust":
      return p;
    default:
      return { ...p, targetFraction: share };
  }
}
