import { interpolate } from "../interpolate";
import type { Food } from "../materials/types";

/**
 * Official temperatures and times, all *from memory*: USDA FSIS Safe Minimum Internal Temperature Chart; FDA Food Code
 * 3-501; FSIS Appendix A and its poultry tables. Shown as cautions, never as a licence: the published page and the local
 * food code go before them.
 */

export interface SafeMinimum {
  name: string;
  matches: RegExp;
  degF: number;
  restMin: number;
}

/** In the order asked: the first that matches speaks. */
export const SAFE_MINIMUMS: readonly SafeMinimum[] = [
  { name: "fully cooked ham, reheated", matches: /fully cooked ham/i, degF: 140, restMin: 0 },
  {
    name: "leftovers and casseroles",
    matches: /leftover|casserole|reheat/i,
    degF: 165,
    restMin: 0,
  },
  { name: "poultry", matches: /poultry|chicken|turkey|duck|goose|bird|stuffing/i, degF: 165, restMin: 0 },
  { name: "ground meat", matches: /ground|minced|sausage/i, degF: 160, restMin: 0 },
  { name: "egg dishes", matches: /egg/i, degF: 160, restMin: 0 },
  {
    name: "fish and shellfish",
    matches: /fish|shellfish|shrimp|lobster|scallop|clam/i,
    degF: 145,
    restMin: 0,
  },
  {
    name: "beef, pork, veal, lamb: steaks, chops, roasts; fresh ham",
    matches: /beef|pork|veal|lamb|goat|ham|steak|chop|roast/i,
    degF: 145,
    restMin: 3,
  },
];

/** The official minimum for a food named in words; undefined where none is recalled. */
export const safeMinimumFor = (food: string): SafeMinimum | undefined =>
  SAFE_MINIMUMS.find((row) => row.matches.test(food));

/** FSIS: so long warm in all; an hour where the air is over 32 °C. */
export const DANGER_ZONE = { fromF: 40, toF: 140, hours: 2, hoursAbove90F: 1 };
/** FDA Food Code 3-501.14 and .16. */
export const FOOD_CODE = {
  coldF: 41,
  hotF: 135,
  coolingFirst: { fromF: 135, toF: 70, hours: 2 },
  coolingSecond: { fromF: 70, toF: 41, hours: 4 },
  /** 3-403.11: what was cooled is heated through again, within so many hours. */
  reheat: { toF: 165, hours: 2 },
  /** 3-402.11: fish to be eaten raw or undercooked is frozen first, by any one of these. */
  freezing: [
    { toF: -4, hours: 7 * 24 },
    { toF: -31, hours: 15 },
    /** Frozen solid at −31 °F, then kept at −4 °F. */
    { toF: -31, thenF: -4, hours: 24 },
  ],
};

interface LethalityTable {
  degF: readonly number[];
  minutes: readonly number[];
}

/** FSIS poultry tables, 7-log Salmonella, chicken of about 12 % fat: the longest of its rows. */
const POULTRY_7_LOG: LethalityTable = {
  degF: [136, 138, 140, 142, 145, 147, 150, 152, 155, 157, 160, 163, 165],
  minutes: [81.4, 52.9, 35, 23.7, 13, 8.7, 4.8, 3.1, 1.4, 0.9, 0.45, 0.23, 0.15],
};

/** FSIS Appendix A, the older roast-beef table, 6.5-log Salmonella. */
const BEEF_6_5_LOG: LethalityTable = {
  degF: [
    130, 131, 132, 133, 134, 135, 136, 137, 138, 139, 140, 141, 142, 143, 144, 145, 146, 147, 148, 149, 150,
    151, 152, 153, 154, 155, 156, 157, 158,
  ],
  minutes: [
    112,
    89,
    71,
    56,
    45,
    36,
    28,
    23,
    18,
    15,
    12,
    10,
    8,
    6,
    5,
    4,
    // From here the table counts seconds; its last row, "0 s", is one read at once.
    ...[169, 134, 107, 85, 67, 54, 43, 34, 27, 22, 17, 14, 1].map((seconds) => seconds / 60),
  ],
};

export type LethalityTableName = "poultry" | "beef";

/** Which published table speaks of a food: poultry for birds, the roast-beef table for whole cuts of other meat; none for fish or mince. */
export function lethalityTableFor(food: Pick<Food, "kingdom" | "form">): LethalityTableName | undefined {
  if (food.form === "ground") return undefined;
  if (food.kingdom === "bird") return "poultry";
  return food.kingdom === "mammal" ? "beef" : undefined;
}

const TABLES = { poultry: POULTRY_7_LOG, beef: BEEF_6_5_LOG };

/**
 * Seconds at a temperature that the published table asks, straight in the logarithm between its rows.
 * @returns undefined below the table's first row: no time is enough to be said here
 */
export function lethalitySeconds(table: LethalityTableName, degF: number): number | undefined {
  const { degF: rows, minutes } = TABLES[table];
  if (degF < rows[0]) return undefined;
  return 60 * Math.exp(interpolate(rows, minutes.map(Math.log), degF));
}

/** The same by °C. */
export const lethalitySecondsC = (table: LethalityTableName, degC: number): number | undefined =>
  lethalitySeconds(table, degC * 1.8 + 32);
