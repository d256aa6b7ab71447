/** The language this is built for: a folder in `words/`. */
export const LANGUAGE = process.env.WORDS ?? "en";
