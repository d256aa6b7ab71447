import { z } from "zod";
import { HEATS } from "@/core/formula/dish-facts";
import type { KitchenLimits } from "@/core/safety/limits";
import type { WordAmounts } from "@/core/quantity/words";
import { vesselSchema } from "./formulation";
import { foodSchema, ingredientSchema, saltSchema } from "./materials";

const heatNames = HEATS.map((h) => h.name);

const eater = z.strictObject({
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1, "Say who: “table 2”, “the baby”.").max(60),
  avoids: z.array(z.string().min(1).max(60)).max(20),
  sodiumMg: z.number().min(50, "At least 50 mg.").max(5000).nullable(),
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
  pinchG: z.number().min(0.05, "At least 0.05 g.").max(3, "At most 3 g."),
  dashMl: z.number().min(0.05).max(5),
  toTasteG: z.number().min(0).max(20),
}) satisfies z.ZodType<WordAmounts>;

export const ownVesselSchema = z.strictObject({
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1, "It needs a name.").max(120),
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
