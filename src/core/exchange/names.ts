import type { LinePart } from "../formula/weigh/lines";
import type { LineLaw, ScalingLaw } from "../formulation";
import { describedKind, PREPARATION_KINDS, wordsBy, type PreparationKind } from "../preparations";

/* What the core's kinds are called, on screen, on paper and in every file. */

export const PREPARATION_NAME = wordsBy((words) => words.name);

export const LAW_NAME: Record<ScalingLaw, string> = {
  foodMass: "by food",
  surface: "by surface",
  bath: "by liquid",
  salt: "by salt",
  piece: "by piece",
  vessel: "by vessel",
  batch: "fixed",
};

/** What an amount is per, under each law. */
export const LAW_UNIT: Record<LineLaw, string> = {
  foodMass: "g/kg",
  surface: "g/dm²",
  bath: "g/L",
  salt: "g/100 g",
  piece: "g each",
  batch: "g",
};

export const PART_NAME: Record<LinePart, string> = {
  main: "the preparation",
  glaze: "glaze",
  butter: "butter",
  baste: "basting",
  sauce: "sauce",
  dressing: "dressing",
  bed: "bed",
  coat: "coat",
  drizzle: "drizzle",
  salting: "salt",
  secondSalting: "salt once more",
};

/** A preparation by its kind, where the school does not matter. */
export const KIND_NAME = Object.fromEntries(
  PREPARATION_KINDS.map((kind) => [kind, describedKind(kind).words.kind]),
) as Record<PreparationKind, string>;
