import { shortened } from "../shortened";

/** A recipe as somebody wrote it: its words in order, nothing worked out. */
export interface LooseRecipe {
  name: string;
  /** What it says of itself before the list. */
  description?: string;
  /** The kind it says it is: "dry brine". */
  category?: string;
  ingredients: string[];
  /** Sentences of the method, in order. */
  method: string[];
  /** What it says it serves or makes. */
  serves: number | null;
  /** Minutes it says the whole takes, cook or work; each with its own words. */
  stated: { kind: "total" | "cook" | "prep"; minutes: number; text: string }[];
}

/** How much of a pasted text is read; more is a book, not a recipe. */
export const RECIPE_LIMITS = {
  characters: 100_000,
  ingredients: 120,
  sentences: 300,
  lineCharacters: 600,
} as const;

/** Sentences of a text: a point within a figure or after a short form ends none. */
export function sentencesOf(text: string): string[] {
  return text
    .replace(/\s+/g, " ")
    .replace(/\b(tbsp|tsp|oz|lbs?|min|mins|hrs?|approx|no)\.(?!\s+(?:[A-Z][a-z]|\d+ ?°))/gi, "$1")
    .split(/(?<=[.!?])\s+(?=[A-Za-z0-9“"'(])|;\s+/)
    .flatMap(parted)
    .map((s) => s.trim().slice(0, RECIPE_LIMITS.lineCharacters))
    .filter((s) => s !== "");
}

/** A sentence as long as a page: parted where somebody drew breath. */
const LONG = 300;
const parted = (sentence: string): string[] =>
  sentence.length <= LONG
    ? [sentence]
    : sentence.split(
        /,\s+(?=(?:and )?(?:then|so|now|cover|until|let|leave|you|it goes|because)\b|and (?:let|leave|cover|now|you|half)\b)/i,
      );

/** Keeps a recipe within its limits. */
export const bounded = (recipe: LooseRecipe): LooseRecipe => ({
  ...recipe,
  name: shortened(recipe.name, 120),
  ingredients: recipe.ingredients
    .slice(0, RECIPE_LIMITS.ingredients)
    .map((line) => line.slice(0, RECIPE_LIMITS.lineCharacters)),
  method: recipe.method.slice(0, RECIPE_LIMITS.sentences),
  stated: recipe.stated.slice(0, 6),
});
