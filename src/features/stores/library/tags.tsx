"use client";

import { Plus, X } from "lucide-react";
import { useState } from "react";
import { SaveProblem, useSave } from "@/ui/use-save";
import * as words from "@/words/stores/library/tags";

/** Words a formula is found by. */
export function Tags({ id, tags }: { id: string; tags: string[] }) {
  const { save, problem } = useSave();
  const [word, setWord] = useState("");
  const keep = (next: string[]) => save("PATCH", `/api/formulas/${id}`, { tags: next });
  return (
    <section>
      <h2 className="text-2xl">{words.tags}</h2>
      <ul className="flex flex-wrap gap-2 py-2">
        {tags.map((tag) => (
          <li key={tag} className="flex items-center border border-line pl-3">
            {tag}
            <button
              type="button"
              className="btn btn-ghost min-h-11 px-3"
              aria-label={words.takeOffTheTag(tag)}
              onClick={() => void keep(tags.filter((t) => t !== tag))}
            >
              <X size={16} aria-hidden />
            </button>
          </li>
        ))}
        {tags.length === 0 && <li className="text-quiet">{words.noneYet}</li>}
      </ul>
      <form
        className="flex gap-2"
        onSubmit={async (event) => {
          event.preventDefault();
          if (word.trim() !== "" && (await keep([...tags, word.trim()]))) setWord("");
        }}
      >
        <input
          aria-label={words.aNewTag}
          className="entry min-w-0 flex-1 !border-line !text-left"
          value={word}
          maxLength={30}
          onChange={(event) => setWord(event.target.value)}
        />
        <button className="btn min-h-11 font-normal">
          <Plus size={18} aria-hidden /> {words.tag}
        </button>
      </form>
      <SaveProblem problem={problem} />
    </section>
  );
}
