import { z } from "zod";
import type { HeatHere } from "@/core/formula/model";
import type { LearntClimb } from "@/core/learned/climb";
import type { LearntOven } from "@/core/learned/oven";
import type { RateByFood } from "@/core/learned/rates";
import type { Score } from "@/core/learned/scored";
import type { Rate } from "./views";

const id = z.string().min(1).max(80);
const OVEN_C = { least: 30, most: 350 };

/** What is taken for true of this kitchen's heat. */
export const heatHereSchema = z.strictObject({
  ovenOffC: z.number().min(-60).max(60).optional(),
  climb: z.number().min(0.2).max(2).optional(),
}) satisfies z.ZodType<HeatHere>;

const ovenC = z
  .number()
  .min(OVEN_C.least, `At least ${OVEN_C.least} °C.`)
  .max(OVEN_C.most, `At most ${OVEN_C.most} °C.`);

/** What the cook decided about what is learnt: taken for true or not, and whom not to believe. */
export const learnedSchema = z.strictObject({
  heat: heatHereSchema,
  /** Batches that are not counted. */
  leftOut: z.array(id).max(500),
  /** What a thermometer in the oven read. */
  ovenReadings: z
    .array(z.strictObject({ dialC: ovenC, readC: ovenC, atMs: z.number().int() }))
    .max(60, "At most sixty readings: take an old one back."),
});
export type KitchenLearned = z.infer<typeof learnedSchema>;

export const NOTHING_LEARNED: KitchenLearned = { heat: {}, leftOut: [], ovenReadings: [] };

/** A food's rate as a screen shows it. */
export interface RateView extends RateByFood {
  name: string;
  /** What was taken for true; null where the table holds. */
  kept: Rate | null;
  /** "9 h instead of 11": until the latest of its formulas is ready, by the learnt and by the table's rate; null where neither is. */
  readyH: { learnt: number; table: number; of: string } | null;
}

/** What this kitchen has learnt, and how what was foretold came out. */
export interface LearnedView {
  rates: RateView[];
  oven: LearntOven | null;
  climb: LearntClimb | null;
  heat: HeatHere;
  ovenReadings: KitchenLearned["ovenReadings"];
  /** Real batches, and rehearsed ones apart. */
  score: { real: Score; rehearsed: Score };
  /** Names and days of the batches that are spoken of. */
  batches: Record<string, { name: string; atMs: number }>;
}
