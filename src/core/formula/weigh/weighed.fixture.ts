import type { Formulation } from "../../formulation";
import { findIngredient } from "../../materials/lookup";
import type { PreparationChoice } from "../../preparations";
import { formulate, type Formulated } from "../formulate";
import { chops } from "../formulation.fixture";
import { withPreparation } from "../offer/offered";

/** Chops that lie flat, in a preparation with what a test changes of it, and of the rest. */
export function flatIn(
  choice: PreparationChoice,
  part: object = {},
  change: Partial<Formulation> = {},
): Formulation {
  const base = withPreparation(chops({ pieces: { ...chops().pieces, shape: "slab" } }), choice);
  return { ...base, ...change, preparation: { ...base.preparation, ...part } as Formulation["preparation"] };
}

/** Why the sums refuse it; undefined where they do not. */
export function refusalOf(f: Formulation) {
  const found = formulate(f);
  return found.ok ? undefined : found.error;
}

/** Sugar of all lines, g. */
export const sugarIn = (sheet: Formulated): number =>
  sheet.lines.reduce((sum, l) => sum + l.massG * (findIngredient(l.id)?.sugarFraction ?? 0), 0);
