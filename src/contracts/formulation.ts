import { z } from "zod";
import {
  ALONGSIDE_MAX,
  COMPANIONS_MAX,
  LINES_MAX,
  PARTS_MAX,
  STAGES_MAX,
  NAME_MAX,
  NOTES_MAX,
} from "@/core/formula/ranges";
import type { Formulation } from "@/core/formulation";
import { heatHereSchema } from "./learned";
import { ownMaterialsSchema } from "./materials";
import { preparationSchema, saltGivenSchema } from "./preparation";
import { ranged } from "./ranged";

const name = z.string().trim().min(1, "A formula needs a name.").max(NAME_MAX);
const id = z.string().min(1).max(80);

const pieces = z.strictObject({
  count: ranged("count").int(),
  totalMassG: ranged("totalMassG"),
  shape: z.enum(["slab", "cylinder", "sphere", "block", "shortLog", "oval", "wedge"]),
  thicknessMm: ranged("thicknessMm"),
  thin: z.strictObject({ thicknessMm: ranged("thicknessMm"), share: ranged("thinPercent", 100) }).optional(),
  lengthMm: ranged("lengthMm").optional(),
  bone: z.boolean(),
  skin: z.boolean(),
  faces: z.enum(["both", "one"]),
  slashDepthMm: ranged("slashDepthMm"),
  slashSpacingMm: ranged("slashSpacingMm"),
  enhanced: z
    .strictObject({
      solutionFraction: ranged("solutionPercent", 100),
      sodiumMgPer100g: ranged("sodiumMgPer100g"),
    })
    .nullable(),
  thaw: z.enum(["fridge", "coldWater", "inBrine", "counter"]).optional(),
  stuffed: z.boolean().optional(),
  daysRaw: ranged("daysRaw").optional(),
});

export const vesselSchema = z.strictObject({
  shape: z.enum(["cylinder", "pail", "box", "cooler", "tray", "bag"]),
  lengthMm: ranged("vesselMm"),
  widthMm: ranged("vesselMm"),
  heightMm: ranged("vesselMm"),
  material: z.enum([
    "stainless",
    "food_plastic",
    "glass",
    "glazed_ceramic",
    "enamelled",
    "aluminium",
    "bare_iron",
    "copper",
    "unknown_plastic",
  ]),
  plate: z.boolean(),
});

const law = z.enum(["foodMass", "surface", "bath", "salt", "piece", "batch"]);

const line = z.strictObject({
  ingredientId: id,
  amountG: ranged("lineG"),
  scalesWith: law,
  optional: z.boolean(),
  parts: ranged("parts").optional(),
  off: z.boolean().optional(),
  where: z.enum(["underSkin", "cavity", "overUnder", "inSalt", "tray"]).optional(),
});

const stage = z.strictObject({
  ovenC: ranged("ovenC"),
  minutes: ranged("cookMin"),
  cover: z.enum(["open", "lid", "foil", "pouch", "crust"]),
  everyMin: ranged("bakeMin").optional(),
  action: z.enum(["sear", "baste", "turn", "tent"]).optional(),
  on: z.enum(["oven", "pan", "flame"]).optional(),
  perPan: ranged("perPan").int().optional(),
  skinDown: z.boolean().optional(),
});
const stages = z.array(stage).min(1).max(STAGES_MAX);

const hours = z.union([
  z.strictObject({ mode: z.literal("hold") }),
  z
    .strictObject({
      mode: z.literal("stretch"),
      leastH: ranged("pullH").optional(),
      mostH: ranged("pullH").optional(),
    })
    .refine((h) => (h.leastH ?? 0) <= (h.mostH ?? Infinity), "The least hours are not more than the most."),
]);

const companion = z.strictObject({
  kind: z.enum(["glaze", "butter", "baste", "sauce", "dressing", "bed", "coat", "drizzle", "salting"]),
  when: z.enum(["beforeHeat", "inHeat", "afterHeat", "atTable"]).optional(),
  name: z.string().trim().max(NAME_MAX),
  lines: z
    .array(line.omit({ parts: true, where: true }).extend({ bakeMin: ranged("bakeMin").optional() }))
    .max(LINES_MAX),
  lastMin: ranged("bakeMin").optional(),
  leftover: z.enum(["boiled", "asIs"]).optional(),
  staysMin: ranged("bakeMin").optional(),
});

