import type { PreparationChoice } from "@/core/formula/defaults";
import type { EndId } from "@/core/formula/dish-ledger";
import type { LinePart } from "@/core/formula/lines";
import type { LineLaw, ScalingLaw } from "@/core/formula/model";

/* What the core's kinds are called on screen and on paper. */

export const PREPARATION_NAME: Record<PreparationChoice, string> = {
  equilibrium: "equilibrium brine",
  timed: "timed brine",
  dry: "dry brine",
  marinade: "marinade",
  paste: "paste",
  rub: "rub",
  crust: "salt crust",
  cure: "short cure",
};

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
  secondSalting: "salt once more",
};

export const END_NAME: Record<EndId, string> = {
  flesh: "in the flesh",
  surface: "on it",
  coat: "in the coat",
  reserve: "in the part set aside",
  companions: "in what goes beside it",
  vessel: "left in the vessel",
  crust: "in the crust",
  takenOff: "rinsed or brushed off",
  fallenOff: "fallen off",
};

/** "cereals_gluten" → "cereals, gluten". */
export const allergenName = (id: string): string =>
  id.replaceAll("_", " ").replace("cereals gluten", "gluten");

/** A preparation by its kind, where the school does not matter. */
export const KIND_NAME = {
  wetBrine: "wet brine",
  dryBrine: "dry brine",
  marinade: "marinade",
  paste: "paste",
  rub: "rub",
  saltCrust: "salt crust",
  cure: "short cure",
} as const;
