import type { CarrierId, TastingWay } from "@/core/taste/samples";
import type { WhyNot } from "@/core/taste/who";
import { fixed } from "@/ui/format";
import { allergenName } from "@/ui/names";

export const CARRIER_NAME: Record<CarrierId, string> = {
  potato: "boiled potato, mashed",
  stock: "stock made without salt",
  patty: "small patties of lean mince, fried through",
};

/** How the five are made up, before the salt is weighed in. */
export const CARRIER_HOW: Record<CarrierId, string> = {
  potato:
    "Boil floury potatoes without salt, mash them dry, let them cool to lukewarm. Work the salt in well and wait ten minutes.",
  stock:
    "Warm stock made without any salt. Stir the salt in until nothing is left of it; serve all five equally warm.",
  patty:
    "Work the salt into the raw mince, shape small patties, fry them through: 71 °C at the core, by the thermometer, before anyone tastes. Nobody tastes raw mince.",
};

export const WAY_NAME: Record<TastingWay, string> = {
  pairs: "by pairs, ten an eater",
  liking: "one by one, five an eater",
};

export const SAID_OF_SALT: Record<number, string> = {
  [-2]: "far too little",
  [-1]: "a little flat",
  0: "just right",
  1: "a little salty",
  2: "far too salty",
};

export function sayWhyNot(not: WhyNot): string {
  switch (not.why) {
    case "infant":
      return "under a year old: does not taste";
    case "allergen":
      return `avoids ${not.allergens.map((a) => allergenName(a)).join(", ")}: take another carrier`;
    case "sodium":
      return `${fixed(not.mg, 0)} mg of sodium in all, over the limit of ${fixed(not.limitMg, 0)} mg: one by one, or spit out`;
  }
}

/** @param count of answers */
export const sayAnswers = (count: number): string => (count === 1 ? "1 answer" : `${count} answers`);
export const sayDinners = (count: number): string => (count === 1 ? "1 dinner" : `${count} dinners`);
