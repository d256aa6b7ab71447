import type { How } from "@/core/recipe/how";

/** How sure a line is, in a word. */
export const HOW_WORD: Record<How, string> = {
  read: "read",
  converted: "worked out",
  guessed: "a guess: look twice",
  missing: "not said",
};

/** Told by the line beneath, never by colour alone. */
export const HOW_LOOK: Record<How, string> = {
  read: "underline decoration-2 underline-offset-4 decoration-primary",
  converted: "underline decoration-2 underline-offset-4 decoration-dotted decoration-primary",
  guessed: "underline decoration-2 underline-offset-4 decoration-wavy decoration-warning",
  missing: "underline decoration-2 underline-offset-4 decoration-dashed decoration-error",
};
