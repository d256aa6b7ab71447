import type { CarrierId, TastingWay } from "@/core/taste/samples";
import type { WhyNot } from "@/core/taste/who";
import { fixed } from "@/ui/format";
import { allergenName } from "@/ui/names";
import * as words from "@/words/taste/words";

export const CARRIER_NAME: Record<CarrierId, string> = words.carrierName;

/** How the five are made up, before the salt is weighed in. */
export const CARRIER_HOW: Record<CarrierId, string> = words.carrierHow;

export const WAY_NAME: Record<TastingWay, string> = words.wayName;

export const SAID_OF_SALT: Record<number, string> = {
  [-2]: words.farTooLittle,
  [-1]: words.aLittleFlat,
  0: words.justRight,
  1: words.aLittleSalty,
  2: words.farTooSalty,
};

export function sayWhyNot(not: WhyNot): string {
  switch (not.why) {
    case "infant":
      return words.underAYearOldDoes;
    case "allergen":
      return words.avoidsTakeAnotherCarrier(not.allergens.map((a) => allergenName(a)).join(", "));
    case "sodium":
      return words.mgOfSodiumInAll(fixed(not.mg, 0), fixed(not.limitMg, 0));
  }
}

/** @param count of answers */
export const sayAnswers = (count: number): string => words.of1Answer(count);
export const sayDinners = (count: number): string => words.of1Dinner(count);
