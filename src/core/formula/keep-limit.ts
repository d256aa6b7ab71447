import { rawStorageLimitH } from "../materials/lookup";
import { practiceFor, type Method } from "../materials/practice";
import type { Food } from "../materials/types";
import { SHARP_PH } from "../safety/official";
import type { Mix } from "./mix";

export type PastReason =
  "over_salted" | "texture_limit" | "storage_limit" | "acid_limit" | "enzyme_limit" | "over_baked";

/** How long practice, acid, enzymes or storage let a preparation stand. */
export interface KeepLimit {
  hours: number;
  reason: Exclude<PastReason, "over_salted">;
  method: Method;
}

/** The shortest of what limits a preparation, and which it was. */
export function keepLimit(food: Food, method: Method, mix?: Mix): KeepLimit {
  const limits: KeepLimit[] = [
    { hours: practiceFor(food, method).maxH, reason: textureReason(method), method },
    { hours: rawStorageLimitH(food) ?? Infinity, reason: "storage_limit", method },
  ];
  if (mix?.pH !== undefined && mix.pH < SHARP_PH && mix.kind !== "dairy")
    limits.push({ hours: food.acidMaxH, reason: "acid_limit", method });
  return limits.reduce((least, l) => (l.hours < least.hours ? l : least));
}

function textureReason(method: Method): KeepLimit["reason"] {
  if (method === "enzymeMarinade") return "enzyme_limit";
  return method === "acidMarinade" ? "acid_limit" : "texture_limit";
}
