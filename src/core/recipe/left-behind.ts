import { LINES_MAX, STAGES_MAX } from "../quantity/ranges";
import type { ReadRecipe, RecipeLine } from "./reading";
import type { SettledLine } from "./settled";

/** Why something of a recipe does not go along into its formula, or not as it stands there. */
export type LeftBehindWhy =
  /** A share of the mixture that is put aside: the Bench keeps it back, nothing is weighed twice. */
  | "setAside"
  | "leftOut"
  | "tooManyLines"
  /** Ice is part of a brine's water. */
  | "iceIsWater"
  /** It stands in the room: nothing raw does here. */
  | "standsWarm"
  | "tooManyStages"
  /** A second core: a formula cooks to one. */
  | "secondCore";

export interface LeftBehind {
  why: LeftBehindWhy;
  /** The recipe's own words. */
  words: string;
}

/** A line, and what the cook said of it. */
export interface LineSaid {
  line: RecipeLine;
  out: boolean;
  isFood: boolean;
}

/**
 * All of a recipe that its formula will not hold, told before it is made. Its method goes along as notes, whole; what is
 * named here is what would otherwise be thought to be weighed, timed or cooked.
 * @param settled the lines that go along, as they were confirmed
 */
export function leftBehind(
  read: ReadRecipe,
  said: readonly LineSaid[],
  settled: readonly SettledLine[],
): LeftBehind[] {
  const lines = said.filter((s) => !s.isFood && !s.line.isHeading);
  const main = lines.filter((s) => !s.out && s.line.part === "main");
  const isBath = settled.some((l) => l.id === "water");
  const { method } = read;
  const warm = method.place === "room" && read.soak;
  const stages = method.cook.slice(STAGES_MAX).flatMap((s) => (s.minutes ? [s.minutes.text] : []));
  return [
    ...lines.filter((s) => !s.out && s.line.part === "reserved").map((s) => of("setAside", s.line.text)),
    ...lines.filter((s) => s.out).map((s) => of("leftOut", s.line.text)),
    ...main.slice(LINES_MAX).map((s) => of("tooManyLines", s.line.text)),
    ...lines
      .filter((s) => isBath && !s.out && s.line.chosen?.id === "ice_crushed")
      .map((s) => of("iceIsWater", s.line.text)),
    ...(warm ? [of("standsWarm", warm.sentence)] : []),
    ...stages.map((text) => of("tooManyStages", text)),
    ...secondCores(read).map((text) => of("secondCore", text)),
  ];
}

const of = (why: LeftBehindWhy, words: string): LeftBehind => ({ why, words });

/** Cores more than this apart are two, °C; nearer they are one said twice. */
const CORES_APART_C = 3;

function secondCores({ method: { cores } }: ReadRecipe): string[] {
  const [first] = cores;
  return cores
    .slice(1)
    .filter((c) => first && Math.abs(c.celsius - first.celsius) > CORES_APART_C)
    .map((c) => c.sentence);
}
