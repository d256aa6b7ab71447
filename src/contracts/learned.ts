import { z } from "zod";
import { heatHereSchema } from "@/core/formulation/cook";
import { HEAT_UP_MIN } from "./figures";

const id = z.string().min(1).max(80);
const OVEN_C = { least: 30, most: 350 };

const ovenC = z
  .number()
  .min(OVEN_C.least, `At least ${OVEN_C.least} °C.`)
  .max(OVEN_C.most, `At most ${OVEN_C.most} °C.`);

const ovenReading = z.strictObject({
  dialC: ovenC,
  readC: ovenC,
  /** From lit until it stood there; left out where nobody looked. */
  afterMin: z
    .number()
    .min(HEAT_UP_MIN.min, `At least ${HEAT_UP_MIN.min} min.`)
    .max(HEAT_UP_MIN.max, `At most ${HEAT_UP_MIN.max} min.`)
    .optional(),
  atMs: z.number().int(),
});

/** What the cook decided about what is learnt: taken for true or not, and whom not to believe. */
export const learnedSchema = z.strictObject({
  heat: heatHereSchema,
  /** Batches that are not counted. */
  leftOut: z.array(id).max(500),
  /** What a thermometer in the oven read. */
  ovenReadings: z.array(ovenReading).max(60, "At most sixty readings: take an old one back."),
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
