import type { Dialect } from "./amounts";
import type { Severity } from "../safety/rule";
import type { Source } from "./from-any";
import type { LineGrams } from "./grams";
import type { LooseRecipe } from "./loose";
import type { Candidate } from "./match";
import type { LooseLine } from "./read-line";
import type { LinePartSaid } from "./parts";
import type { ReadMethod, SaidStage } from "./method";
import type { SaidBeside, SaidCrust, SaidKeptBack, SaidSlashes } from "./work-said";
import type { Recognised } from "./recognise";

/** One line of the ingredients, read: what it may be, and what it comes to. */
export interface RecipeLine extends LooseLine {
  index: number;
  /** Which part of the dish it belongs to, by the heading it stands under or the words it has. */
  part: LinePartSaid;
  /** What the name may stand for, best first. */
  candidates: Candidate[];
  /** The best of them; undefined where nothing fits. */
  chosen: Candidate | undefined;
  grams: LineGrams | undefined;
  /** Salt it brings, mass fraction; of what is chosen. */
  saltFraction: number | undefined;
  /** Of a salt by the spoon: what it weighs by crystal. */
  saltRange: { low: number; high: number; lightest: string; densest: string } | undefined;
}

export interface ReadRecipe {
  source: Source;
  /** Whose measures its words are in. */
  dialect: Dialect;
  recipe: LooseRecipe;
  lines: RecipeLine[];
  /** Water that is weighed or poured, g: what a share "of meat and water" counts besides. */
  waterG: number;
  method: ReadMethod;
  /** Which food it is for, best first. */
  foods: Candidate[];
  /** Weight of the food as written, g; undefined where it is not. */
  foodG: number | undefined;
  foodCount: number;
  /** Thickness where it is said, mm. */
  thicknessMm: number | undefined;
  preparation: Recognised;
  soak: SaidStage | undefined;
  /** How it is slashed, mm. */
  slashes: SaidSlashes | undefined;
  /** What is kept back of the mixture, before raw food comes near. */
  keptBack: SaidKeptBack | undefined;
  /** What bakes beside it, and for how long. */
  beside: SaidBeside[];
  /** The glaze goes on for the last so many minutes. */
  glazeLastMin: number | undefined;
  /** How thick a crust is packed. */
  crust: SaidCrust | undefined;
  contradictions: Contradiction[];
}

/** Where a recipe disagrees with itself, with the table, or with safety. */
export interface Contradiction {
  id: string;
  severity: Severity;
  title: string;
  /** What to do about it. */
  instead: string;
  /** The recipe's own words. */
  says: string[];
  /** Whose word goes before, where it is a matter of safety. */
  deferTo?: string;
}

const FEWEST_LINES = 2;

/** Whether there is anything in it to make a formula of. */
export const readsAsRecipe = (read: ReadRecipe): boolean =>
  read.lines.filter((l) => l.chosen && !l.isHeading).length >= FEWEST_LINES;
