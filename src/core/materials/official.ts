import type { Kingdom } from "./facts";
import type { Food } from "./types";
import * as words from "@/words/core/materials/official";

/**
 * Official temperatures and times, all *from memory*: USDA FSIS Safe Minimum Internal Temperature Chart; FDA Food Code
 * 3-501; FSIS Appendix A and its poultry tables. Shown as cautions, never as a licence: the published page and the local
 * food code go before them.
 */

export type SafeClass =
  | "reheatedHam"
  | "leftovers"
  | "poultry"
  | "ground"
  | "egg"
  | "seafood"
  | "game"
  | "wholeCut";

/** The chart's rows: where the middle must have been, and how long it rests. */
export const SAFE_MINIMUMS: Record<SafeClass, { name: string; degF: number; restMin: number }> = {
  reheatedHam: { name: words.safeMinimum.reheatedHam, degF: 140, restMin: 0 },
  leftovers: { name: words.safeMinimum.leftovers, degF: 165, restMin: 0 },
  poultry: { name: words.safeMinimum.poultry, degF: 165, restMin: 0 },
  ground: { name: words.safeMinimum.ground, degF: 160, restMin: 0 },
  egg: { name: words.safeMinimum.egg, degF: 160, restMin: 0 },
  seafood: { name: words.safeMinimum.seafood, degF: 145, restMin: 0 },
  game: { name: words.safeMinimum.game, degF: 160, restMin: 0 },
  wholeCut: {
    name: words.safeMinimum.wholeCut,
    degF: 145,
    restMin: 3,
  },
};

/** Which row of the chart speaks of a food; undefined for plants, cheese and their like. */
export function safeClassOf(food: Pick<Food, "group" | "kingdom" | "form">): SafeClass | undefined {
  if (food.kingdom === "bird") return "poultry";
  if (food.kingdom === "egg") return "egg";
  if (SEA.has(food.kingdom)) return "seafood";
  if (food.kingdom !== "mammal") return undefined;
  if (food.form === "ground") return "ground";
  return food.group === "game" ? "game" : "wholeCut";
}
const SEA: ReadonlySet<Kingdom> = new Set(["fish_lean", "fish_fatty", "crustacean", "mollusc"]);

const celsius = (degF: number): number => (degF - 32) / 1.8;

/** FSIS: the line between cold and warm, 40 °F, °C. */
export const COLD_LIMIT_C = celsius(40);
/** FSIS: no roasting in air under 325 °F, °C. */
export const ROAST_FLOOR_C = celsius(325);
/** FSIS: fish is done at 145 °F, °C. */
export const FISH_SAFE_C = celsius(SAFE_MINIMUMS.seafood.degF);
/** FSIS: the air over which food may be out one hour only, 90 °F, °C. */
export const HOT_ROOM_C = celsius(90);
/** FSIS cold storage chart: raw in the fridge, h. */
export const RAW_STORAGE_H = { poultryFishAndGround: 48, wholeCuts: 120 };
/** FDA: sodium a day for most adults; and the table's own line for one portion, mg. */
export const SODIUM_MG = { day: 2300, portion: 1500 };
/** Under this pH a marinade is sharp (hazard and food tables); under the other it eats bare metal. */
export const SHARP_PH = 4;
export const EATS_METAL_PH = 4.5;

/** FSIS: so long warm in all; an hour where the air is over 32 °C. */
export const DANGER_ZONE = { fromF: 40, toF: 140, hours: 2, hoursAbove90F: 1 };
/** FDA Food Code 3-501.14 and .16. */
export const FOOD_CODE = {
  coldF: 41,
  hotF: 135,
  coolingFirst: { fromF: 135, toF: 70, hours: 2 },
  coolingSecond: { fromF: 70, toF: 41, hours: 4 },
  /** 3-403.11: what was cooled is heated through again, within so many hours. */
  reheat: { toF: 165, hours: 2 },
  /** 3-401.11: injected meat, heated to the one and held so long, or to the other at once. */
  injected: { heldF: 145, holdMin: 3, atOnceF: 155 },
  /** 3-402.11: fish to be eaten raw or undercooked is frozen first, by any one of these. */
  freezing: [
    { toF: -4, hours: 7 * 24 },
    { toF: -31, hours: 15 },
    /** Frozen solid at −31 °F, then kept at −4 °F. */
    { toF: -31, thenF: -4, hours: 24 },
  ],
};

/** Injected meat is no whole cut: what it must come to, °C, and rest there so many minutes, or without a rest. */
export const INJECTED = {
  heldC: celsius(FOOD_CODE.injected.heldF),
  holdMin: FOOD_CODE.injected.holdMin,
  atOnceC: celsius(FOOD_CODE.injected.atOnceF),
};
