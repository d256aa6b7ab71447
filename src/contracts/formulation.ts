import { z } from "zod";
import type { Formulation } from "@/core/formula/model";
import { VOLUME_ML } from "@/core/quantity/units";
import { ALONGSIDE_MAX, AROMATICS_MAX, NAME_MAX, NOTES_MAX, RANGES } from "@/core/formula/ranges";

type RangeName = keyof typeof RANGES;

/** A number within one of the core's ranges; `per` turns a fraction into the range's percent. */
function ranged(name: RangeName, per = 1) {
  const { min, max } = RANGES[name];
  return z
    .number()
    .min(min / per)
    .max(max / per);
}

const name = z.string().trim().min(1, "A formula needs a name.").max(NAME_MAX);
const id = z.string().min(1).max(80);

const pieces = z.strictObject({
  count: ranged("count").int(),
  totalMassG: ranged("totalMassG"),
  shape: z.enum(["slab", "cylinder", "sphere", "block", "shortLog"]),
  thicknessMm: ranged("thicknessMm"),
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
});

const targetFraction = ranged("targetPercent", 100);

const strength = z.discriminatedUnion("basis", [
  z.strictObject({ basis: z.literal("percent"), saltFraction: ranged("strengthPercent", 100) }),
  z.strictObject({
    basis: z.literal("cups"),
    cups: ranged("cupsMl", VOLUME_ML.us_cup),
    per: z.enum(["us_gallon", "us_quart", "litre"]),
  }),
]);

const preparation = z.union([
  z.strictObject({
    kind: z.literal("wetBrine"),
    school: z.literal("equilibrium"),
    convention: z.enum(["waterPhase", "wholeMass"]),
    targetFraction,
  }),
  z.strictObject({ kind: z.literal("wetBrine"), school: z.literal("timed"), strength, targetFraction }),
  z.strictObject({ kind: z.literal("dryBrine"), targetFraction, salted: z.enum(["allFaces", "oneFace"]) }),
]);

const vessel = z.strictObject({
  shape: z.enum(["cylinder", "box"]),
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

const aromatic = z.strictObject({
  ingredientId: id,
  amountG: ranged("aromaticG"),
  scalesWith: z.enum(["bath", "foodMass", "batch"]),
  optional: z.boolean(),
});

/** What crosses every door: form draft, request, stored JSON. */
export const formulationSchema = z.strictObject({
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
  preparation,
  water: z.discriminatedUnion("mode", [
    z.strictObject({ mode: z.literal("chosen"), massG: ranged("waterG") }),
    z.strictObject({ mode: z.literal("toCover") }),
  ]),
  vessel,
  sugarPerSalt: ranged("sugarPerSalt"),
  sugarId: id,
  aromatics: z.array(aromatic).max(AROMATICS_MAX),
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
  cook: z
    .strictObject({ toC: ranged("cookC"), minutes: ranged("cookMin"), restMin: ranged("restMin") })
    .optional(),
  portions: ranged("portions").int(),
}) satisfies z.ZodType<Formulation>;
