import { z } from "zod";
import type { Preparation, SaltGiven } from "@/core/formulation";
import { VOLUME_ML } from "@/core/quantity/units";
import { ranged } from "./ranged";

const targetFraction = ranged("targetPercent", 100);
const id = z.string().min(1).max(80);
const school = z.enum(["inMixture", "onFoodFirst"]);

const strength = z.discriminatedUnion("basis", [
  z.strictObject({ basis: z.literal("percent"), saltFraction: ranged("strengthPercent", 100) }),
  z.strictObject({
    basis: z.literal("cups"),
    cups: ranged("cupsMl", VOLUME_ML.us_cup),
    per: z.enum(["us_gallon", "us_quart", "litre"]),
  }),
]);

const size = z.strictObject({
  lengthMm: ranged("crustFoodMm"),
  widthMm: ranged("crustFoodMm"),
  heightMm: ranged("crustFoodMm"),
});

export const saltGivenSchema = z.discriminatedUnion("mode", [
  z.strictObject({ mode: z.literal("wanted") }),
  z.strictObject({ mode: z.literal("percent"), fraction: ranged("givenPercent", 100) }),
  z.strictObject({ mode: z.literal("grams"), massG: ranged("givenG") }),
  z.strictObject({ mode: z.literal("measure"), volumeMl: ranged("givenMl") }),
  z.strictObject({ mode: z.literal("pinch"), count: ranged("pinches"), eachG: ranged("pinchG") }),
  z.strictObject({ mode: z.literal("none") }),
]) satisfies z.ZodType<SaltGiven>;

/** Every preparation there is; each variant carries only its own fields. */
export const preparationSchema = z.union([
  z.strictObject({
    kind: z.literal("wetBrine"),
    school: z.literal("equilibrium"),
    convention: z.enum(["waterPhase", "wholeMass"]),
    targetFraction,
  }),
  z.strictObject({ kind: z.literal("wetBrine"), school: z.literal("timed"), strength, targetFraction }),
  z.strictObject({
    kind: z.literal("dryBrine"),
    targetFraction,
    salted: z.enum(["allFaces", "oneFace", "moreOnOne"]),
  }),
  z.strictObject({
    kind: z.literal("marinade"),
    targetFraction,
    school,
    amount: z.discriminatedUnion("mode", [
      z.strictObject({ mode: z.literal("perFood"), mlPerKg: ranged("mlPerKg") }),
      z.strictObject({ mode: z.literal("toCover") }),
    ]),
  }),
  z.strictObject({
    kind: z.literal("paste"),
    targetFraction,
    school,
    binderId: id,
    roasted: z.boolean(),
    wanted: z.enum(["coats", "clings", "ridges"]),
  }),
  z.strictObject({
    kind: z.literal("rub"),
    targetFraction: z.union([z.literal(0), targetFraction]),
    surface: z.enum(["dry", "moist", "oiled"]),
    insideShare: ranged("insidePercent", 100),
  }),
  z.strictObject({
    kind: z.literal("saltCrust"),
    targetFraction,
    school: z.enum(["water", "eggWhite", "sparingEggWhite"]),
    saltBy: z.enum(["rule", "geometry", "given"]).optional(),
    bound: z.strictObject({ waterG: ranged("crustWaterG"), whites: ranged("crustWhites") }).optional(),
    form: z.enum(["ellipsoid", "box"]),
    size: size.nullable(),
    overMm: ranged("shellMm"),
    underMm: ranged("shellMm"),
    marginMm: ranged("marginMm"),
    scales: z.enum(["on", "off"]),
    ends: z.enum(["covered", "out"]),
  }),
  z.strictObject({
    kind: z.literal("cure"),
    targetFraction,
    doseFraction: ranged("dosePercent", 100),
    finish: z.enum(["rinse", "brush"]),
  }),
  z.strictObject({
    kind: z.literal("injection"),
    targetFraction,
    pickupFraction: ranged("pickupPercent", 100),
    dripFraction: ranged("dripPercent", 100),
    spacingMm: ranged("stabMm"),
  }),
]) satisfies z.ZodType<Preparation>;
