import type { Eater } from "../safety/limits";
import { sodiumOfTasting, type Carrier, type TastingWay } from "./samples";

/** Why somebody is better not asked to taste. */
export type WhyNot =
  | { why: "infant" }
  | { why: "allergen"; allergens: string[] }
  /** What a whole tasting holds is more than their limit for a portion, mg both. */
  | { why: "sodium"; mg: number; limitMg: number };

/** @param spits they taste and spit out, as tasters do: no sodium to speak of is swallowed */
export function whyNotTaste(
  eater: Pick<Eater, "infant" | "avoids" | "sodiumMg">,
  carrier: Carrier,
  way: TastingWay,
  spits = false,
): WhyNot | undefined {
  if (eater.infant) return { why: "infant" };
  const allergens = carrier.allergens.filter((a) => eater.avoids.includes(a));
  if (allergens.length > 0) return { why: "allergen", allergens };
  const mg = sodiumOfTasting(carrier, way);
  if (!spits && eater.sodiumMg !== null && mg > eater.sodiumMg)
    return { why: "sodium", mg, limitMg: eater.sodiumMg };
  return undefined;
}
