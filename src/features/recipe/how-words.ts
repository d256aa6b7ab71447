import type { How } from "@/core/recipe/how";
import * as words from "@/words/recipe/how-words";

/** How sure a line is, in a word. */
export const HOW_WORD: Record<How, string> = words.howWord;

/** Told by the line beneath, never by colour alone. */
export const HOW_LOOK: Record<How, string> = {
  read: "underline decoration-2 underline-offset-4 decoration-primary",
  converted: "underline decoration-2 underline-offset-4 decoration-dotted decoration-primary",
  guessed: "underline decoration-2 underline-offset-4 decoration-wavy decoration-warning",
  missing: "underline decoration-2 underline-offset-4 decoration-dashed decoration-error",
};
