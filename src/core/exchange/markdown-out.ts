import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formulation";
import { choiceOf } from "../preparations";
import { capital } from "../quantity/said";
import type { MeasureSystem } from "../quantity/spoons";
import { formulaBlock, formulaFile } from "./formula-file";
import { PREPARATION_NAME } from "./names";
import { ingredientsOf } from "./recipe-out";
import { tellingOf } from "./telling";
import * as words from "@/words/core/exchange/markdown-out";

/** A worked formula as Markdown, to be read by anybody; the formula itself is in the block at its end. */
export function markdownOf(
  f: Formulation,
  sheet: Formulated,
  measures: MeasureSystem,
  tags: readonly string[] = [],
): string {
  return [
    `# ${inLine(f.name)}`,
    "",
    words.serves(capital(PREPARATION_NAME[choiceOf(f.preparation)]), f.portions),
    "",
    `## ${words.weighOut}`,
    "",
    ...ingredientsOf(f, sheet, measures).map((line) => `- ${inLine(line)}`),
    "",
    `## ${words.method}`,
    "",
    ...tellingOf(f, sheet).map(({ text }, i) => `${i + 1}. ${inLine(text)}`),
    ...(f.notes ? ["", `## ${words.notes}`, "", ...f.notes.split("\n").map((line) => `> ${line}`)] : []),
    "",
    words.followYourLocalFoodCode,
    "",
    `## ${words.theFormulaItself}`,
    "",
    formulaBlock(formulaFile(f, tags)),
    "",
  ].join("\n");
}

/** A name is text, whatever is written in it. */
const inLine = (text: string): string => text.replace(/\s+/g, " ").replace(/([\\`*_{}[\]<>#|])/g, "\\$1");
