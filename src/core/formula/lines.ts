import { findIngredient } from "../materials/lookup";
import type { Salt } from "../materials/types";
import type { AromaticLine, Formulation, ScalingLaw } from "./model";

/** One thing to weigh out. */
export interface SheetLine {
  id: string;
  name: string;
  role: "water" | "salt" | "sugar" | "aromatic";
  /** What goes on the scale, g, unrounded. */
  massG: number;
  scalesWith: ScalingLaw;
  /** Spoon density, g/mL; undefined where the thing is only weighed. */
  densityGPerMl: number | undefined;
  /** Spread of that density between makers, relative; what a spoon is in doubt by. */
  densityDoubt: number;
  /** Counted things: how much one weighs and what one is called. */
  each: { massG: number; unit: string } | undefined;
  optional: boolean;
  allergens: string[];
}

const saltDoubt = (salt: Salt) => (salt.densityHighGPerMl - salt.densityLowGPerMl) / (2 * salt.densityGPerMl);

/** Salt as it is weighed: moist or mixed salts need more grams for the same sodium chloride. */
export function saltLine(salt: Salt, naclG: number, scalesWith: ScalingLaw): SheetLine {
  return {
    id: salt.id,
    name: salt.name,
    role: "salt",
    massG: salt.naclFraction > 0 ? naclG / salt.naclFraction : 0,
    scalesWith,
    densityGPerMl: salt.densityGPerMl,
    densityDoubt: saltDoubt(salt),
    each: undefined,
    optional: false,
    allergens: [],
  };
}

export function ingredientLine(
  ingredientId: string,
  massG: number,
  role: "sugar" | "aromatic",
  scalesWith: ScalingLaw,
  optional: boolean,
): SheetLine | undefined {
  const found = findIngredient(ingredientId);
  if (!found) return undefined;
  return {
    id: found.id,
    name: found.name,
    role,
    massG,
    scalesWith,
    densityGPerMl: found.densityGPerMl ?? undefined,
    densityDoubt: found.uncertainty,
    each: found.gEach ? { massG: found.gEach, unit: found.eachUnit } : undefined,
    optional,
    allergens: found.allergens,
  };
}

/** Grams of an aromatic for this batch, by its own law. */
export function aromaticMassG(line: AromaticLine, waterG: number, foodG: number): number {
  switch (line.scalesWith) {
    case "bath":
      return (line.amountG * waterG) / 1000;
    case "foodMass":
      return (line.amountG * foodG) / 1000;
    case "batch":
      return line.amountG;
  }
}

/** Every aromatic of a formula, weighed. */
export function aromaticLines(input: Formulation, waterG: number, foodG: number): SheetLine[] {
  return input.aromatics.flatMap((a) => {
    const massG = aromaticMassG(a, waterG, foodG);
    return ingredientLine(a.ingredientId, massG, "aromatic", a.scalesWith, a.optional) ?? [];
  });
}
