import { z } from "zod";
import * as words from "@/words/contracts/instant";

/* Instants as everything that comes from outside gives them: UTC milliseconds, never a counter. */

export const INSTANT_LEAST_MS = Date.UTC(2020, 0, 1);
export const INSTANT_MOST_MS = Date.UTC(2100, 0, 1);

/** A moment between 2020 and 2100. */
export const instantMs = z
  .number()
  .int()
  .min(INSTANT_LEAST_MS, words.giveTheTimeAsUtc)
  .max(INSTANT_MOST_MS, words.beforeTheYear2100);

/** A clock further off than a century is broken, not ahead. */
const CENTURY_MS = 100 * 365.25 * 24 * 3_600_000;

/** By how much the device's clock was ahead of the kitchen's, ms, where the instant beside it was set right by that. */
export const deviceAheadMs = z
  .int()
  .min(-CENTURY_MS)
  .max(CENTURY_MS)
  .optional()
  .describe("ms by which the device's clock was ahead, where the time was set right by that; for the record");
