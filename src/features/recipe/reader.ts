import { releaseProxy, wrap } from "comlink";
import type { ReadOptions } from "@/core/recipe/read-recipe";
import type { ReadRecipe } from "@/core/recipe/reading";
import type { RecipeReader } from "@/workers/recipe.worker";

/** Reads a pasted text beside the page, which stays alive whatever was pasted. @throws where the worker fails */
export async function readBeside(text: string, options: ReadOptions): Promise<ReadRecipe> {
  const worker = new Worker(new URL("../../workers/recipe.worker.ts", import.meta.url), { type: "module" });
  const reader = wrap<RecipeReader>(worker);
  try {
    return await reader.read(text, options);
  } finally {
    reader[releaseProxy]();
    worker.terminate();
  }
}
