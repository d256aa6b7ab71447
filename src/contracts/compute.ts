import { z } from "zod";
import { formulationSchema } from "./formulation";
import { instantMs } from "./instant";
import { ranged } from "@/core/quantity/ranged";
import { timeZoneSchema } from "./requests";
import { sheetSnapshotSchema } from "./sheet";
import { sittingBody } from "./sitting";

/* What the sums can be asked from outside, and what they answer. Grams, millimetres, hours, °C; shares as percent. */

const id = z.string().min(1).max(80);

/** A food on the scale; everything left out is what the Bench would offer. */
const asked = {
  food: id.describe("id of the food, as the Stores list it"),
  massG: ranged("totalMassG").describe("weight of all pieces, g"),
  count: ranged("count").int().optional(),
  thicknessMm: ranged("thicknessMm").optional().describe("thickest part of one piece, mm"),
  salt: id.optional().describe("id of the salt"),
  targetPercent: ranged("targetPercent")
    .optional()
    .describe("salt wanted, % of the finished flesh, its own salt counted"),
  saltG: ranged("givenG").optional().describe("salt as weighed, g, where it is given and not worked out"),
  hours: ranged("pullH").optional().describe("hours until it is taken out"),
  temperatureC: ranged("temperatureC").optional().describe("where it stands, °C"),
  lines: z
    .array(
      z.strictObject({
        ingredient: id,
        gPerKg: ranged("lineG").describe("g for each kg of food"),
      }),
    )
    .max(40)
    .optional(),
  portions: ranged("portions").int().optional(),
};

const orWhole = <T extends z.ZodObject>(short: T) =>
  z.union([short, z.strictObject({ formulation: formulationSchema })]);

export const brineRequest = orWhole(
  z.strictObject({
    ...asked,
    as: z.enum(["equilibrium", "timed", "dry", "cure", "injection"]).default("equilibrium"),
    waterG: ranged("waterG").optional().describe("water, g; left out, enough to cover"),
    strengthPercent: ranged("strengthPercent").optional().describe("of a timed brine, % salt by weight"),
    pickupPercent: ranged("pickupPercent")
      .optional()
      .describe("of an injected brine, % of the weight on the scale"),
    dosePercent: ranged("dosePercent").optional().describe("of a short cure, % of the edible weight"),
    sugarPerSalt: ranged("sugarPerSalt").optional(),
  }),
);
export const marinadeRequest = orWhole(
  z.strictObject({ ...asked, as: z.enum(["marinade", "paste"]).default("marinade") }),
);
export const rubRequest = orWhole(
  z.strictObject({ ...asked, surface: z.enum(["dry", "moist", "oiled"]).default("moist") }),
);
export const crustRequest = orWhole(
  z.strictObject({ ...asked, school: z.enum(["water", "eggWhite", "sparingEggWhite"]).default("water") }),
);
export const soakRequest = z.strictObject({
  of: z.union([z.strictObject({ formulation: formulationSchema }), brineRequest.options[0]]),
  atHours: z.array(ranged("pullH")).min(1).max(48),
});
/** The work itself, step by step: of a formulation, or of a food as for a brine. */
export const programRequest = z.strictObject({
  of: z.union([z.strictObject({ formulation: formulationSchema }), brineRequest.options[0]]),
  soakHours: ranged("pullH").optional().describe("hours it is to stand; left out, the formulation's own"),
});
export const chillRequest = z.strictObject({
  waterG: ranged("waterG").describe("all the water of the brine, ice included, g"),
  saltG: z.number().min(0).max(100_000),
  hotC: ranged("hotC").default(95),
  iceC: ranged("iceC").default(-5),
  wantedC: ranged("chilledC").default(3),
  iceG: ranged("iceG").optional().describe("ice on hand, g; left out, as much as is needed"),
});
export const planRequest = z.strictObject({
  sitting: sittingBody,
  timeZone: timeZoneSchema.default("UTC"),
  nowMs: instantMs.optional().describe("UTC ms; left out, now"),
});

