import type { SheetLine } from "../formula/weigh/lines";
import { gramsText } from "../quantity/said";
import type { WorkedDish } from "./dish";
import type { Figure } from "./step";
import * as words from "@/words/core/program/figures";

export const gramsOf = (line: SheetLine): Figure => ({ what: line.name, value: line.massG, unit: "g" });

/** "20 g parsley and 55 g lemon". */
export function listed(lines: readonly SheetLine[]): string {
  const each = lines.map((l) => `${gramsText(l.massG)} g ${l.name}`);
  const last = each.pop() ?? "";
  return each.length === 0 ? last : words.and(each.join(", "), last);
}

/** Salt of the preparation's own, as it is weighed, g. */
export const saltLineG = ({ sheet }: WorkedDish): number =>
  sheet.lines.filter((l) => l.role === "salt").reduce((sum, l) => sum + l.massG, 0);
