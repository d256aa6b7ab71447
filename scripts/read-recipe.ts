/**
 * Reads loose recipes from the shell: `npm run -s read-recipe -- FILE.json` takes a list of `{id, text, format}` and prints
 * one list of `{id, reading}`. Where the entries carry what is expected, how many were met is told on standard error.
 */
import { readFileSync } from "node:fs";
import { z } from "zod";
import { USUAL_WORDS } from "@/core/quantity/words";
import { readRecipe } from "@/core/recipe/read-recipe";
import { summaryOf } from "@/core/recipe/summary";

const entries = z.array(z.looseObject({ id: z.string(), text: z.string() }));

function main(): void {
  const file = process.argv[2];
  if (!file) {
    console.error(
      'Name a file: a list such as [{"id": "1", "text": "Duck legs\\n4 duck legs, 1.2 kg\\n14 g salt"}].',
    );
    process.exit(1);
  }
  const read = entries.safeParse(JSON.parse(readFileSync(file === "-" ? 0 : file, "utf8")));
  if (!read.success) {
    console.error(`${file}: ${read.error.issues[0].path.join(".")}: ${read.error.issues[0].message}`);
    process.exit(1);
  }
  const readings = read.data.map(({ id, text }) => ({
    id,
    reading: summaryOf(readRecipe(text, { measures: "us", words: USUAL_WORDS })),
  }));
  console.log(JSON.stringify(readings, null, 1));
}

main();
