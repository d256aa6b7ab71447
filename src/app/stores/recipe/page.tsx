import type { Metadata } from "next";
import { RecipePage } from "@/features/recipe/recipe-page";
import { loadRecipePage } from "@/server/pages";

export const metadata: Metadata = { title: "Paste a recipe" };

export default function RecipeRoute() {
  return <RecipePage {...loadRecipePage()} />;
}
