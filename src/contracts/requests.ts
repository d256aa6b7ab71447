import { z } from "zod";
import { REASON_MAX } from "@/core/quantity/ranges";
import { formulationSchema } from "./formulation";
import { deviceAheadMs, instantMs } from "./instant";
import { limitsSchema, usualSchema, wordsSchema } from "./kitchen";
import { houseSaltSchema } from "./taste";
import * as words from "@/words/contracts/requests";

const id = z.string().min(1).max(80);

/** Chosen by who sends it: the same sent again, because the answer was lost on the way, is kept once. */
const chosenId = z.uuid().optional();

export const saveFormulaRequest = z.strictObject({
  id: chosenId,
  formulation: formulationSchema,
  note: z.string().trim().max(REASON_MAX).default(""),
});

export const saveVersionRequest = z.strictObject({
  formulation: formulationSchema,
  /** The version the cook was editing; a newer one in the store means somebody else saved in between. */
  baseVersion: z.number().int().min(1),
  note: z.string().trim().max(REASON_MAX).default(""),
});

/** A stop passed with a reason. */
export const acknowledgement = z.strictObject({
  ruleId: id,
  reason: z.string().trim().min(3).max(REASON_MAX),
});

export const startBatchRequest = z.strictObject({
  id: chosenId,
  formulaId: id.nullable(),
  formulation: formulationSchema,
  startAtMs: instantMs,
  /** When a plan has it taken out; left out, after the formula's own hours. */
  takeOutAtMs: instantMs.optional(),
  acknowledgements: z.array(acknowledgement).max(50),
});
export type StartBatchRequest = z.infer<typeof startBatchRequest>;

/** What was read of the bath, or of the food on the scale. */
export const readingBody = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("bathStrength"), saltFraction: z.number().min(0).max(0.27) }),
  z.strictObject({
    kind: z.literal("weight"),
    beforeG: z.number().min(1).max(500_000),
    afterG: z.number().min(1).max(500_000),
  }),
]);
export type ReadingBody = z.infer<typeof readingBody>;

export const readingRequest = z.strictObject({ atMs: instantMs, reading: readingBody });
export type ReadingRequest = z.infer<typeof readingRequest>;

export const liftRequest = z.strictObject({ atMs: instantMs, deviceAheadMs });

/** A zone the clocks know: anything else would never come to an end of a night. */
export const timeZoneSchema = z.string().min(1).max(60).refine(isTimeZone, words.nameAnIanaTimeZone);

export const kitchenRequest = z.strictObject({
  name: z.string().trim().min(1).max(80).optional(),
  timeZone: timeZoneSchema.optional(),
  measures: z.enum(["us", "metric"]).optional(),
  limits: limitsSchema.optional(),
  words: wordsSchema.optional(),
  usual: usualSchema.optional(),
  houseSalt: houseSaltSchema.optional(),
});
export type KitchenRequest = z.infer<typeof kitchenRequest>;

function isTimeZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat("en", { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

/** What the server says when it will not do something (RFC 9457). */
export const problemSchema = z.object({
  type: z.string().default("about:blank"),
  title: z.string(),
  status: z.number(),
  detail: z.string(),
  issues: z.array(z.object({ path: z.string(), message: z.string() })).default([]),
  currentVersion: z.number().optional(),
});
export type Problem = z.infer<typeof problemSchema>;
