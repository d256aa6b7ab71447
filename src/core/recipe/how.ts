import type { ReadRecipe, RecipeLine } from "./reading";

/** How sure a thing is: as it stands, worked out of spoons and pieces, guessed, or not said. */
export type How = "read" | "converted" | "guessed" | "missing";

/** Names that share fewer of their words than this may be another thing altogether. *Practice*, estimate. */
const SURE = 0.6;

/** How sure the food's weight is: weighed in its line or named in a sentence, or only so many pieces of the usual size. */
export function howOfFood(read: Pick<ReadRecipe, "lines" | "foods" | "foodG">): How {
  if (read.foodG === undefined) return "missing";
  const line = read.lines.find((l) => l.chosen?.kind === "food" && l.chosen.id === read.foods[0]?.id);
  return line ? howOf(line, read) : "read";
}

/** How sure one line is, as what was taken for it. */
export function howOf(line: RecipeLine, read: Pick<ReadRecipe, "foods" | "foodG">): How {
  const { isHeading, chosen, grams, amount } = line;
  if (isHeading) return "read";
  if (chosen?.kind === "food" && chosen.id === read.foods[0]?.id) {
    if (read.foodG === undefined) return "missing";
    // Counted, its pieces are of the usual size.
    return amount.kind === "mass" && chosen.score >= SURE ? "read" : "guessed";
  }
  if (!chosen || !grams) return "missing";
  if (chosen.score < SURE || grams.by === "guess" || grams.by === "words") return "guessed";
  return grams.by === "scale" && !line.per ? "read" : "converted";
}
