import type { Formulation } from "../formulation";
import { pantryOf, type Pantry } from "../materials/pantry";
import { ofKey } from "../own-key";
import { choiceOf } from "../preparations";
import { PREPARATION_NAME } from "./names";

/* A formulation as lines of text, one to each thing a cook decided: what versions are compared by, line by line. */

/** What the fields are called; one not listed is called by its own name, in words. */
const LABEL: Record<string, string> = {
  foodId: "food",
  totalMassG: "weight in all",
  thicknessMm: "thickest part",
  lengthMm: "length of a piece",
  saltId: "salt",
  targetFraction: "salt wanted in the flesh",
  doseFraction: "salt put on",
  saltFraction: "strength",
  pickupFraction: "brine, of its weight",
  dripFraction: "of it, runs out again",
  spacingMm: "a stab every",
  sugarId: "sugar",
  sugarPerSalt: "sugar for each gram of salt",
  massG: "weight",
  mlPerKg: "liquid to the kilogram",
  ingredientId: "ingredient",
  scalesWith: "grows with",
  pullH: "take out after",
  toC: "done at",
  restMin: "rest",
  ovenC: "oven",
  ovenOffC: "this oven over its dial",
  climb: "climb seen here over the sums’",
  heatUp: "this oven’s time to heat up over the usual",
  brineStartC: "brine when it goes in",
  temperatureC: "kept at",
  secondSaltFraction: "salted once more",
  solutionFraction: "added solution",
  binderId: "binder",
  before: "before it goes in",
};

/** Units by the end of a field's name. */
const UNIT: [RegExp, number, string][] = [
  [/Fraction$|^insideShare$|^share$/, 100, "%"],
  [/MgPer100g$/, 1, "mg/100 g"],
  [/G$/, 1, "g"],
  [/Mm$/, 1, "mm"],
  [/C$/, 1, "°C"],
  [/H$/, 1, "h"],
  [/Min$|^minutes$/, 1, "min"],
  [/mlPerKg$/, 1, "ml/kg"],
];

/**
 * Everything a formulation says, a line each: "pieces, weight in all: 2600 g". The same formulation gives the same
 * lines, and another gives others. What the kitchen measured of its own stands at the end, by name.
 */
export function describeFormulation(f: Formulation): string[] {
  const pantry = pantryOf(f.own);
  const { own, ...rest } = f;
  return [
    `preparation: ${PREPARATION_NAME[choiceOf(f.preparation)]}`,
    ...leaves(rest, [], pantry),
    ...Object.entries(own ?? {}).flatMap(([kind, entries]) =>
      (entries as { name: string }[]).map((e) => `our own ${kind}, ${e.name}: ${JSON.stringify(e)}`),
    ),
  ];
}

function leaves(value: unknown, path: string[], pantry: Pantry): string[] {
  if (value === undefined) return [];
  if (Array.isArray(value))
    return value.length === 0
      ? path.length > 1
        ? []
        : [`${path.join(", ")}: none`]
      : value.flatMap((item, i) =>
          leaves(item, [...path.slice(0, -1), itemName(path.at(-1) ?? "", i)], pantry),
        );
  if (typeof value === "object" && value !== null)
    return Object.entries(value).flatMap(([key, inner]) => leaves(inner, [...path, key], pantry));
  const key = path.at(-1) ?? "";
  const label = [...path.slice(0, -1), ofKey(LABEL, key) ?? words(key)].map(words).join(", ");
  return [`${label}: ${shown(key, value, pantry)}`];
}

const itemName = (list: string, i: number): string => `${words(list).replace(/s$/, "")} ${i + 1}`;

/** "slashDepthMm" → "slash depth"; the unit follows the figure. */
const words = (key: string): string =>
  key
    .replace(/(?:G|Mm|C|H|Min)$/, "")
    .replace(/([a-z])([A-Z])/g, "$1 $2")
    .toLowerCase();

function shown(key: string, value: unknown, pantry: Pantry): string {
  if (typeof value === "string") return named(key, value, pantry);
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (typeof value !== "number") return "none";
  const [, factor, unit] = UNIT.find(([ends]) => ends.test(key)) ?? [undefined, 1, ""];
  // Twelve digits: what arithmetic in binary adds is not the cook's.
  return `${Number((value * factor).toPrecision(12))}${unit && ` ${unit}`}`;
}

function named(key: string, id: string, pantry: Pantry): string {
  const found =
    key === "foodId"
      ? pantry.food(id)
      : key === "saltId"
        ? pantry.salt(id)
        : key.endsWith("Id")
          ? pantry.ingredient(id)
          : undefined;
  return found?.name ?? (key === "name" || key === "notes" || key.endsWith("Id") ? id : words(id));
}
