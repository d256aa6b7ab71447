import { outcomeAt } from "@/core/formula/account/outcome";
import { formulate } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { programOf } from "@/core/program/program";
import type { Program } from "@/core/program/step";
import { snapshotOf, type SheetSnapshot } from "./sheet";

/** What a printed sheet says of a formulation. */
export interface Printed {
  formulation: Formulation;
  sheet: SheetSnapshot;
  program: Program;
  rateFactor: number | undefined;
}

/** @returns undefined where the sums refuse it */
export function printedOf(formulation: Formulation, rateFactor: number | undefined): Printed | undefined {
  const result = formulate(formulation, { rateFactor });
  if (!result.ok) return undefined;
  const sheet = result.value;
  return {
    formulation,
    sheet: snapshotOf(sheet, outcomeAt(sheet, formulation.pullH, formulation.portions)),
    program: programOf(formulation, sheet),
    rateFactor,
  };
}
