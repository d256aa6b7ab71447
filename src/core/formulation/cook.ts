import { z } from "zod";
import { COVERS } from "../heat/covering";
import { PARTS_MAX, STAGES_MAX } from "../quantity/ranges";
import { ranged } from "../quantity/ranged";
import * as words from "@/words/core/formulation/cook";

/** How an oven and a rest turn out in one kitchen, against what dial and sums say. */
export const heatHereSchema = z.strictObject({
  /** The oven's air over its dial, °C. */
  ovenOffC: z.number().min(-60).max(60).optional(),
  /** How much of the foretold climb out of the heat is seen. */
  climb: z.number().min(0.2).max(2).optional(),
  /** How long the oven takes to heat up, over the usual. */
  heatUp: z.number().min(0.3).max(4).optional(),
});
export type HeatHere = z.infer<typeof heatHereSchema>;

/** One stretch of a cook: how hot, how long, covered how, and what is done in it. */
const stage = z.strictObject({
  ovenC: ranged("ovenC"),
  minutes: ranged("cookMin"),
  cover: z.enum(COVERS),
  /** Done again and again, every so many minutes. */
  everyMin: ranged("bakeMin").optional(),
  action: z.enum(["sear", "baste", "turn", "tent"]).optional(),
  /** Left out: in the oven. In a pan the minutes are those of one panful. */
  on: z.enum(["oven", "pan", "flame"]).optional(),
  /** Pieces to a panful; left out, as many as lie flat in a usual pan. */
  perPan: ranged("perPan").int().optional(),
  skinDown: z.boolean().optional(),
});
export type CookStage = z.infer<typeof stage>;
export type { Cover } from "../heat/covering";

const stages = z.array(stage).min(1).max(STAGES_MAX);

/** The breast against the leg, the thin end against the thick. */
const part = z.strictObject({
  name: z.string().trim().min(1).max(40),
  /** Where the middle of this part shall end, °C. */
  toC: ranged("cookC"),
  thicknessMm: ranged("thicknessMm"),
  /** Of a joint taken apart: its share of the weight. */
  share: z.number().min(0.01).max(1).optional(),
  /** Of a joint taken apart: its own stages; left out, those of the whole. */
  stages: stages.optional(),
  restMin: ranged("restMin").optional(),
});
export type CookPart = z.infer<typeof part>;

const shareOf = (parts: readonly CookPart[]): number => parts.reduce((sum, p) => sum + (p.share ?? 0), 0);

/** How it is cooked after the soak: what heat does to the salt before it is eaten. */
export const cookSchema = z.strictObject({
  /** Where the middle shall end, at its highest in the rest, °C. */
  toC: ranged("cookC"),
  minutes: ranged("cookMin"),
  restMin: ranged("restMin"),
  /** Oven air, °C; left out where no oven was named. */
  ovenC: ranged("ovenC").optional(),
  broil: z.boolean().optional(),
  /** Straight from the fridge into the hot oven, in the dish it stood in. */
  inColdDish: z.boolean().optional(),
  /** Left out: one open stage at `ovenC` for `minutes`. */
  stages: stages.optional(),
  /** Parts of the joint that are done by a reading of their own and come out when they are. */
  parts: z
    .array(part)
    .min(1)
    .max(PARTS_MAX)
    .refine((parts) => shareOf(parts) <= 1 + 1e-9, words.thePartsTogetherAreNot)
    .optional(),
  /** Taken apart before it is salted: each part on a tray of its own; what is no part goes to the stock. */
  apart: z.boolean().optional(),
  /** Stands out of the fridge so long before the heat, min; left out: straight from the fridge. */
  temperMin: ranged("temperMin").optional(),
  /** Carving, opening and dishing up, min; left out, by its size. */
  carveMin: ranged("carveMin").optional(),
});
export type Cook = z.infer<typeof cookSchema>;