export const findingAnswer = z.object({
  id: z.string(),
  severity: z.enum(["stop", "caution", "tip"]),
  title: z.string(),
  because: z.string(),
  instead: z.string(),
  source: z.string(),
});

export const sheetAnswer = z.object({
  formulation: formulationSchema,
  sheet: sheetSnapshotSchema,
  findings: z.array(findingAnswer),
});
export const soakAnswer = z.object({
  ready: sheetSnapshotSchema.shape.ready,
  past: sheetSnapshotSchema.shape.past,
  at: z.array(
    z.object({
      hours: z.number(),
      meanFraction: z.number(),
      surfaceFraction: z.number(),
      centreFraction: z.number(),
      /** The same as it goes to the heat: after its rinse, where it is rinsed. */
      toHeat: z.object({ meanFraction: z.number(), surfaceFraction: z.number(), centreFraction: z.number() }),
      bathFraction: z.number().optional(),
    }),
  ),
});
const occupies = z.discriminatedUnion("what", [
  z.object({ what: z.literal("fridge"), litres: z.number() }),
  z.object({ what: z.literal("oven"), airC: z.number() }),
  ...(["cooler", "vessel", "tray", "ring"] as const).map((what) => z.object({ what: z.literal(what) })),
]);
const ends = z.discriminatedUnion("by", [
  z.object({ by: z.literal("time") }),
  z.object({ by: z.literal("look") }),
  z.object({
    by: z.literal("core"),
    channel: z.string(),
    outC: z.number().describe("take it out at, °C"),
    endC: z.number().describe("so that it ends at, °C"),
  }),
]);
const end = z.enum(["start", "end"]);
export const programAnswer = z.object({
  soakHours: z.number(),
  readyMin: z.number().describe("minutes of getting ready before the food goes in"),
  tableMin: z.number().describe("when it is served, minutes from going in"),
  steps: z.array(
    z.object({
      id: z.string(),
      kind: z.string(),
      title: z.string(),
      why: z.string(),
      forOthers: z
        .string()
        .optional()
        .describe("how a recipe for others says it, where its title would not do"),
      look: z.string().optional(),
      figures: z.array(z.object({ what: z.string(), value: z.number(), unit: z.string() })),
      atMin: z.number().describe("minutes from the food going in; negative before it"),
      minutes: z.object({ least: z.number(), likely: z.number(), most: z.number() }),
      handsMin: z.number().describe("so long from its start hands are needed; 0 goes by itself"),
      occupies: z.array(occupies),
      ends,
      late: z.string().optional(),
      part: z.string().optional(),
    }),
  ),
  ties: z.array(
    z.object({
      before: z.string(),
      from: end,
      after: z.string(),
      to: end,
      leastMin: z.number(),
      mostMin: z.number().optional(),
      wantedMin: z.number().optional(),
      gently: z.literal(true).optional(),
      wish: z.enum(["soak", "ice"]).optional(),
    }),
  ),
});
export const chillAnswer = z.object({
  hotWaterG: z.number(),
  iceG: z.number(),
  endsAtC: z.number(),
  iceLeftG: z.number(),
  dissolvesHot: z.boolean(),
  coldEnough: z.boolean().describe("4 °C or below: raw food may go in"),
});
export const planAnswer = z.discriminatedUnion("status", [
  z.object({
    status: z.literal("planned"),
    cost: z.number(),
    tasks: z.array(
      z.object({
        id: z.string(),
        dishId: z.string(),
        title: z.string(),
        startMs: z.number(),
        endMs: z.number(),
        handsOn: z.boolean(),
      }),
    ),
  }),
  z.object({ status: z.literal("clash"), demands: z.array(z.string()), unsure: z.boolean() }),
  z.object({ status: z.literal("broken"), dish: z.string() }),
]);
