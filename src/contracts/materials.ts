import { z } from "zod";
import type { OwnMaterials } from "@/core/materials/pantry";
import type { Food, Ingredient, Salt } from "@/core/materials/types";

/** A share of the whole, 0 to 1. */
const fraction = z.number().min(0).max(1);
const text = z.string().max(500);
const allergens = z.array(z.string().min(1).max(60)).max(20);

const standing = {
  provenance: z.string().min(1).max(300),
  fromMemory: z.boolean(),
  uncertainty: z.number().min(0).max(2),
};

/** Ids of a kitchen's own entries may be the table's: then they stand in its place. */
const identity = {
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1, "It needs a name.").max(120),
};

/** A salt; spoon densities in g/mL, level and unpacked. */
export const saltSchema = z.strictObject({
  ...identity,
  crystal: text,
  densityGPerMl: z.number().min(0.1, "At least 0.1 g/mL.").max(2.2, "Solid salt is 2.16 g/mL: no more."),
  densityLowGPerMl: z.number().min(0.05).max(2.2),
  densityHighGPerMl: z.number().min(0.1).max(2.2),
  naclFraction: fraction,
  kclFraction: fraction,
  sodiumFraction: fraction,
  dissolvingSpeed: text,
  dissolveSeconds: z.number().min(0).max(86_400),
  foodGrade: z.boolean(),
  fitWetBrine: text,
  fitDryBrine: text,
  fitSaltCrust: text,
  notes: text,
  ...standing,
}) satisfies z.ZodType<Salt>;

const acidKind = z.enum([
  "none",
  "citric",
  "acetic",
  "lactic",
  "tartaric",
  "malic",
  "gluconic",
  "hydroxycitric",
  "ascorbic",
  "phosphoric",
]);

export const ingredientSchema = z
  .strictObject({
    ...identity,
    group: z.string().min(1).max(60),
    densityGPerMl: z.number().min(0.02).max(3).nullable(),
    gEach: z.number().min(0.001).max(20_000).nullable(),
    eachUnit: z.string().max(40),
    juiceMlEach: z.number().min(0).max(2000).nullable(),
    waterFraction: fraction,
    sodiumMgPer100g: z.number().min(0).max(40_000),
    saltFraction: fraction,
    sugarFraction: fraction,
    acidFraction: fraction,
    acidKind,
    ph: z.number().min(0.5).max(12).nullable(),
    fatFraction: fraction,
    alcoholFraction: fraction,
    protease: z.enum(["none", "mild", "strong"]),
    allergens,
    maybeAllergens: allergens,
    scorchC: z.number().min(80).max(400).nullable(),
    notes: text,
    ...standing,
  })
  .refine((i) => i.waterFraction + i.sugarFraction + i.fatFraction + i.saltFraction <= 1.02, {
    message: "Water, sugar, fat and salt together cannot be more than 100 %.",
    path: ["waterFraction"],
  }) satisfies z.ZodType<Ingredient>;

const diffusivity = z.number().min(1e-12).max(1e-8);

export const foodSchema = z
  .strictObject({
    ...identity,
    group: z.string().min(1).max(60),
    kingdom: z.string().max(60),
    form: z.string().max(60),
    pieceMassLowG: z.number().min(0.1).max(200_000),
    pieceMassG: z.number().min(0.1).max(200_000),
    pieceMassHighG: z.number().min(0.1).max(200_000),
    thicknessMm: z.number().min(1).max(400),
    saltPathMm: z.number().min(0.5).max(400),
    shape: z.enum(["slab", "cylinder", "sphere", "irregular"]),
    boneFraction: fraction,
    edibleFraction: z.number().min(0.05).max(1),
    skin: z.boolean(),
    waterFraction: z.number().min(0.05).max(1),
    nativeSaltFraction: z.number().min(0).max(0.2),
    diffusivityLowM2PerS: diffusivity,
    diffusivityM2PerS: diffusivity,
    diffusivityHighM2PerS: diffusivity,
    diffusivitySource: text,
    safeMinC: z.number().min(30).max(110).nullable(),
    safeRestMin: z.number().min(0).max(120).nullable(),
    safeSource: text,
    targetC: z.number().min(30).max(110),
    acidMaxH: z.number().min(0).max(200),
    servingLightG: z.number().min(1).max(5000),
    servingHeartyG: z.number().min(1).max(5000),
    allergens,
    notes: text,
    ...standing,
  })
  .refine((f) => f.boneFraction + f.edibleFraction <= 1.001, {
    message: "Bone and edible flesh together cannot be more than 100 %.",
    path: ["edibleFraction"],
  }) satisfies z.ZodType<Food>;

const SOME = 60;

/** Entries of the kitchen's own that a formulation carries with it. */
export const ownMaterialsSchema = z.strictObject({
  foods: z.array(foodSchema).max(SOME).optional(),
  salts: z.array(saltSchema).max(SOME).optional(),
  ingredients: z.array(ingredientSchema).max(SOME).optional(),
}) satisfies z.ZodType<OwnMaterials>;
