import type { FormulationError } from "@/core/formula/formulate";
import type { QuantityError, QuantityRule } from "@/core/quantity/parse";
import { assertNever } from "@/core/result";
import { grams, duration, fixed, percent } from "./format";
import * as words from "@/words/ui/say";

/* Sentences for the core's facts: what is wrong, and what a right value looks like. */

const BASE_UNIT: Record<QuantityRule["dimension"], string> = {
  mass: "g",
  volume: "ml",
  length: "mm",
  duration: "h",
  temperature: "°C",
  none: "",
};

const trimmed = (value: number) => fixed(value, value < 10 ? 2 : value < 100 ? 1 : 0).replace(/\.0+$/, "");

function limit(value: number, rule: QuantityRule): string {
  if (rule.dimension === "mass" && value >= 1000) return `${trimmed(value / 1000)} kg`;
  if (rule.dimension === "duration") return duration(value / 60);
  return `${trimmed(value)} ${BASE_UNIT[rule.dimension]}`.trim();
}

export function sayQuantityError(error: QuantityError, rule: QuantityRule): string {
  const example = words.examples[rule.dimension];
  switch (error.code) {
    case "empty":
      return words.enter(example);
    case "not_a_number":
      return words.doesNotReadAsAn(error.text, example);
    case "unknown_unit":
      return words.isNotAUnitKnown(error.unit, example);
    case "which_unit":
      return error.likely
        ? words.ofWhatAtTheEnd(error.text, error.likely)
        : words.endsWithoutAUnitTry(error.text, example);
    case "wrong_dimension":
      return words.doesNotFitHereTry(error.unit, example);
    case "ambiguous_comma":
      return words.couldBeOrWriteOne({
        errorText: error.text,
        asThousands: error.asThousands,
        asDecimal: error.asDecimal,
      });
    case "not_whole":
      return words.aWholeNumberNot(error.value);
    case "below":
      return words.atLeast(limit(error.min, rule));
    case "above":
      return words.isTooMuchAtMost(limit(error.value, rule), limit(error.max, rule));
    default:
      return assertNever(error);
  }
}

/** The Bench field a refusal of the sums belongs to. */
export type FaultyField = "food" | "salt" | "lines" | "target" | "water" | "thickness" | "length" | "general";

export function sayFormulationError(error: FormulationError): { field: FaultyField; text: string } {
  switch (error.code) {
    case "unknown_food":
      return { field: "food", text: words.theFoodIsNotIn(error.id) };
    case "unknown_salt":
      return { field: "salt", text: words.theSaltIsNotIn(error.id) };
    case "salt_without_nacl":
      return {
        field: "salt",
        text: words.holdsNoSodiumChlorideIt(error.name),
      };
    case "already_salty":
      return {
        field: "target",
        text: words.theFoodAlreadyHoldsSalt(percent(error.heldFraction)),
      };
    case "unknown_ingredient":
      return {
        field: "lines",
        text: words.theIngredientIsNotIn(error.id),
      };
    case "nothing_in_mixture":
      return {
        field: "lines",
        text: words.thereIsNothingInThe,
      };
    case "no_liquid_to_thicken":
      return {
        field: "lines",
        text: words.thereIsNothingWetFor,
      };
    case "no_room_for_water":
      return {
        field: "water",
        text: words.thisVesselLeavesNoRoom,
      };
    case "brine_overfull":
      return {
        field: "lines",
        text: words.gOfSaltAndOther(grams(error.inItG), grams(error.brineG)),
      };
    case "thickness_implausible":
      return {
        field: "thickness",
        text: words.mmCannotBeRightFor({
          thicknessMm: trimmed(error.thicknessMm),
          likelyMm: fixed(error.likelyMm, 0),
          minMm: fixed(error.minMm, 0),
          maxMm: fixed(error.maxMm, 0),
        }),
      };
    case "length_implausible":
      return {
        field: "length",
        text: words.aPieceOfThisWeight({
          lengthMm: trimmed(error.lengthMm),
          minMm: fixed(Math.ceil(error.minMm), 0),
          maxMm: fixed(Math.floor(error.maxMm), 0),
        }),
      };
    case "soak":
      return {
        field: "general",
        text: words.theSoakCannotBeComputed({
          field: error.error.field,
          errorValue: error.error.value,
          unit: error.error.unit,
          min: error.error.min,
          max: error.error.max,
        }),
      };
    default:
      return assertNever(error);
  }
}

/** Fills a message's {{places}} with its figures. */
export function fill(template: string, data: Record<string, number | string>): string {
  return template.replace(/\{\{(\w+)\}\}/g, (_, key: string) => {
    const value = data[key] ?? "";
    return typeof value === "number" ? trimmed(Math.round(value * 100) / 100) : value;
  });
}

const SALT_VERDICTS = [
  words.farTooLittleSalt,
  words.aLittleBland,
  words.saltRight,
  words.aLittleSalty,
  words.farTooSalty,
];

/** How salty a batch was found, in words. @param score −2 to 2; the mean of several eaters lies between two of them */
export const saltVerdict = (score: number): string => SALT_VERDICTS[Math.round(score) + 2] ?? "";
