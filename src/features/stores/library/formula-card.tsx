"use client";

import { Archive, ArchiveRestore } from "lucide-react";
import { Link } from "@/ui/link";
import type { FormulaMade } from "@/contracts/record";
import type { FormulaView } from "@/contracts/views";
import { choiceOf, isBaked } from "@/core/preparations";
import { duration, grams, percent } from "@/ui/format";
import { Told, useUnits } from "@/ui/measures";
import { PREPARATION_NAME } from "@/ui/names";
import { saltVerdict } from "@/ui/say";
import type { Units } from "@/ui/units";
import { SaveProblem, useSave } from "@/ui/use-save";
import * as words from "@/words/stores/library/formula-card";

const VERSIONS_SHOWN = 3;

interface Props {
  formula: FormulaView;
  /** What became of it; undefined where no batch was made. */
  made: FormulaMade | undefined;
  timeZone: string;
}

/** One formula as a card: how the salt stands when it is taken out, the figures it goes by, and how it was judged last. */
export function FormulaCard({ formula, made, timeZone }: Props) {
  const units = useUnits();
  const { save, problem } = useSave();
  const { id, name, tags, archived, versions, version, formulation } = formula;
  const { preparation, pullH, pieces } = formulation;
  const Icon = archived ? ArchiveRestore : Archive;
  const bakes = isBaked({ preparation });
  return (
    <li className="flex flex-col border border-line bg-base-100 p-3">
      <div className="flex gap-3">
        {/* Drawn by the server once a version; a list asks for those that are in sight. */}
        {/* oxlint-disable-next-line nextjs/no-img-element */}
        <img
          src={`/api/formulas/${id}/section?version=${version}`}
          alt=""
          loading="lazy"
          width={96}
          height={48}
          className="mt-1 h-12 w-24 shrink-0"
        />
        <div className="min-w-0 flex-1">
          <Link
            href={`/bench?formula=${id}`}
            className="flex min-h-11 items-center text-lg leading-tight font-semibold underline decoration-line underline-offset-4"
          >
            {name}
          </Link>
          <p className="text-sm text-quiet">
            {PREPARATION_NAME[choiceOf(preparation)]} · <Told>{`${grams(pieces.totalMassG)} g`}</Told>
            {pieces.count > 1 && words.pieces(pieces.count)}
          </p>
        </div>
      </div>
      <p className="flex flex-wrap items-baseline gap-x-4 pt-2">
        <span>
          {words.wanted(<span className="figure text-2xl">{percent(preparation.targetFraction)}</span>)}
        </span>
        <span>
          <span className="figure text-2xl">{duration(pullH)}</span> {words.inTheCrust(bakes)}
        </span>
      </p>
      <p className="pb-1">{lastSaid(made, timeZone, units)}</p>
      {tags.length > 0 && <p className="text-sm text-quiet">{tags.join(" · ")}</p>}
      <div className="mt-auto flex flex-wrap items-center gap-x-3 pt-1 text-sm">
        <ul className="flex min-w-0 flex-1 flex-wrap gap-x-3 text-quiet">
          {versions.slice(0, VERSIONS_SHOWN).map((v) => (
            <li key={v.version}>
              <Link
                className="inline-flex min-h-11 items-center whitespace-nowrap underline"
                href={`/bench?formula=${id}&version=${v.version}`}
              >
                {words.version(v.version)}
              </Link>
            </li>
          ))}
        </ul>
        <Link
          className="btn min-h-11 font-normal"
          href={`/stores/formula/${id}`}
          aria-label={words.versionsAndFilesOf(name)}
        >
          {words.versionsFiles}
        </Link>
        <button
          type="button"
          className="btn btn-ghost btn-square min-h-11"
          aria-label={`${words.bringBack(archived)}: ${name}`}
          onClick={() => void save("PATCH", `/api/formulas/${id}`, { archived: !archived })}
        >
          <Icon size={18} aria-hidden />
        </button>
      </div>
      <SaveProblem problem={problem} />
    </li>
  );
}

function lastSaid(made: FormulaMade | undefined, timeZone: string, units: Units): string {
  if (!made) return words.notMadeYet;
  const times = words.madeOnce(made.batches);
  const last = words.last(times, units.date(made.lastMs, timeZone));
  return made.saltScore === null ? last : `${last}: ${saltVerdict(made.saltScore)}`;
}
