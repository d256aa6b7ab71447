import { lethalitySeconds } from "../materials/lethality";
import { DANGER_ZONE, FOOD_CODE, SAFE_MINIMUMS, type SafeClass } from "../materials/official";
import { celsiusFromFahrenheit } from "../quantity/units";
import type { Nested } from "./case";

/** Cases name a food in words; the product knows it by its facts. The first that matches speaks. */
const CALLED: readonly [RegExp, SafeClass][] = [
  [/fully cooked ham/i, "reheatedHam"],
  [/leftover|casserole|reheat/i, "leftovers"],
  [/poultry|chicken|turkey|duck|goose|bird|stuffing/i, "poultry"],
  [/ground|minced|sausage/i, "ground"],
  [/egg/i, "egg"],
  [/fish|shellfish|shrimp|lobster|scallop|clam/i, "seafood"],
  [/beef|pork|veal|lamb|goat|ham|steak|chop|roast/i, "wholeCut"],
];

const rowFor = (food: string) => {
  const row = CALLED.find(([called]) => called.test(food))?.[1];
  return row && SAFE_MINIMUMS[row];
};

export function minimumInternal(i: { food: string }): Nested {
  const row = rowFor(i.food);
  return {
    deg_F: row?.degF ?? NaN,
    deg_C: celsiusFromFahrenheit(row?.degF ?? NaN),
    rest_min: row?.restMin ?? NaN,
  };
}

/** Facts by what the case calls them. */
const LIMITS: [RegExp, () => Nested][] = [
  [
    /time limit in the danger zone/i,
    () => ({ hours: DANGER_ZONE.hours, hours_if_air_above_90F: DANGER_ZONE.hoursAbove90F }),
  ],
  [/danger zone/i, () => zone(DANGER_ZONE.fromF, DANGER_ZONE.toF)],
  [/cooling stage 1/i, () => stage(FOOD_CODE.coolingFirst)],
  [/cooling stage 2/i, () => stage(FOOD_CODE.coolingSecond)],
  [/cold hold/i, () => single(FOOD_CODE.coldF)],
  [/hot hold/i, () => single(FOOD_CODE.hotF)],
  [/refrigerator|fridge/i, () => single(DANGER_ZONE.fromF)],
];

const single = (degF: number): Nested => ({ deg_F: degF, deg_C: celsiusFromFahrenheit(degF) });
const zone = (fromF: number, toF: number): Nested => ({
  from_F: fromF,
  to_F: toF,
  from_C: celsiusFromFahrenheit(fromF),
  to_C: celsiusFromFahrenheit(toF),
});
const stage = (s: { fromF: number; toF: number; hours: number }): Nested => ({
  ...zone(s.fromF, s.toF),
  hours: s.hours,
});

export function limits(i: { item: string }): Nested {
  return LIMITS.find(([name]) => name.test(i.item))?.[1]() ?? {};
}

const lethality = (table: "poultry" | "beef") => (i: { deg_F: number }) => ({
  seconds: lethalitySeconds(table, i.deg_F) ?? Infinity,
  // Tables print tenths.
  deg_C: Math.round(celsiusFromFahrenheit(i.deg_F) * 10) / 10,
});

export const beef: (i: { deg_F: number }) => Nested = lethality("beef");

/** The case gives a range: the answer must lie inside it, so both ends are met when the answer does. */
export const poultry = lethality("poultry");
