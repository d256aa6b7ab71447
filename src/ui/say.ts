import type { FormulationError } from "@/core/formula/formulate";
import type { QuantityError, QuantityRule } from "@/core/quantity/parse";
import { assertNever } from "@/core/result";
import { grams, duration, fixed, percent } from "./format";

/* Sentences for the core's facts: what is wrong, and what a right value looks like. */

const EXAMPLE: Record<QuantityRule["dimension"], string> = {
  mass: "2.4 kg, 850 g or 4 lb 6 oz",
  volume: "500 ml or 2 cups",
  length: "45 mm, 4.5 cm or 1¾ in",
  duration: "36 h or 90 min",
  temperature: "3 °C or 38 °F",
  none: "a plain number such as 1.5",
};

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
  const example = EXAMPLE[rule.dimension];
  switch (error.code) {
    case "empty":
      return `Enter ${example}.`;
    case "not_a_number":
      return `“${error.text}” does not read as an amount. Try ${example}.`;
    case "unknown_unit":
      return `“${error.unit}” is not a unit known here. Try ${example}.`;
    case "which_unit":
      return error.likely
        ? `“${error.text}” of what at the end? Write “${error.text} ${error.likely}”, or its unit.`
        : `“${error.text}” ends without a unit. Try ${example}.`;
    case "wrong_dimension":
      return `“${error.unit}” does not fit here. Try ${example}.`;
    case "ambiguous_comma":
      return `“${error.text}” could be ${error.asThousands} or ${error.asDecimal}. Write one of the two.`;
    case "not_whole":
      return `A whole number, not ${error.value}.`;
    case "below":
      return `At least ${limit(error.min, rule)}.`;
    case "above":
      return `${limit(error.value, rule)} is too much; at most ${limit(error.max, rule)}.`;
    default:
      return assertNever(error);
  }
}

/** The Bench field a refusal of the sums belongs to. */
export type FaultyField = "food" | "salt" | "lines" | "target" | "water" | "thickness" | "length" | "general";

export function sayFormulationError(error: FormulationError): { field: FaultyField; text: string } {
  switch (error.code) {
    case "unknown_food":
      return { field: "food", text: `The food “${error.id}” is not in the table. Choose another.` };
    case "unknown_salt":
      return { field: "salt", text: `The salt “${error.id}” is not in the table. Choose another.` };
    case "salt_without_nacl":
      return {
        field: "salt",
        text: `${error.name} holds no sodium chloride: it cannot season by these sums.`,
      };
    case "already_salty":
      return {
        field: "target",
        text: `The food already holds ${percent(error.heldFraction)} % salt. Ask for more than that, or do not brine it.`,
      };
    case "unknown_ingredient":
      return {
        field: "lines",
        text: `The ingredient “${error.id}” is not in the table. Take the line out, or choose another.`,
      };
    case "nothing_in_mixture":
      return {
        field: "lines",
        text: "There is nothing in the mixture yet. Add a line with an amount, such as 20 g of oil to the kilogram.",
      };
    case "no_liquid_to_thicken":
      return {
        field: "lines",
        text: "There is nothing wet for the flour to bind. Add juice, yoghurt or fresh ginger and garlic.",
      };
    case "no_room_for_water":
      return {
        field: "water",
        text: "This vessel leaves no room for water. Choose an amount, or a larger vessel.",
      };
    case "brine_overfull":
      return {
        field: "lines",
        text: `${grams(error.inItG)} g of salt and other lines are more than ${grams(error.brineG)} g of brine has room for. More brine of its weight, or less in it.`,
      };
    case "thickness_implausible":
      return {
        field: "thickness",
        text: `${trimmed(error.thicknessMm)} mm cannot be right for a piece of this weight: about ${fixed(error.likelyMm, 0)} mm is likely, ${fixed(error.minMm, 0)} to ${fixed(error.maxMm, 0)} mm possible.`,
      };
    case "length_implausible":
      return {
        field: "length",
        text: `A piece of this weight and thickness cannot be ${trimmed(error.lengthMm)} mm long: ${fixed(Math.ceil(error.minMm), 0)} to ${fixed(Math.floor(error.maxMm), 0)} mm, or it would be narrower than it is thick.`,
      };
    case "soak":
      return {
        field: "general",
        text: `The soak cannot be computed: ${error.error.field} is ${error.error.value} ${error.error.unit}; it must lie between ${error.error.min} and ${error.error.max}.`,
      };
    default:
      return assertNever(error);
  }
}

/** Fills a message's {{places}} with its figures. */
export function fill(template: string, data: Record<string, number | string>): string {
  return template.replace(/\{\{(\w+)\}\}/g, (_, key: string) => {
    const value = data[key];
    return typeof value === "number" ? trimmed(Math.round(value * 100) / 100) : value;
  });
}

const SALT_VERDICTS = [
  "far too little salt",
  "a little bland",
  "salt right",
  "a little salty",
  "far too salty",
];

/** How salty a batch was found, in words. @param score −2 to 2; the mean of several eaters lies between two of them */
export const saltVerdict = (score: number): string => SALT_VERDICTS[Math.round(score) + 2];
