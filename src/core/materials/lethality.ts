import { interpolate } from "../interpolate";
import type { Food } from "./types";
import { firstOf } from "../sequence";

/* Time at a temperature, by published tables; *from memory*. Cautions, as in `official.ts`. */

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
  if (degF < firstOf(rows)) return undefined;
  return 60 * Math.exp(interpolate(rows, minutes.map(Math.log), degF));
}

/** The same by °C. */
export const lethalitySecondsC = (table: LethalityTableName, degC: number): number | undefined =>
  lethalitySeconds(table, degC * 1.8 + 32);
