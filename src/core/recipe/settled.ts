import type { Cook, LinePlace } from "../formulation";
import type { Pantry } from "../materials/pantry";
import type { PreparationChoice } from "../preparations";
import type { LinePartSaid } from "./parts";
import type { SaidCrust, SaidKeptBack, SaidSlashes } from "./work-said";

/* A recipe as the cook confirmed it, and what is asked of its lines. */

/** A line as the cook confirmed it. */
export interface SettledLine {
  kind: "ingredient" | "salt";
  id: string;
  grams: number;
  optional: boolean;
  /** Which part of the dish it belongs to; left out, the preparation itself. */
  part?: LinePartSaid;
  /** Where it goes; left out, into the mixture. */
  where?: LinePlace;
  /** So long beside the food in the oven, min. */
  bakeMin?: number;
}

/** A recipe as the cook confirmed it, all of it. */
export interface SettledRecipe {
  name: string;
  notes: string;
  foodId: string;
  foodG: number;
  count: number;
  choice: PreparationChoice;
  lines: SettledLine[];
  /** How long it lies, h; undefined keeps what practice offers. */
  pullH?: number;
  /** Thickest part of one piece, mm, where it is said. */
  thicknessMm?: number;
  cook?: Cook;
  slashes?: SaidSlashes;
  keptBack?: SaidKeptBack;
  packed?: SaidCrust;
  /** The glaze goes on for the last so many minutes. */
  glazeLastMin?: number;
  portions: number;
  /** Rinsed so long after the soak, min; 0 where it says not to; left out, as practice offers it. */
  rinseMin?: number;
  /** Where it stands, where that is not the fridge. */
  place?: "cooler";
}

export const between = (value: number, { min, max }: { min: number; max: number }, unit = 1): number =>
  Math.min(max * unit, Math.max(min * unit, value));

/** Sodium chloride of all lines, g. */
export const saltOf = (lines: readonly SettledLine[], pantry: Pantry): number =>
  lines.reduce((sum, l) => sum + l.grams * (pantry.ingredient(l.id)?.saltFraction ?? 0), 0);

export const sumOf = (lines: readonly SettledLine[]): number => lines.reduce((sum, l) => sum + l.grams, 0);

export const EGG_WHITE = "egg_white";
export const isWater = (id: string): boolean => id === "water" || id === "ice_crushed";
