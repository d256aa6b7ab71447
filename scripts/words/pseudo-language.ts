/**
 * Writes src/words/en-XA: English with accents and two fifths longer, a folder like that of any other language.
 * `npm run pseudo-language && WORDS=en-XA npm run dev` shows the kitchen in it.
 */
import { mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";
import { accented } from "./accented";
import { ENGLISH, piecesOf, wordFiles } from "./pieces";

const PSEUDO = "src/words/en-XA";

rmSync(PSEUDO, { recursive: true, force: true });
for (const file of wordFiles()) {
  const from = path.join(ENGLISH, file);
  let source = readFileSync(from, "utf8");
  for (const { start, end } of piecesOf(from).sort((a, b) => b.start - a.start))
    source = source.slice(0, start) + accented(source.slice(start, end)) + source.slice(end);
  mkdirSync(path.dirname(path.join(PSEUDO, file)), { recursive: true });
  writeFileSync(path.join(PSEUDO, file), source);
}
