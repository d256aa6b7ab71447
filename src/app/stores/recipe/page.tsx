import type { Metadata } from "next";
import { RecipePage } from "@/features/recipe/recipe-page";
import { loadRecipePage } from "@/server/pages";
import * as words from "@/words/app/stores/recipe/page";

export const metadata: Metadata = { title: words.pasteARecipe };

export default function RecipeRoute() {
  return <RecipePage {...loadRecipePage()} />;
}
