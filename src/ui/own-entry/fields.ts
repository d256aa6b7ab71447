import type { Food, Ingredient } from "@/core/materials/types";
import type { QuantityRule } from "@/core/quantity/parse";
import * as words from "@/words/ui/own-entry/fields";

/** One number of an entry: how it is called, shown and checked. */
export interface NumberField<T> {
  key: keyof T & string;
  label: string;
  unit: string;
  /** Stored units in one shown unit: 0.01 for a percentage kept as a fraction. */
  shownUnit: number;
  digits: number;
  min: number;
  max: number;
}

const percent = <T>(key: keyof T & string, label: string, max = 100): NumberField<T> => ({
  key,
  label,
  unit: "%",
  shownUnit: 0.01,
  digits: 2,
  min: 0,
  max: max / 100,
});
const plain = <T>(
  key: keyof T & string,
  label: string,
  unit: string,
  min: number,
  max: number,
  digits = 1,
): NumberField<T> => ({ key, label, unit, shownUnit: 1, digits, min, max });

export const INGREDIENT_FIELDS: NumberField<Ingredient>[] = [
  plain("densityGPerMl", words.spoonDensity, "g/ml", 0.02, 3, 2),
  percent("waterFraction", words.water),
  percent("saltFraction", words.salt),
  percent("sugarFraction", words.sugar),
  percent("fatFraction", words.fat),
  percent("acidFraction", words.acid),
  plain("ph", "pH", "", 0.5, 12),
  percent("alcoholFraction", words.alcohol),
  plain("scoville", words.chilliHeat, words.shu, 0, 16_000_000, 0),
  plain("thickens", words.thickensBesideChickpeaFlour, "g/g", 0, 100, 2),
  plain("gEach", words.oneWeighs, "g", 0.001, 20_000),
  plain("scorchC", words.blackensAt, "°C", 80, 400, 0),
];

export const FOOD_FIELDS: NumberField<Food>[] = [
  plain("pieceMassG", words.aUsualPiece, "g", 0.1, 200_000, 0),
  plain("thicknessMm", words.itsThickestPart, "mm", 1, 400, 0),
  percent("boneFraction", words.bone),
  percent("edibleFraction", words.edible),
  percent("waterFraction", words.water),
  percent("nativeSaltFraction", words.saltOfItsOwn, 20),
  plain("targetC", words.usualCore, "°C", 30, 110, 0),
  plain("safeMinC", words.officialMinimum, "°C", 30, 110, 1),
  plain("acidMaxH", words.longestInSharpAcid, "h", 0, 200),
  plain("servingLightG", words.aLightPortionAsBought, "g", 1, 5000, 0),
  plain("servingHeartyG", words.aHeartyPortionAsBought, "g", 1, 5000, 0),
];

export const ruleOf = (field: NumberField<never>): QuantityRule => ({
  dimension: "none",
  min: field.min,
  max: field.max,
});

/** The EU's fourteen (1169/2011), as the tables name them. */
export const ALLERGENS = [
  "cereals_gluten",
  "crustaceans",
  "eggs",
  "fish",
  "peanuts",
  "soybeans",
  "milk",
  "tree_nuts",
  "celery",
  "mustard",
  "sesame",
  "sulphites",
  "lupin",
  "molluscs",
] as const;
