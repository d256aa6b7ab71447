import type { Formulation } from "../formulation";
import { pantryOf, type Pantry } from "../materials/pantry";
import { ofKey } from "../own-key";
import { choiceOf } from "../preparations";
import { PREPARATION_NAME } from "./names";
import * as words from "@/words/core/exchange/describe";

/* A formulation as lines of text, one to each thing a cook decided: what versions are compared by, line by line. */

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
    words.preparation(PREPARATION_NAME[choiceOf(f.preparation)]),
    ...leaves(rest, [], "", pantry),
    ...Object.entries(own ?? {}).flatMap(([kind, entries]) =>
      (entries as { name: string }[]).map((e) =>
        words.ourOwn({ kind, eName: e.name, amount: JSON.stringify(e) }),
      ),
    ),
  ];
}

/** @param path what it stands in, said already */
function leaves(value: unknown, path: string[], key: string, pantry: Pantry): string[] {
  if (value === undefined) return [];
  if (Array.isArray(value)) {
    if (value.length === 0) return path.length > 0 ? [] : [words.none(fieldName(key))];
    return value.flatMap((item, i) => leaves(item, [...path, `${itemName(key)} ${i + 1}`], "", pantry));
  }
  const here = key === "" ? path : [...path, fieldName(key)];
  if (typeof value === "object" && value !== null)
    return Object.entries(value).flatMap(([inner, of]) => leaves(of, here, inner, pantry));
  return [`${here.join(", ")}: ${shown(key, value, pantry)}`];
}

const fieldName = (key: string): string => ofKey<string>(words.label, key) ?? spaced(key);
const itemName = (list: string): string => ofKey<string>(words.item, list) ?? spaced(list);

/** "slashDepthMm" → "slash depth"; the unit follows the figure. */
const spaced = (key: string): string =>
  key
    .replace(/(?:G|Mm|C|H|Min)$/, "")
    .replace(/([a-z])([A-Z])/g, "$1 $2")
    .toLowerCase();

function shown(key: string, value: unknown, pantry: Pantry): string {
  if (typeof value === "string") return named(key, value, pantry);
  if (typeof value === "boolean") return words.yesOrNo(value);
  if (typeof value !== "number") return words.nothing;
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
  return (
    found?.name ??
    (key === "name" || key === "notes" || key.endsWith("Id")
      ? id
      : (ofKey<string>(words.value, id) ?? spaced(id)))
  );
}
