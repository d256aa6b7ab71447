import { z } from "zod";
import { learnedSchema } from "@/contracts/learned";
import { heatHereSchema } from "@/core/formulation/cook";
import type { LearnedView } from "@/contracts/learned-view";

const figure = { factor: z.number(), low: z.number(), high: z.number(), doubt: z.number() };
const counted = { leftOut: z.boolean(), farOff: z.boolean() };

const score = z.object({
  all: z.array(
    z.object({
      batchId: z.string(),
      /** Minutes to its exit, told half-way; salt in the bath, mass fraction; climb out of the heat, °C. */
      what: z.enum(["done", "bath", "climb"]),
      foretold: z.number(),
      low: z.number(),
      high: z.number(),
      came: z.number(),
      at: z.number(),
      inTwoOfThree: z.boolean(),
      inNineOfTen: z.boolean(),
    }),
  ),
  twoInThree: z.number(),
  nineInTen: z.number(),
  fair: z.tuple([z.number(), z.number()]),
});

/** What the kitchen has learnt, as a program is told: factors over the table's or the sums', temperatures in °C. */
export const learnedAnswer = z.object({
  rates: z.array(
    z.object({
      foodId: z.string(),
      name: z.string(),
      learnt: z.object(figure),
      before: z.object(figure),
      batches: z.array(z.object({ batchId: z.string(), ...figure, ...counted })),
      kin: z.array(z.string()),
      kept: z.object({ factor: z.number(), doubt: z.number() }).nullable(),
      readyH: z.object({ learnt: z.number(), table: z.number(), of: z.string() }).nullable(),
    }),
  ),
  oven: z
    .object({
      offC: z.number(),
      lowC: z.number(),
      highC: z.number(),
      doubtC: z.number(),
      beforeC: z.number(),
      batches: z.array(
        z.object({
          id: z.string(),
          mean: z.number(),
          deviation: z.number(),
          dialC: z.number(),
          tookMin: z.number(),
          foretoldMin: z.number(),
          ...counted,
        }),
      ),
      readings: z.number(),
    })
    .nullable(),
  climb: z
    .object({
      learnt: z.object(figure),
      before: z.object(figure),
      batches: z.array(
        z.object({ batchId: z.string(), seenC: z.number(), foretoldC: z.number(), ...counted }),
      ),
    })
    .nullable(),
  heatUp: z.object({ learnt: z.object(figure), before: z.object(figure), readings: z.number() }).nullable(),
  heat: heatHereSchema,
  ovenReadings: learnedSchema.shape.ovenReadings,
  score: z.object({ real: score, rehearsed: score }),
  batches: z.record(z.string(), z.object({ name: z.string(), atMs: z.number() })),
}) satisfies z.ZodType<LearnedView>;
