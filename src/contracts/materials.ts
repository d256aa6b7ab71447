import { z } from "zod";
import {
  FOOD_FLAGS,
  FOOD_FORMS,
  FOOD_GROUPS,
  INGREDIENT_FLAGS,
  INGREDIENT_GROUPS,
  KINGDOMS,
  SALT_FLAGS,
  SALT_GRADES,
} from "@/core/materials/facts";
import type { OwnMaterials } from "@/core/materials/pantry";
import { ACID_KINDS, type Food, type Ingredient, type Salt } from "@/core/materials/types";
import { upgradedFood, upgradedIngredient, upgradedSalt } from "./older-materials";
import * as words from "@/words/contracts/materials";

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
  name: z.string().trim().min(1, words.itNeedsAName).max(120),
};

const flagsOf = <T extends Record<string, string>>(flags: T) =>
  z.array(z.enum(Object.keys(flags) as (keyof T & string)[])).max(Object.keys(flags).length);
const grade = z.enum(SALT_GRADES);

/** A salt; spoon densities in g/mL, level and unpacked. */
const salt = z.strictObject({
  ...identity,
  crystal: text,
  densityGPerMl: z.number().min(0.1, words.atLeast01G).max(2.2, words.solidSaltIs216),
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
  gradeWetBrine: grade,
  gradeDryBrine: grade,
  gradeSaltCrust: grade,
  flags: flagsOf(SALT_FLAGS),
  notes: text.optional(),
  ...standing,
});

export const saltSchema = z.preprocess(upgradedSalt, salt).meta({ id: "Salt" }) satisfies z.ZodType<Salt>;

const acidKind = z.enum(ACID_KINDS);

const ingredient = z
  .strictObject({
    ...identity,
    group: z.enum(INGREDIENT_GROUPS),
    flags: flagsOf(INGREDIENT_FLAGS),
    poured: z.boolean(),
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
    scoville: z.number().min(0).max(16_000_000),
    thickens: z.number().min(0).max(100),
    unsaltedId: z.string().min(1).max(80).optional(),
    allergens,
    maybeAllergens: allergens,
    scorchC: z.number().min(80).max(400).nullable(),
    notes: text.optional(),
    ...standing,
  })
  .refine((i) => i.waterFraction + i.sugarFraction + i.fatFraction + i.saltFraction <= 1.02, {
    message: words.waterSugarFatAndSalt,
    path: ["waterFraction"],
  });

export const ingredientSchema = z
  .preprocess(upgradedIngredient, ingredient)
  .meta({ id: "Ingredient" }) satisfies z.ZodType<Ingredient>;

const diffusivity = z.number().min(1e-12).max(1e-8);

const food = z
  .strictObject({
    ...identity,
    group: z.enum(FOOD_GROUPS),
    kingdom: z.enum(KINGDOMS),
    form: z.enum(FOOD_FORMS),
    flags: flagsOf(FOOD_FLAGS),
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
    notes: text.optional(),
    ...standing,
  })
  .refine((f) => f.boneFraction + f.edibleFraction <= 1.001, {
    message: words.boneAndMeatTogetherCannot,
    path: ["edibleFraction"],
  });

export const foodSchema = z.preprocess(upgradedFood, food).meta({ id: "Food" }) satisfies z.ZodType<Food>;

const SOME = 60;

/** Entries of the kitchen's own that a formulation carries with it. */
export const ownMaterialsSchema = z.strictObject({
  foods: z.array(foodSchema).max(SOME).optional(),
  salts: z.array(saltSchema).max(SOME).optional(),
  ingredients: z.array(ingredientSchema).max(SOME).optional(),
}) satisfies z.ZodType<OwnMaterials>;
