import { z } from "zod";
import { ranged } from "../quantity/ranged";
import { VOLUME_ML } from "../quantity/units";
import { idSchema } from "./id";

/**
 * Salt wanted in the flesh when it is eaten, share of it. Of dry salt and rubs the salt put on follows from it; a crust is
 * not dosed: there it is what practice finds.
 */
const targetFraction = ranged("targetPercent", 100);

/** Salt in the mixture, or on the food itself first and the mixture over it. */
const school = z.enum(["inMixture", "onFoodFirst"]);
export type SaltSchool = z.infer<typeof school>;

const strength = z.discriminatedUnion("basis", [
  z.strictObject({ basis: z.literal("percent"), saltFraction: ranged("strengthPercent", 100) }),
  /** "N cups of this salt to each so much water". */
  z.strictObject({
    basis: z.literal("cups"),
    cups: ranged("cupsMl", VOLUME_ML.us_cup),
    per: z.enum(["us_gallon", "us_quart", "litre"]),
  }),
]);
export type TimedStrength = z.infer<typeof strength>;

/**
 * The salt of the preparation as the cook has it. What is wanted on the plate (`targetFraction`) is a figure of its own:
 * by "wanted" the salt follows from it, by any other what is given stands to the gram and is judged by it.
 */
export const saltGivenSchema = z.discriminatedUnion("mode", [
  z.strictObject({ mode: z.literal("wanted") }),
  /** Pure salt put on or in, share of the meat without bone. */
  z.strictObject({ mode: z.literal("percent"), fraction: ranged("givenPercent", 100) }),
  /** Of the salt chosen, as it is weighed, g. */
  z.strictObject({ mode: z.literal("grams"), massG: ranged("givenG") }),
  /** A level measure of the salt chosen, mL. */
  z.strictObject({ mode: z.literal("measure"), volumeMl: ranged("givenMl") }),
  /** What a pinch is in this kitchen, g, and how many. */
  z.strictObject({ mode: z.literal("pinch"), count: ranged("pinches"), eachG: ranged("pinchG") }),
  z.strictObject({ mode: z.literal("none") }),
]);
export type SaltGiven = z.infer<typeof saltGivenSchema>;

const equilibriumBrine = z.strictObject({
  kind: z.literal("wetBrine"),
  school: z.literal("equilibrium"),
  convention: z.enum(["waterPhase", "wholeMass"]),
  targetFraction,
});

const timedBrine = z.strictObject({
  kind: z.literal("wetBrine"),
  school: z.literal("timed"),
  strength,
  targetFraction,
});

const dryBrine = z.strictObject({
  kind: z.literal("dryBrine"),
  targetFraction,
  salted: z.enum(["allFaces", "oneFace", "moreOnOne"]),
});

const marinade = z.strictObject({
  kind: z.literal("marinade"),
  targetFraction,
  school,
  /** How much of it: by the food, or as much as covers it in this vessel. */
  amount: z.discriminatedUnion("mode", [
    z.strictObject({ mode: z.literal("perFood"), mlPerKg: ranged("mlPerKg") }),
    z.strictObject({ mode: z.literal("toCover") }),
  ]),
});
export type MarinadePreparation = z.infer<typeof marinade>;

const paste = z.strictObject({
  kind: z.literal("paste"),
  targetFraction,
  school,
  /** "none" for a paste of oil, herbs or miso that clings by itself. */
  binderId: idSchema,
  /** Flour lightly roasted first: nutty, and it takes up a little more water. */
  roasted: z.boolean(),
  /** How thick it should be. */
  wanted: z.enum(["coats", "clings", "ridges"]),
});
export type PastePreparation = z.infer<typeof paste>;
export type Thickness = PastePreparation["wanted"];

const rub = z.strictObject({
  kind: z.literal("rub"),
  /** 0 for a salt-free rub. */
  targetFraction: z.union([z.literal(0), targetFraction]),
  surface: z.enum(["dry", "moist", "oiled"]),
  /** Share of it that goes inside a cavity, or under loosened skin, 0 to 0.8. */
  insideShare: ranged("insidePercent", 100),
});
export type RubPreparation = z.infer<typeof rub>;

const crust = z.strictObject({
  kind: z.literal("saltCrust"),
  targetFraction,
  school: z.enum(["water", "eggWhite", "sparingEggWhite"]),
  /**
   * How much salt: the trade's 1.6 to 1 by weight, as much as the thickness asked for takes, or the grams the cook gives
   * (`salt` of the formulation). Left out: by thickness.
   */
  saltBy: z.enum(["rule", "geometry", "given"]).optional(),
  /** What binds it, as the cook has it, water in g; left out: as the school counts it by the salt. */
  bound: z.strictObject({ waterG: ranged("crustWaterG"), whites: ranged("crustWhites") }).optional(),
  form: z.enum(["ellipsoid", "box"]),
  /** Measured outer size; null to estimate it from weight, thickness and kind. */
  size: z
    .strictObject({
      lengthMm: ranged("crustFoodMm"),
      widthMm: ranged("crustFoodMm"),
      heightMm: ranged("crustFoodMm"),
    })
    .nullable(),
  overMm: ranged("shellMm"),
  underMm: ranged("shellMm"),
  /** Room on the tray beyond the shell, mm. */
  marginMm: ranged("marginMm"),
  scales: z.enum(["on", "off"]),
  ends: z.enum(["covered", "out"]),
});
export type CrustPreparation = z.infer<typeof crust>;
export type CrustSchool = CrustPreparation["school"];

const cure = z.strictObject({
  kind: z.literal("cure"),
  /** Salt wanted in the flesh when it is lifted out. */
  targetFraction,
  /** Salt put on, share of the edible weight; more than is wanted, and most of it taken off again. */
  doseFraction: ranged("dosePercent", 100),
  finish: z.enum(["rinse", "brush"]),
});
export type CurePreparation = z.infer<typeof cure>;

const injection = z.strictObject({
  kind: z.literal("injection"),
  /** Salt wanted in the flesh with what stays of the brine. */
  targetFraction,
  /** Brine pumped in, share of the weight on the scale. */
  pickupFraction: ranged("pickupPercent", 100),
  /** Of it, what runs out again, 0 to 0.6. */
  dripFraction: ranged("dripPercent", 100),
  /** From stab to stab, mm. */
  spacingMm: ranged("stabMm"),
});
export type InjectionPreparation = z.infer<typeof injection>;

/** Every preparation there is; each variant carries only its own fields. */
export const preparationSchema = z.union([
  equilibriumBrine,
  timedBrine,
  dryBrine,
  marinade,
  paste,
  rub,
  crust,
  cure,
  injection,
]);
export type Preparation = z.infer<typeof preparationSchema>;
