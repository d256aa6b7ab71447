import type { FormulaView, KitchenView } from "@/contracts/views";
import { formulaFile } from "@/core/exchange/formula-file";
import { markdownOf } from "@/core/exchange/markdown-out";
import { recipeOf } from "@/core/exchange/recipe-out";
import { textOf } from "@/core/exchange/text-out";
import { outcomeAt } from "@/core/formula/account/outcome";
import { formulate, type Formulated } from "@/core/formula/formulate";
import { Refusal } from "../problem";
import { ledgerCsv, sheetCsv } from "./csv/tables";
import * as words from "@/words/server/exchange/formula-out";

export const KINDS_OF_FILE = ["json", "recipe", "markdown", "text", "sheet", "ledger"] as const;
type KindOfFile = (typeof KINDS_OF_FILE)[number];

/** A formula as a file of the kind asked for. @throws Refusal 422 where its sums do not work out */
export function formulaAs(
  kind: KindOfFile,
  { formulation, tags }: Pick<FormulaView, "formulation" | "tags">,
  {
    measures,
    rates,
    usual = {},
  }: Pick<KitchenView, "measures" | "rates"> & {
    usual?: Pick<KitchenView["usual"], "decimal">;
  },
): { text: string; mime: string; ending: string } {
  if (kind === "json")
    return {
      text: JSON.stringify(formulaFile(formulation, tags), null, 2),
      mime: "application/json",
      ending: ".formula.json",
    };
  const worked = formulate(formulation, { rateFactor: rates[formulation.foodId]?.factor });
  if (!worked.ok)
    throw new Refusal(422, words.theSumsDoNotWork, words.thisFormulaHasNoSheet(worked.error.code));
  const sheet = worked.value;
  switch (kind) {
    case "recipe":
      return {
        text: JSON.stringify(recipeOf(formulation, sheet, tags, measures), null, 2),
        mime: "application/ld+json",
        ending: ".recipe.json",
      };
    case "markdown":
      return { text: markdownOf(formulation, sheet, measures, tags), mime: "text/markdown", ending: ".md" };
    case "text":
      return { text: textOf(formulation, sheet, measures), mime: "text/plain", ending: ".txt" };
    case "sheet":
      return { text: sheetCsv(linesOf(sheet), usual.decimal), mime: "text/csv", ending: ".sheet.csv" };
    case "ledger":
      return {
        text: ledgerCsv(outcomeAt(sheet, formulation.pullH, formulation.portions).ledger, usual.decimal),
        mime: "text/csv",
        ending: ".ledger.csv",
      };
  }
}

const linesOf = (sheet: Formulated) => [...sheet.lines, ...sheet.companions];
