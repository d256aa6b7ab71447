import { choiceOf } from "../formula/defaults";
import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formula/model";
import { spoonMeasure, type MeasureSystem } from "../quantity/spoons";
import { actsIn, programOf } from "../program/program";
import { formulaBlock, formulaFile } from "./formula-file";
import { PART_NAME, PREPARATION_NAME } from "./names";
import { ingredientsOf } from "./recipe-out";

/** A worked formula as Markdown, to be read by anybody; the formula itself is in the block at its end. */
export function markdownOf(
  f: Formulation,
  sheet: Formulated,
  measures: MeasureSystem,
  tags: readonly string[] = [],
): string {
  const { ready, past } = sheet.soak.window;
  const hours = (h: number | undefined) => (h === undefined ? "over 96 h" : `${Math.round(h * 10) / 10} h`);
  const [food] = ingredientsOf(f, sheet);
  return [
    `# ${inLine(f.name)}`,
    "",
    `${inLine(food)}; ${PREPARATION_NAME[choiceOf(f.preparation)]}; ${f.portions} portions.`,
    "",
    "## Weigh out",
    "",
    "| What | g | By the spoon, roughly |",
    "| --- | ---: | --- |",
    ...[...sheet.lines, ...sheet.companions].map((line) => {
      const spoon = line.densityGPerMl && spoonMeasure(line.massG, line.densityGPerMl, measures)?.text;
      const where = line.part === "main" ? "" : ` (${PART_NAME[line.part]})`;
      return `| ${cell(line.name + where)} | ${Number(line.massG.toFixed(1))} | ${spoon ?? "–"} |`;
    }),
    "",
    "## When",
    "",
    `Take out after ${hours(f.pullH)}. As wanted from about ${hours(ready.likely)}, stands too long from about ${hours(past.likely)}.`,
    "",
    "## Method",
    "",
    ...actsIn(programOf(f, sheet)).map((act, i) => `${i + 1}. ${inLine(act.title)}. ${inLine(act.why)}`),
    ...(f.notes ? ["", "## Notes", "", ...f.notes.split("\n").map((line) => `> ${line}`)] : []),
    "",
    "Follow your local food code. Not for nitrite curing, canning or keeping.",
    "",
    "## The formula itself",
    "",
    formulaBlock(formulaFile(f, tags)),
    "",
  ].join("\n");
}

/** A name is text, whatever is written in it. */
const inLine = (text: string): string => text.replace(/\s+/g, " ").replace(/([\\`*_{}[\]<>#|])/g, "\\$1");
const cell = inLine;
