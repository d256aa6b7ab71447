import { z } from "zod";
import { LINES_MAX, NAME_MAX } from "../quantity/ranges";
import { ranged } from "../quantity/ranged";
import { idSchema } from "./id";

/** What a line grows with when the batch does. A cook can give a line any of these; "vessel" belongs to water alone. */
const lineLaw = z.enum(["foodMass", "surface", "bath", "salt", "piece", "batch"]);
export type LineLaw = z.infer<typeof lineLaw>;
export type ScalingLaw = LineLaw | "vessel";

/**
 * Where a line goes decides what it does: under the skin it is part of what lies on the flesh; in the cavity it is eaten
 * with the food; over and under, in the crust's salt or on the tray it is left there.
 */
const place = z.enum(["underSkin", "cavity", "overUnder", "inSalt", "tray"]);
export type LinePlace = z.infer<typeof place>;

export const lineSchema = z.strictObject({
  ingredientId: idSchema,
  /** g per kg of food, dm² of surface, litre of liquid, 100 g of salt, piece, or for the batch, as the law says. */
  amountG: ranged("lineG"),
  scalesWith: lineLaw,
  optional: z.boolean(),
  /** In a marinade made by ratio: parts by volume of its liquid, in place of an amount. */
  parts: ranged("parts").optional(),
  /** Written down and left out this time. */
  off: z.boolean().optional(),
  /** Where it goes; left out, into the mixture or bath. */
  where: place.optional(),
});
export type FormulaLine = z.infer<typeof lineSchema>;

const companionLine = lineSchema.omit({ parts: true, where: true }).extend({
  /** A bed's vegetables: how long this one bakes, min. */
  bakeMin: ranged("bakeMin").optional(),
});
export type CompanionLine = z.infer<typeof companionLine>;

/** What goes beside the main preparation and shares the plate with it. */
export const companionSchema = z.strictObject({
  kind: z.enum(["glaze", "butter", "baste", "sauce", "dressing", "bed", "coat", "drizzle", "salting"]),
  /** Left out: as its kind goes on. */
  when: z.enum(["beforeHeat", "inHeat", "afterHeat", "atTable"]).optional(),
  name: z.string().trim().max(NAME_MAX),
  lines: z.array(companionLine).max(LINES_MAX),
  /** A glaze goes on in the last so many minutes. */
  lastMin: ranged("bakeMin").optional(),
  /** Made with the mixture that lay on the raw food, and whether it is boiled first. */
  leftover: z.enum(["boiled", "asIs"]).optional(),
  /** A bed stays in the oven so long after the food is out to rest, min. */
  staysMin: ranged("bakeMin").optional(),
});
export type Companion = z.infer<typeof companionSchema>;
export type CompanionKind = Companion["kind"];
export type CompanionTime = NonNullable<Companion["when"]>;

/** Part of the mixture split off before raw food touches it. */
export const reserveSchema = z.strictObject({
  /** Share of all that is made, 0.05 to 0.8. */
  share: ranged("reservePercent", 100),
  use: z.enum(["sauce", "glaze", "baste", "dressing"]),
});
export type Reserve = z.infer<typeof reserveSchema>;
