import { z } from "zod";
import type { Answer } from "@/core/schedule/answer";
import type { Calendar } from "@/core/schedule/calendar";
import { INSTANT_LEAST_MS, INSTANT_MOST_MS } from "./instant";

/* A sitting's plan as it is kept. */

const minutesOf = z.number();
/** What leads to a table on the first day there is, or follows one on the last, lies a little outside. */
const AROUND_MS = 365 * 24 * 3_600_000;
const instantMs = z
  .number()
  .min(INSTANT_LEAST_MS - AROUND_MS)
  .max(INSTANT_MOST_MS + AROUND_MS);

const figure = z.object({ what: z.string(), value: z.number(), unit: z.string() });

const task = z.object({
  id: z.string(),
  dishId: z.string(),
  dish: z.string(),
  stepId: z.string(),
  kind: z.string(),
  title: z.string(),
  why: z.string(),
  look: z.string().optional(),
  figures: z.array(figure),
  startMs: instantMs,
  endMs: instantMs,
  earliestMs: instantMs,
  latestMs: instantMs,
  handsMin: minutesOf,
  handsOn: z.boolean(),
  elastic: z.boolean(),
  uses: z.array(z.object({ resourceId: z.string(), amount: z.number(), ovenC: z.number().optional() })),
});

const demands = z.array(z.looseObject({ kind: z.string() }));
const clashFacts = {
  clash: demands,
  besides: z.array(demands).optional(),
  demands: z.array(z.string()),
  unsure: z.boolean(),
};

const answer = z.discriminatedUnion("status", [
  z.object({
    status: z.literal("planned"),
    tasks: z.array(task),
    cost: z.number(),
    parts: z.record(z.string(), z.number()),
    nights: z.array(z.object({ fromMs: instantMs, toMs: instantMs })),
    soakH: z.record(z.string(), z.number()),
    late: z.object({ byMin: minutesOf, ...clashFacts }).optional(),
  }),
  z.object({
    status: z.literal("clash"),
    ...clashFacts,
    nearest: z.looseObject({ letGo: demands }).optional(),
  }),
  z.object({ status: z.literal("broken"), dish: z.string() }),
]);

/** The plan, when it was made and from what; and a better one, where there is one to be offered. */
export const storedPlan = z.object({
  version: z.literal(1),
  /** What it was made from, as text: another text, another plan. */
  madeFrom: z.string(),
  plannedAtMs: instantMs,
  /** The forecasts it was made with, by dish and channel. */
  outMs: z.record(z.string(), z.record(z.string(), z.number())),
  answer,
  better: z.object({ answer, byPoints: z.number(), waitsLessMin: z.number() }).optional(),
  /** Where it fits no longer: the plan that was followed until then. */
  followed: answer.optional(),
});

/** The same, as the core's types have it: what was stored was the core's own. */
export interface StoredPlan {
  version: 1;
  madeFrom: string;
  plannedAtMs: number;
  outMs: Record<string, Record<string, number>>;
  answer: Answer;
  better?: { answer: Answer; byPoints: number; waitsLessMin: number };
  followed?: Answer;
}

/** A sitting's acts as calendars were told of them. */
export const calendarSchema = z.record(
  z.string(),
  z.object({
    startMs: instantMs,
    endMs: instantMs,
    summary: z.string(),
    description: z.string(),
    sequence: z.number().int(),
    changedAtMs: instantMs,
    cancelled: z.boolean(),
  }),
) satisfies z.ZodType<Calendar>;
