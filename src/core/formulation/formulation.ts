import { z } from "zod";
import { READINESS } from "../diffusion/readiness";
import type { OwnMaterials } from "../materials/pantry";
import { ALONGSIDE_MAX, COMPANIONS_MAX, LINES_MAX, NAME_MAX, NOTES_MAX } from "../quantity/ranges";
import { ranged } from "../quantity/ranged";
import { vesselSchema } from "../vessel/vessel-schema";
import { cookSchema, heatHereSchema } from "./cook";
import { idSchema } from "./id";
import { companionSchema, lineSchema, reserveSchema } from "./lines";
import { alongsideSchema, piecesSchema } from "./pieces";
import { preparationSchema, saltGivenSchema } from "./preparation";
import * as words from "@/words/core/formulation/formulation";

const water = z.discriminatedUnion("mode", [
  z.strictObject({ mode: z.literal("chosen"), massG: ranged("waterG") }),
  z.strictObject({ mode: z.literal("toCover") }),
]);
export type Water = z.infer<typeof water>;

const holding = z.strictObject({
  place: z.enum(["fridge", "cooler", "counter"]),
  /** Where the soak stands, °C. */
  temperatureC: ranged("temperatureC"),
  /** The brine when the food goes in, °C. */
  brineStartC: ranged("brineStartC"),
  before: z.enum(["patDry", "rinse"]),
  covered: z.boolean(),
  /** Nobody stirs or turns it: a film of spent brine slows the salt. Left out: stirred now and then. */
  still: z.boolean().optional(),
});
export type Holding = z.infer<typeof holding>;

/** Whether a plan may move the hours of a soak: the cook's own hold, or they may stretch between two. */
const hours = z.union([
  z.strictObject({ mode: z.literal("hold") }),
  z
    .strictObject({
      mode: z.literal("stretch"),
      /** Left out: as early as it is seasoned, as late as it keeps. */
      leastH: ranged("pullH").optional(),
      mostH: ranged("pullH").optional(),
    })
    .refine((h) => (h.leastH ?? 0) <= (h.mostH ?? Infinity), words.theLeastHoursAreNot),
]);
export type SoakHours = z.infer<typeof hours>;

/** Everything the cook decides but the materials of the kitchen's own: what a formula version stores and a batch is computed from. */
export const decidedSchema = z.strictObject({
  name: z.string().trim().min(1, words.aFormulaNeedsAName).max(NAME_MAX),
  notes: z.string().max(NOTES_MAX),
  foodId: idSchema,
  pieces: piecesSchema,
  /** Left out: all pieces are of one size. */
  alongside: z.array(alongsideSchema).max(ALONGSIDE_MAX).optional(),
  /** The bath is sour (vinegar, citrus, buttermilk): how deep acid goes is shown. */
  sour: z.boolean().optional(),
  saltId: idSchema,
  /** Left out: as much as brings the wanted salt. */
  salt: saltGivenSchema.optional(),
  preparation: preparationSchema,
  water,
  vessel: vesselSchema,
  /** Sugar per salt, g/g; 0 for none. */
  sugarPerSalt: ranged("sugarPerSalt"),
  sugarId: idSchema,
  /** What goes in beside the salt, each with its own scaling law. */
  lines: z.array(lineSchema).max(LINES_MAX),
  companions: z.array(companionSchema).max(COMPANIONS_MAX).optional(),
  reserve: reserveSchema.optional(),
  /** The skin comes off before it is eaten, and the salt that lies on it goes with it. */
  skinOff: z.boolean().optional(),
  /** Salted once more when it is cooked, share of the edible weight; left out: not. */
  secondSaltFraction: ranged("secondSaltPercent", 100).optional(),
  /** Eaten without cooking. */
  servedRaw: z.boolean().optional(),
  /** What this kitchen's probes taught of its heat and the cook took for true, as it was when it was worked out. */
  heatHere: heatHereSchema.optional(),
  holding,
  readiness: z.enum(READINESS),
  /** Planned lift-out, hours after the start. */
  pullH: ranged("pullH"),
  /** Left out: brines may stretch, everything else holds. */
  hours: hours.optional(),
  /** Stands in fresh water after it is taken out, min; left out: not rinsed. */
  rinse: z.strictObject({ minutes: ranged("rinseMin") }).optional(),
  /** Left out, a usual cook for the food is taken. */
  cook: cookSchema.optional(),
  portions: ranged("portions").int(),
});

/** Everything the cook decides. */
export interface Formulation extends z.infer<typeof decidedSchema> {
  /** This kitchen's own entries and measurements among the materials named, as they were when it was worked out. */
  own?: OwnMaterials | undefined;
}
