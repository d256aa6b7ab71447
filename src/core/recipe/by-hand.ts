import type { LooseRecipe } from "./loose";

/* A reader's lines, mended by hand: each change gives a recipe to be read anew, and tells where its other lines went. */

export interface Mended {
  recipe: LooseRecipe;
  /** Where a line stands now; undefined for one that was changed. */
  movedTo: (index: number) => number | undefined;
}

/** One line's words changed; each row of them is a line of its own, and no words take it out. */
export function reworded(recipe: LooseRecipe, index: number, words: string): Mended {
  const rows = words
    .split(/\r?\n/)
    .map((row) => row.trim())
    .filter((row) => row !== "");
  return {
    recipe: { ...recipe, ingredients: recipe.ingredients.toSpliced(index, 1, ...rows) },
    movedTo: (i) => (i === index ? undefined : i < index ? i : i + rows.length - 1),
  };
}

/** A line that is the end of the one above: both are one. The first line stays as it is. */
export function joinedToAbove(recipe: LooseRecipe, index: number): Mended {
  const above = recipe.ingredients[index - 1];
  if (index < 1 || above === undefined) return { recipe, movedTo: (i) => i };
  const both = `${above} ${recipe.ingredients[index]}`;
  return {
    recipe: { ...recipe, ingredients: recipe.ingredients.toSpliced(index - 1, 2, both) },
    movedTo: (i) => (i === index || i === index - 1 ? undefined : i < index ? i : i - 1),
  };
}
