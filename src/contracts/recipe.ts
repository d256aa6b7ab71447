import { z } from "zod";
import { RECIPE_LIMITS } from "@/core/recipe/loose";
import type { RecipeReading } from "@/core/recipe/summary";
import * as words from "@/words/contracts/recipe";

/** A recipe as somebody wrote it, to be read: text, Markdown, a page, or its data. */
export const readRecipeRequest = z.strictObject({
  text: z.string().min(1, words.giveTheRecipesText).max(RECIPE_LIMITS.characters),
  measures: z
    .enum(["us", "metric"])
    .default("metric")
    .describe("whose cups and spoons are meant where nothing in the text tells"),
});

const range = z.tuple([z.number(), z.number()]);

/** What was read, and how sure each line is: read, converted, guessed or missing. */
export const recipeReadingSchema = z.object({
  food: z.object({
    id: z.string().nullable(),
    count: z.number(),
    total_g: z.number().nullable(),
    thickness_mm: z.number().nullable(),
  }),
  preparation: z.string(),
  lines: z.array(
    z.object({
      text: z.string(),
      role: z.enum(["food", "line", "heading", "note"]),
      id: z.string().nullable(),
      grams: z.number().nullable(),
      count: z.number().nullable(),
      optional: z.boolean(),
      to_taste: z.boolean(),
      part: z.string(),
      how: z.enum(["read", "converted", "guessed", "missing"]),
    }),
  ),
  method: z.object({
    soak_h: range.nullable(),
    soak_place: z.enum(["fridge", "room", "cooler"]).nullable(),
    stages: z.array(
      z.object({
        oven_C: z.number().nullable(),
        minutes: range.nullable(),
        cover: z.string().nullable(),
      }),
    ),
    core_C: z.number().nullable(),
    rest_min: range.nullable(),
    rinse: z.boolean().nullable(),
    portions: z.number().nullable(),
  }),
  findings: z.array(z.string()),
}) satisfies z.ZodType<RecipeReading>;
