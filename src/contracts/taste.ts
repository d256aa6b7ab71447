import { z } from "zod";
import { CARRIERS, SAMPLE_FRACTIONS, type CarrierId } from "@/core/taste/samples";
import type { HouseTaste } from "@/core/taste/house";
import type { Question, Tasting, Told } from "@/core/taste/tasting";
import * as words from "@/words/contracts/taste";

const id = z.string().min(1).max(80);
const sample = z
  .number()
  .int()
  .min(0)
  .max(SAMPLE_FRACTIONS.length - 1);
const carrier = z.enum(CARRIERS.map((c) => c.id) as [CarrierId, ...CarrierId[]]);
const way = z.enum(["pairs", "liking"]);
const eaters = z
  .array(z.strictObject({ id, name: z.string().trim().min(1, words.sayWhoTable2).max(60) }))
  .min(1, words.somebodyMustTaste)
  .max(12, words.atMostTwelveAtOnce)
  .refine((all) => new Set(all.map((e) => e.id)).size === all.length, words.eachEaterOnce);

export const toldSchema = z.discriminatedUnion("kind", [
  z.strictObject({
    eaterId: id,
    kind: z.literal("pair"),
    first: sample,
    second: sample,
    liked: z.enum(["first", "second"]).nullable(),
  }),
  z.strictObject({
    eaterId: id,
    kind: z.literal("said"),
    sample,
    salt: z.number().int().min(-2).max(2),
  }),
]) satisfies z.ZodType<Told>;

export const tastingSchema = z.strictObject({
  seed: z
    .number()
    .int()
    .min(0)
    .max(2 ** 31),
  carrier,
  way,
  eaters,
  answers: z.array(toldSchema).max(12 * 20),
}) satisfies z.ZodType<Tasting>;

export const startTastingRequest = z.strictObject({
  /** Chosen by who sends it: the same sent again is one tasting. */
  id: z.uuid().optional(),
  carrier,
  way,
  eaters,
  /** They taste and spit out. */
  spits: z.boolean(),
});
export type StartTastingRequest = z.infer<typeof startTastingRequest>;

/** The wanted salt that is taken for this kitchen; null for the usual. */
export const houseSaltSchema = z.number().min(0.004, words.atLeast04).max(0.025, words.atMost25).nullable();

/** A tasting as a screen shows it. */
export interface TastingView {
  id: string;
  startedAtMs: number;
  tasting: Tasting;
  /** What is asked now, of each eater who has not answered all. */
  questions: Question[];
}

export interface TasteView {
  taste: HouseTaste;
  known: boolean;
  /** The wanted salt that was taken; null where the usual is offered. */
  houseSalt: number | null;
  tastings: TastingView[];
}
