import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formulation";
import { choiceOf } from "../preparations";
import type { MeasureSystem } from "../quantity/spoons";
import { PREPARATION_NAME } from "./names";
import { ingredientsOf } from "./recipe-out";
import { tellingOf } from "./telling";

/** A worked formula in plain words, for a message or a note on the door. */
export function textOf(f: Formulation, sheet: Formulated, measures: MeasureSystem): string {
  const kind = PREPARATION_NAME[choiceOf(f.preparation)];
  return [
    f.name.replace(/\s+/g, " "),
    "",
    `${kind.charAt(0).toUpperCase()}${kind.slice(1)}. Serves ${f.portions}.`,
    "",
    "Weigh out:",
    ...ingredientsOf(f, sheet, measures).map((line) => `- ${line}`),
    "",
    "Method:",
    ...tellingOf(f, sheet).map(({ text }, i) => `${i + 1}. ${text}`),
    "",
    "Follow your local food code. Not for nitrite curing, canning or keeping.",
    "",
  ].join("\n");
}