const formulation = z.strictObject({
  name,
  notes: z.string().max(NOTES_MAX),
  foodId: id,
  pieces,
  alongside: z
    .array(
      z.strictObject({
        count: ranged("count").int(),
        totalMassG: ranged("totalMassG"),
        thicknessMm: ranged("thicknessMm"),
      }),
    )
    .max(ALONGSIDE_MAX)
    .optional(),
  sour: z.boolean().optional(),
  saltId: id,
  salt: saltGivenSchema.optional(),
  preparation: preparationSchema,
  water: z.discriminatedUnion("mode", [
    z.strictObject({ mode: z.literal("chosen"), massG: ranged("waterG") }),
    z.strictObject({ mode: z.literal("toCover") }),
  ]),
  vessel: vesselSchema,
  sugarPerSalt: ranged("sugarPerSalt"),
  sugarId: id,
  lines: z.array(line).max(LINES_MAX),
  companions: z.array(companion).max(COMPANIONS_MAX).optional(),
  reserve: z
    .strictObject({
      share: ranged("reservePercent", 100),
      use: z.enum(["sauce", "glaze", "baste", "dressing"]),
    })
    .optional(),
  skinOff: z.boolean().optional(),
  secondSaltFraction: ranged("secondSaltPercent", 100).optional(),
  servedRaw: z.boolean().optional(),
  own: ownMaterialsSchema.optional(),
  heatHere: heatHereSchema.optional(),
  holding: z.strictObject({
    place: z.enum(["fridge", "cooler", "counter"]),
    temperatureC: ranged("temperatureC"),
    brineStartC: ranged("brineStartC"),
    before: z.enum(["patDry", "rinse"]),
    covered: z.boolean(),
    still: z.boolean().optional(),
  }),
  readiness: z.enum(["outside", "seasoned", "even"]),
  pullH: ranged("pullH"),
  hours: hours.optional(),
  rinse: z.strictObject({ minutes: ranged("rinseMin") }).optional(),
  cook: z
    .strictObject({
      toC: ranged("cookC"),
      minutes: ranged("cookMin"),
      restMin: ranged("restMin"),
      ovenC: ranged("ovenC").optional(),
      broil: z.boolean().optional(),
      inColdDish: z.boolean().optional(),
      stages: stages.optional(),
      parts: z
        .array(
          z.strictObject({
            name: z.string().trim().min(1).max(40),
            toC: ranged("cookC"),
            thicknessMm: ranged("thicknessMm"),
            share: z.number().min(0.01).max(1).optional(),
            stages: stages.optional(),
            restMin: ranged("restMin").optional(),
          }),
        )
        .min(1)
        .max(PARTS_MAX)
        .refine(
          (parts) => parts.reduce((sum, p) => sum + (p.share ?? 0), 0) <= 1 + 1e-9,
          "The parts together are not more than the whole.",
        )
        .optional(),
      apart: z.boolean().optional(),
      temperMin: ranged("temperMin").optional(),
      carveMin: ranged("carveMin").optional(),
    })
    .optional(),
  portions: ranged("portions").int(),
});

/** Formulations stored before lines had more laws than a brine's called them aromatics. */
function withLines(stored: unknown): unknown {
  if (typeof stored !== "object" || stored === null || !("aromatics" in stored) || "lines" in stored)
    return stored;
  const { aromatics, ...rest } = stored;
  return { ...rest, lines: aromatics };
}

/**
 * Stored before salt could be given apart from what is wanted: a dry brine, a rub and salt put on first then meant a dose,
 * a share of the meat without bone. It stays that dose, to the gram.
 */
function withSaltGiven(stored: unknown): unknown {
  if (typeof stored !== "object" || stored === null || "salt" in stored || !("preparation" in stored))
    return stored;
  const p: unknown = stored.preparation;
  if (typeof p !== "object" || p === null || !("kind" in p) || !("targetFraction" in p)) return stored;
  const dosed = p.kind === "dryBrine" || p.kind === "rub" || ("school" in p && p.school === "onFoodFirst");
  if (!dosed) return stored;
  return {
    ...stored,
    salt: p.targetFraction === 0 ? { mode: "none" } : { mode: "percent", fraction: p.targetFraction },
  };
}

const upgraded = (stored: unknown): unknown => withSaltGiven(withLines(stored));

/** What crosses every door: form draft, request, stored JSON. */
export const formulationSchema = z
  .preprocess(upgraded, formulation)
  .meta({ id: "Formulation" }) satisfies z.ZodType<Formulation>;

/** A draft may be between two names; only a saved formula must have one. */
export const draftFormulationSchema = z.preprocess(
  upgraded,
  formulation.extend({ name: z.string().max(NAME_MAX) }),
) satisfies z.ZodType<Formulation>;
