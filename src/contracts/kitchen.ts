import { z } from "zod";
import { HEATS } from "@/core/formula/account/dish-facts";
import type { WordAmounts } from "@/core/quantity/words";
import type { KitchenLimits } from "@/core/safety/limits";
import { vesselSchema } from "@/core/vessel/vessel-schema";
import { foodSchema, ingredientSchema, saltSchema } from "./materials";
import * as words from "@/words/contracts/kitchen";

const heatNames = HEATS.map((h) => h.name);

const eater = z.strictObject({
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1, words.sayWhoTable2The).max(60),
  avoids: z.array(z.string().min(1).max(60)).max(20),
  sodiumMg: z.number().min(50, words.atLeast50Mg).max(5000).nullable(),
  infant: z.boolean(),
  atRisk: z.boolean(),
  noAlcohol: z.boolean(),
  mostHeat: z.enum(heatNames as [string, ...string[]]).nullable() as z.ZodType<
    KitchenLimits["eaters"][number]["mostHeat"]
  >,
});

const mm = z.number().min(50).max(3000);

export const limitsSchema = z.strictObject({
  eaters: z.array(eater).max(40),
  fridge: z.strictObject({ widthMm: mm, depthMm: mm, heightMm: mm }).nullable(),
  thermometer: z.boolean(),
}) satisfies z.ZodType<KitchenLimits>;

export const wordsSchema = z.strictObject({
  pinchG: z.number().min(0.05, words.atLeast005G).max(3, words.atMost3G),
  dashMl: z.number().min(0.05).max(5),
  toTasteG: z.number().min(0).max(20),
}) satisfies z.ZodType<WordAmounts>;

/** What stands in this kitchen for a plan. */
export const equipmentSchema = z.strictObject({
  fridgeL: z.number().min(0).max(5000),
  ovens: z.number().int().min(0).max(6),
  shelves: z.number().int().min(0).max(20),
  rings: z.number().int().min(0).max(20),
  coolers: z.number().int().min(0).max(20),
  trays: z.number().int().min(0).max(20),
  vessels: z.number().int().min(0).max(20),
  cooks: z.number().int().min(0).max(20),
});
const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, words.aTimeOfDaySuch);
export const quietSchema = z.strictObject({ from: clock, to: clock });

/** What a new sitting begins with. */
export const usualSchema = z.strictObject({
  equipment: equipmentSchema,
  quiet: quietSchema,
  /** The usual oven, °C as set; fan or not. */
  oven: z.strictObject({ setC: z.number().min(40).max(350), fan: z.boolean() }),
  /** Tables for other programs: 1.5 and commas where left out, or 1,5 and semicolons. */
  decimal: z.enum(["point", "comma"]).optional(),
});
export type Usual = z.infer<typeof usualSchema>;

export const ownVesselSchema = z.strictObject({
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1, words.itNeedsAName).max(120),
  vessel: vesselSchema,
});
export type OwnVessel = z.infer<typeof ownVesselSchema>;

/** An entry of the kitchen's own, by kind. */
export const ownEntryRequest = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("food"), entry: foodSchema }),
  z.strictObject({ kind: z.literal("salt"), entry: saltSchema }),
  z.strictObject({ kind: z.literal("ingredient"), entry: ingredientSchema }),
  z.strictObject({ kind: z.literal("vessel"), entry: ownVesselSchema }),
]);
export type OwnEntryRequest = z.infer<typeof ownEntryRequest>;
export type OwnKind = OwnEntryRequest["kind"];
