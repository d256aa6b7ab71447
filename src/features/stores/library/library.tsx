"use client";

import { Archive, ArchiveRestore } from "lucide-react";
import Link from "next/link";
import { useState } from "react";
import type { FormulaView } from "@/contracts/views";
import { shortDate } from "@/ui/format";
import { SaveProblem, useSave } from "@/ui/use-save";

const VERSIONS_SHOWN = 3;

/** Every formula of this kitchen: found by its name or tag, opened in any version, put away and taken out again. */
export function Library({ formulas, timeZone }: { formulas: FormulaView[]; timeZone: string }) {
  const [find, setFind] = useState("");
  const [tag, setTag] = useState<string | null>(null);
  const [away, setAway] = useState(false);
  const tags = [...new Set(formulas.flatMap((f) => f.tags))].sort();
  const hasAway = formulas.some((f) => f.archived);
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
        <h2 className="text-2xl">Formulas</h2>
        <span className="flex gap-2">
          <Link className="btn min-h-11 font-normal" href="/stores/recipe">
            Paste a recipe
          </Link>
          <Link className="btn min-h-11 font-normal" href="/bench">
            New
          </Link>
        </span>
      </div>
      {formulas.length === 0 ? (
        <p>None saved yet. Save one on the Bench, or paste a recipe.</p>
      ) : (
        <div className="flex flex-wrap items-center gap-2 py-2">
          <input
            type="search"
            aria-label="Find a formula"
            placeholder="Find by name or tag"
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
              archived
            </label>
          )}
        </div>
      )}
      <ul>
        {shown.map((formula) => (
          <FormulaItem key={formula.id} formula={formula} timeZone={timeZone} />
        ))}
      </ul>
      {formulas.length > 0 && shown.length === 0 && <p className="py-2">Nothing of that name or tag here.</p>}
    </section>
  );
}

function FormulaItem({ formula, timeZone }: { formula: FormulaView; timeZone: string }) {
  const { save, problem } = useSave();
  const { id, name, tags, archived, versions } = formula;
  const Icon = archived ? ArchiveRestore : Archive;
  return (
    <li className="border-b border-line py-2">
      <div className="flex flex-wrap items-center gap-x-3">
        <Link
          href={`/bench?formula=${id}`}
          className="flex min-h-11 min-w-0 flex-1 basis-full items-center text-lg sm:basis-56 font-semibold underline decoration-line underline-offset-4"
        >
          {name}
        </Link>
        <Link
          className="btn min-h-11 font-normal"
          href={`/stores/formula/${id}`}
          aria-label={`Versions and files of ${name}`}
        >
          Versions, files
        </Link>
        <button
          type="button"
          className="btn btn-ghost min-h-11"
          aria-label={`${archived ? "Bring back" : "Archive"}: ${name}`}
          onClick={() => void save("PATCH", `/api/formulas/${id}`, { archived: !archived })}
        >
          <Icon size={18} aria-hidden />
        </button>
      </div>
      {tags.length > 0 && <p className="text-sm text-quiet">{tags.join(" · ")}</p>}
      <ul className="text-sm text-quiet">
        {versions.slice(0, VERSIONS_SHOWN).map((v) => (
          <li key={v.version}>
            <Link
              className="inline-flex min-h-11 items-center gap-2"
              href={`/bench?formula=${id}&version=${v.version}`}
            >
              <span className="underline">version {v.version}</span>
              <span>
                {shortDate(v.createdAtMs, timeZone)}
                {v.note && ` · ${v.note}`}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      <SaveProblem problem={problem} />
    </li>
  );
}
