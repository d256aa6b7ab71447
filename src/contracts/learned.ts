import { z } from "zod";
import { heatHereSchema } from "@/core/formulation/cook";
import { HEAT_UP_MIN } from "./figures";
import * as words from "@/words/contracts/learned";

const id = z.string().min(1).max(80);
const OVEN_C = { least: 30, most: 350 };

const ovenC = z
  .number()
  .min(OVEN_C.least, words.atLeast(OVEN_C.least))
  .max(OVEN_C.most, words.atMost(OVEN_C.most));

const ovenReading = z.strictObject({
  dialC: ovenC,
  readC: ovenC,
  /** From lit until it stood there; left out where nobody looked. */
  afterMin: z
    .number()
    .min(HEAT_UP_MIN.min, words.atLeastOfMin(HEAT_UP_MIN.min))
    .max(HEAT_UP_MIN.max, words.atMostOfMax(HEAT_UP_MIN.max))
    .optional(),
  atMs: z.number().int(),
});

/** What the cook decided about what is learnt: taken for true or not, and whom not to believe. */
export const learnedSchema = z.strictObject({
  heat: heatHereSchema,
  /** Batches that are not counted. */
  leftOut: z.array(id).max(500),
  /** What a thermometer in the oven read. */
  ovenReadings: z.array(ovenReading).max(60, words.atMostSixtyReadingsTake),
});
export type KitchenLearned = z.infer<typeof learnedSchema>;

/** One decision, made on what the kitchen has by then: two pages, or two quick taps, take nothing from one another. */
export const learnedChange = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("heat"), heat: heatHereSchema }),
  z.strictObject({ kind: z.literal("forget"), what: z.enum(["ovenOffC", "climb", "heatUp"]) }),
  z.strictObject({ kind: z.literal("leaveOut"), batchId: id, out: z.boolean() }),
  z.strictObject({ kind: z.literal("read"), reading: ovenReading }),
  z.strictObject({ kind: z.literal("unread"), reading: ovenReading }),
]);
export type LearnedChange = z.infer<typeof learnedChange>;

export const NOTHING_LEARNED: KitchenLearned = { heat: {}, leftOut: [], ovenReadings: [] };
