import type { z } from "zod";
import { readRecipeRequest, recipeReadingSchema } from "@/contracts/recipe";
import { USUAL_WORDS } from "@/core/quantity/words";
import { readRecipe } from "@/core/recipe/read-recipe";
import { summaryOf } from "@/core/recipe/summary";
import { COMPUTE, type ComputeName } from "../compute";
import { operation, type Operation } from "../operation";
import { heavy } from "../../heavy/pool";

/** Everything that is only worked out: nothing is kept, so a token that may only look may ask. */
export const COMPUTE_OPERATIONS: Operation[] = [
  ...(Object.keys(COMPUTE) as ComputeName[]).map((name): Operation => ({
    id: name,
    method: "post",
    path: `/compute/${name}`,
    summary: COMPUTE[name].summary,
    tag: "compute",
    body: COMPUTE[name].request,
    example: COMPUTE[name].example,
    status: 200,
    scope: "read",
    response: COMPUTE[name].response,
    run: ({ db, body, nowMs }) => heavy(db, "compute", name, body, nowMs),
  })),
  operation({
    id: "readRecipe",
    method: "post",
    path: "/recipes/read",
    summary: "Reads a loose recipe: its food, lines, method and what does not agree; nothing is kept",
    tag: "recipes",
    body: readRecipeRequest,
    example: {
      text: "Duck legs\n6 duck legs, 220 g each\n16 g flaky sea salt\nRack, fridge, bare, 24 hours.",
    } satisfies z.input<typeof readRecipeRequest>,
    status: 200,
    scope: "read",
    response: recipeReadingSchema,
    run: ({ body: { text, measures } }) => summaryOf(readRecipe(text, { measures, words: USUAL_WORDS })),
  }),
];
