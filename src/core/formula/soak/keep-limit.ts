import { rawStorageLimitH } from "../../materials/lookup";
import { SHARP_PH } from "../../materials/official";
import { practiceFor, type Method } from "../../materials/practice";
import type { Food } from "../../materials/types";
import type { Mix } from "../weigh/mix";

export type PastReason =
  | "over_salted"
  | "texture_limit"
  | "storage_limit"
  | "acid_limit"
  | "enzyme_limit"
  | "over_baked";

/** How long practice, acid, enzymes or storage let a preparation stand. */
export interface KeepLimit {
  hours: number;
  reason: Exclude<PastReason, "over_salted">;
  method: Method;
}

/**
 * Acid of a usual sharp marinade, as citric, g for each kg of food: about 100 ml of lemon juice. The food table's hours
 * are for such a bath. *Practice*, estimate.
 */
const BATH_CITRIC_G_PER_KG = 4;

/**
 * How long a food bears sharp acid, h. In a bath of it, the table's hours; with less acid longer, as the dose is less: a
 * spoon of lemon on a kilogram of fish is not a bath. *Practice*, estimate.
 * @param citricGPerKg acid to pH 8.1, as citric, g for each kg of food, > 0
 */
export const acidLimitH = (food: Pick<Food, "acidMaxH">, citricGPerKg: number): number =>
  food.acidMaxH * Math.max(1, BATH_CITRIC_G_PER_KG / citricGPerKg);

/** The shortest of what limits a preparation, and which it was. */
export function keepLimit(food: Food, method: Method, mix?: Mix, foodG?: number): KeepLimit {
  const limits: KeepLimit[] = [
    { hours: practiceFor(food, method).maxH, reason: textureReason(method), method },
    { hours: rawStorageLimitH(food) ?? Infinity, reason: "storage_limit", method },
  ];
  if (mix?.pH !== undefined && mix.pH < SHARP_PH && mix.kind !== "dairy")
    limits.push({
      hours: acidLimitH(food, foodG === undefined ? BATH_CITRIC_G_PER_KG : (1000 * mix.citricG) / foodG),
      reason: "acid_limit",
      method,
    });
  return limits.reduce((least, l) => (l.hours < least.hours ? l : least));
}

function textureReason(method: Method): KeepLimit["reason"] {
  if (method === "enzymeMarinade") return "enzyme_limit";
  return method === "acidMarinade" ? "acid_limit" : "texture_limit";
}
