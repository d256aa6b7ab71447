import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formulation";
import { choiceOf } from "../preparations";
import { capital } from "../quantity/said";
import type { MeasureSystem } from "../quantity/spoons";
import { PREPARATION_NAME } from "./names";
import { ingredientsOf } from "./recipe-out";
import { tellingOf } from "./telling";
import * as words from "@/words/core/exchange/text-out";

/** A worked formula in plain words, for a message or a note on the door. */
export function textOf(f: Formulation, sheet: Formulated, measures: MeasureSystem): string {
  return [
    f.name.replace(/\s+/g, " "),
    "",
    words.serves(capital(PREPARATION_NAME[choiceOf(f.preparation)]), f.portions),
    "",
    words.weighOut,
    ...ingredientsOf(f, sheet, measures).map((line) => `- ${line}`),
    "",
    words.method,
    ...tellingOf(f, sheet).map(({ text }, i) => `${i + 1}. ${text}`),
    "",
    words.followYourLocalFoodCode,
    "",
  ].join("\n");
}
