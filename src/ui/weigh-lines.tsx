import pluralize from "pluralize";
import type { LinePart, SheetLine } from "@/core/formula/weigh/lines";
import { inAmerican } from "@/core/quantity/american";
import { CLOSE_ENOUGH, spoonMeasure, type MeasureSystem } from "@/core/quantity/spoons";
import { capital, fixed, grams } from "./format";
import { LAW_NAME, PART_NAME } from "./names";
import { unitsOf } from "./units";
import * as words from "@/words/ui/weigh-lines";

export type Line = Omit<SheetLine, "each" | "densityGPerMl"> &
  Partial<Pick<SheetLine, "each" | "densityGPerMl">>;

/** Nobody counts peppercorns or juniper: berries lighter than this are spooned. */
const COUNTED_FROM_G = 0.5;
const SPOONED_UNITS = ["corn", "berry"];

const isCounted = (line: Line) =>
  line.each !== undefined &&
  (line.each.massG >= COUNTED_FROM_G || !line.densityGPerMl || !SPOONED_UNITS.includes(line.each.unit));

function counted(count: number, unit: string): string {
  const shown = count < 5 ? Math.max(0.5, Math.round(count * 2) / 2) : Math.round(count);
  const [name = "", ...rest] = unit.split(",");
  // "2 × 25 mm knob", so that two figures do not run together.
  if (/^\d/.test(name)) return `${shown} × ${name}`;
  const many = shown > 1 ? pluralize(name) : name;
  return [`${shown} ${many}`, ...rest].join(",");
}

/** A knob of 25 mm is one of an inch. */
const inMeasures = (text: string, measures: MeasureSystem): string =>
  measures === "us" ? inAmerican(text) : text;

/** What a line is in kitchen measures, with the error of those measures stated. */
export function kitchenMeasure(line: Line, measures: MeasureSystem): string {
  if (line.role === "water") return unitsOf(measures).volume(line.massG);
  if (line.each && isCounted(line)) {
    const count = line.massG / line.each.massG;
    if (count >= (line.densityGPerMl ? 0.75 : 0.4))
      return words.about(inMeasures(counted(count, line.each.unit), measures));
  }
  if (!line.densityGPerMl) return words.weighIt;
  const spoons = spoonMeasure(line.massG, line.densityGPerMl, measures);
  if (!spoons) return words.weighIt;
  const error = spoons.relativeError * 100;
  if (Math.abs(spoons.relativeError) > CLOSE_ENOUGH)
    return `${spoons.text}, ${fixed(Math.abs(error), 1)} % ${words.tooMuch(error)}`;
  const sign = error > -0.05 ? "+" : "−";
  return `${spoons.text} (${sign}${fixed(Math.abs(error), 1)} %)`;
}

interface Props {
  lines: readonly Line[];
  measures: MeasureSystem;
  /** The why of a line's figure, where there is one. */
  whyFor?: (line: Line) => React.ReactNode;
}

/** The weigh-out sheet's lines, the preparation first, what goes beside it after. */
export function WeighLines({ lines, measures, whyFor }: Props) {
  const parts = [...new Set(lines.map((line) => line.part))];
  return parts.map((part) => (
    <section key={part} aria-label={part === "main" ? undefined : words.besideIt(PART_NAME[part])}>
      {part !== "main" && <h3 className="mt-3 text-lg">{capital(PART_NAME[part])}</h3>}
      <ul>
        {lines
          .filter((line) => line.part === part)
          .map((line, i) => (
            <WeighLine key={`${line.id}-${i}`} line={line} measures={measures} why={whyFor?.(line)} />
          ))}
      </ul>
    </section>
  ));
}

/** Grams large, kitchen measures small, how the line scales. */
function WeighLine({ line, measures, why }: { line: Line; measures: MeasureSystem; why: React.ReactNode }) {
  return (
    <li
      data-line={lineKey(line.part, line.id)}
      className="flex items-center justify-between gap-3 border-b border-line py-2"
    >
      <span className="min-w-0">
        <span className="block leading-tight font-semibold">{capital(line.name)}</span>
        <span className="block text-sm leading-tight text-quiet">
          {kitchenMeasure(line, measures)} · {LAW_NAME[line.scalesWith]}
          {line.optional && words.optional}
          {line.note && ` · ${line.note}`}
        </span>
        {line.less && (
          <span className="block text-sm leading-tight" data-less>
            {words.gLessAlreadyInThe({
              naclG: fixed(line.less.naclG, 1),
              fromCount: line.less.from.length,
              from: line.less.from.join(", "),
            })}
          </span>
        )}
      </span>
      <span className="flex shrink-0 items-center">
        {why}
        <span className="figure text-[1.75rem] leading-none whitespace-nowrap">
          {grams(line.massG)}
          <span className="ml-0.5 font-sans text-sm">g</span>
        </span>
      </span>
    </li>
  );
}

const lineKey = (part: LinePart, id: string) => (part === "main" ? id : `${part}:${id}`);
