import { useMemo } from "react";
import type { How } from "@/core/recipe/how";
import { markedText, wordsOf } from "@/core/recipe/marked";
import type { ReadRecipe } from "@/core/recipe/reading";
import { HOW_LOOK, HOW_WORD } from "./how-words";
import * as words from "@/words/recipe/as-written";

interface Props {
  read: ReadRecipe;
  pasted: string;
  /** How sure each line is, by its index. */
  how: ReadonlyMap<number, How>;
}

/** The recipe in its own words, each of them marked that something was read from; a tap on a line leads to it. */
export function AsWritten({ read, pasted, how }: Props) {
  const pieces = useMemo(() => markedText(wordsOf(pasted, read), read), [pasted, read]);
  return (
    <section className="mt-6" aria-label={words.theRecipeAsPasted}>
      <h2 className="text-2xl">{words.theRecipeAsPasted}</h2>
      <p className="flex flex-wrap gap-x-4 pb-2 text-sm text-quiet">
        {(Object.keys(HOW_WORD) as How[]).map((h) => (
          <span key={h} className={HOW_LOOK[h]}>
            {HOW_WORD[h]}
          </span>
        ))}
        <span className="font-bold">{words.aTimeOrTemperatureOf}</span>
      </p>
      <p className="sm:max-h-[60vh] sm:overflow-y-auto border-y border-line py-3 leading-relaxed whitespace-pre-wrap">
        {pieces.map((piece, n) =>
          piece.line !== undefined ? (
            <a key={n} href={`#line-${piece.line}`} className={HOW_LOOK[how.get(piece.line) ?? "read"]}>
              {piece.text}
            </a>
          ) : piece.figure ? (
            <strong key={n}>{piece.text}</strong>
          ) : (
            <span key={n} className="text-quiet">
              {piece.text}
            </span>
          ),
        )}
      </p>
      <p className="mt-2 text-sm text-quiet">{words.theMethodGoesAlongAs}</p>
    </section>
  );
}
