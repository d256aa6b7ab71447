"use client";

import { Link } from "@/ui/link";
import { useState } from "react";
import type { FormulaView } from "@/contracts/views";
import type { FormulaMade } from "@/contracts/record";
import { FormulaCard } from "./formula-card";
import * as words from "@/words/stores/library/library";

/** Every formula of this kitchen: found by its name or tag, opened in any version, archived and brought back. */
export function Library(props: {
  formulas: FormulaView[];
  made: Record<string, FormulaMade>;
  timeZone: string;
}) {
  const { formulas, made, timeZone } = props;
  const [find, setFind] = useState("");
  const [tag, setTag] = useState<string | null>(null);
  const [away, setAway] = useState(false);
  const tags = [...new Set(formulas.flatMap((f) => f.tags))].sort();
  const hasAway = formulas.some((f) => f.archived);
  // What there is nothing of any more is not chosen either: its button is gone, and it would hide all the rest.
  if (tag !== null && !tags.includes(tag)) setTag(null);
  if (away && !hasAway) setAway(false);
  const wanted = find.trim().toLowerCase();
  const shown = formulas.filter(
    (f) =>
      f.archived === away &&
      (tag === null || f.tags.includes(tag)) &&
      [f.name, ...f.tags].some((text) => text.toLowerCase().includes(wanted)),
  );
  return (
    <section id="formulas">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-2xl">{words.formulas}</h2>
        <span className="flex gap-2">
          <Link className="btn min-h-11 font-normal" href="/stores/recipe">
            {words.pasteARecipe}
          </Link>
          <Link className="btn min-h-11 font-normal" href="/bench">
            {words.newFormula}
          </Link>
        </span>
      </div>
      {formulas.length === 0 ? (
        <p>{words.noneSavedYetSaveOne}</p>
      ) : (
        <div className="flex flex-wrap items-center gap-2 py-2">
          <input
            type="search"
            aria-label={words.findAFormula}
            placeholder={words.findByNameOrTag}
            className="entry w-56 !border-line !text-left"
            value={find}
            onChange={(event) => setFind(event.target.value)}
          />
          {tags.map((t) => (
            <button
              key={t}
              type="button"
              aria-pressed={tag === t}
              className={`btn min-h-11 font-normal ${tag === t ? "btn-neutral" : ""}`}
              onClick={() => setTag(tag === t ? null : t)}
            >
              {t}
            </button>
          ))}
          {hasAway && (
            <label className="ml-auto flex min-h-11 items-center gap-2">
              <input type="checkbox" className="toggle" checked={away} onChange={() => setAway(!away)} />
              {words.archived}
            </label>
          )}
        </div>
      )}
      <ul className="grid gap-4 md:grid-cols-2">
        {shown.map((formula) => (
          <FormulaCard key={formula.id} formula={formula} made={made[formula.id]} timeZone={timeZone} />
        ))}
      </ul>
      {formulas.length > 0 && shown.length === 0 && <p className="py-2">{words.noFormulaOfThatName}</p>}
    </section>
  );
}
