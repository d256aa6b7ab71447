import { z } from "zod";
import type { DishRequest } from "@/core/schedule/request";
import type { BatchClock } from "@/core/program/batch-clock";
import type { StoredPlan } from "./plan";
import { acknowledgement } from "./requests";
import { formulationSchema } from "./formulation";
import { deviceAheadMs, instantMs } from "./instant";
import { heatHereSchema } from "@/core/formulation/cook";
import { equipmentSchema, quietSchema } from "./kitchen";
import * as words from "@/words/contracts/sitting";

const id = z.string().min(1).max(80);
const name = z.string().trim().min(1, words.aNameSoThatIt).max(80);
const minutes = (most: number) => z.number().int().min(0).max(most);

const plainDish = z.strictObject({
  kind: z.literal("plain"),
  id,
  name,
  prepMin: minutes(600),
  trays: z
    .array(
      z.strictObject({ name: z.string().trim().min(1).max(60), minutes: z.number().int().min(1).max(1440) }),
    )
    .min(1, words.atLeastOneThingTo)
    .max(12),
  ovenC: z.number().min(40).max(350).optional(),
  heatUp: heatHereSchema.shape.heatUp,
  holdMin: minutes(240),
});

/** A dish planned from a formula: its formulation is kept as it was chosen, or as an offer changed it. */
const formulaDish = z.strictObject({
  kind: z.literal("formula"),
  id,
  name,
  formulaId: id.nullable(),
  formulation: formulationSchema,
});

/** A batch that is started already. */
const runningDish = z.strictObject({ kind: z.literal("running"), id, name, batchId: id });

export const sittingDish = z.discriminatedUnion("kind", [plainDish, formulaDish, runningDish]);

export const DISHES_MAX = 12;

/** A sitting as it is kept. */
export const sittingBody = z.strictObject({
  name,
  tableMs: instantMs,
  dishes: z.array(sittingDish).max(DISHES_MAX, words.atMostDishesToA(DISHES_MAX)),
  kitchen: equipmentSchema,
  quiet: quietSchema,
  absences: z
    .array(
      z
        .strictObject({ fromMs: instantMs, toMs: instantMs })
        .refine((a) => a.toMs > a.fromMs, words.anAbsenceEndsAfterIt),
    )
    .max(20),
  pins: z.array(z.strictObject({ taskId: z.string().min(1).max(200), startMs: instantMs })).max(100),
  getsUp: z.boolean(),
});
export type SittingBody = z.infer<typeof sittingBody>;
export type SittingDish = z.infer<typeof sittingDish>;

export const sittingSave = z.strictObject({ body: sittingBody, baseRevision: z.number().int().min(0) });

export interface SittingHead {
  id: string;
  name: string;
  tableMs: number;
  dishes: string[];
  /** Something of it is under way. */
  begun: boolean;
  /** A rehearsal runs on a clock of its own. */
  clock: BatchClock;
}

/** What stands behind a running dish now. */
export type Running = Extract<DishRequest, { kind: "batch" }>;

export interface SittingView {
  id: string;
  revision: number;
  body: SittingBody;
  timeZone: string;
  clock: BatchClock;
  running: Running[];
  /** Acts of plain dishes that were ticked off, by dish and step. */
  plainDone: Record<string, Record<string, number>>;
  /** What is taken for true of foods here: diffusivity over the table's, by food. */
  rates: Record<string, number>;
  /** The plan that was decided. */
  plan: StoredPlan;
}

/** A dish of a sitting is started: which batch it becomes, and why a stop is passed. */
export const startDishRequest = z.strictObject({
  batchId: z.uuid(),
  baseRevision: z.number().int().min(0),
  acknowledgements: z.array(acknowledgement).max(50),
});

/** An act of a plain dish, ticked off. */
export const sittingActRequest = z.strictObject({
  taskId: z.string().min(1).max(200),
  atMs: instantMs,
  deviceAheadMs,
  notDone: z.boolean().optional(),
});
