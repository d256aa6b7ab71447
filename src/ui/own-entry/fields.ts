import type { Food, Ingredient } from "@/core/materials/types";
import type { QuantityRule } from "@/core/quantity/parse";

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
  plain("densityGPerMl", "Spoon density", "g/ml", 0.02, 3, 2),
  percent("waterFraction", "Water"),
  percent("saltFraction", "Salt"),
  percent("sugarFraction", "Sugar"),
  percent("fatFraction", "Fat"),
  percent("acidFraction", "Acid"),
  plain("ph", "pH", "", 0.5, 12),
  percent("alcoholFraction", "Alcohol"),
  plain("scoville", "Chilli heat", "SHU", 0, 16_000_000, 0),
  plain("thickens", "Thickens, beside chickpea flour", "g/g", 0, 100, 2),
  plain("gEach", "One weighs", "g", 0.001, 20_000),
  plain("scorchC", "Blackens at", "°C", 80, 400, 0),
];

export const FOOD_FIELDS: NumberField<Food>[] = [
  plain("pieceMassG", "A usual piece", "g", 0.1, 200_000, 0),
  plain("thicknessMm", "Its thickest part", "mm", 1, 400, 0),
  percent("boneFraction", "Bone"),
  percent("edibleFraction", "Edible"),
  percent("waterFraction", "Water"),
  percent("nativeSaltFraction", "Salt of its own", 20),
  plain("targetC", "Usual core", "°C", 30, 110, 0),
  plain("safeMinC", "Official minimum", "°C", 30, 110, 1),
  plain("acidMaxH", "Longest in sharp acid", "h", 0, 200),
  plain("servingLightG", "A light portion, as bought", "g", 1, 5000, 0),
  plain("servingHeartyG", "A hearty portion, as bought", "g", 1, 5000, 0),
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
