"use client";

import { Link } from "@/ui/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { FormulaView } from "@/contracts/views";
import { send } from "@/ui/send";
import { SaveProblem } from "@/ui/use-save";
import { OnDate } from "@/ui/measures";
import * as words from "@/words/stores/library/versions-list";

interface Props {
  newest: FormulaView;
  from: number;
  to: number;
  timeZone: string;
}

/** Every version, newest first: laid beside the one before it, opened, or made the newest again. */
export function VersionsList({ newest, from, to, timeZone }: Props) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const { id, version: last } = newest;
  const restore = async (version: number) => {
    const sent = await send("POST", `/api/formulas/${id}/restore`, { version, baseVersion: last });
    setProblem(sent.ok ? null : sent.problem.detail);
    if (sent.ok) router.push(`/stores/formula/${id}`);
    router.refresh();
  };
  return (
    <section aria-label={words.versions}>
      <h2 className="text-2xl">{words.versions}</h2>
      <ol>
        {newest.versions.map((v) => (
          <li
            key={v.version}
            className={`border-b border-line py-1 pl-2 ${v.version === to ? "border-l-4 border-l-primary" : ""}`}
          >
            <Link
              className="flex min-h-11 flex-wrap items-baseline gap-x-2 py-2"
              href={`/stores/formula/${id}?from=${Math.max(1, v.version - 1)}&to=${v.version}`}
            >
              <span className="font-semibold underline">{words.version(v.version)}</span>
              <span className="text-sm text-quiet">
                <OnDate atMs={v.createdAtMs} timeZone={timeZone} />
              </span>
              {v.note && <span className="basis-full text-sm">{v.note}</span>}
            </Link>
            <span className="flex flex-wrap gap-2 pb-1">
              <Link className="btn min-h-11 font-normal" href={`/bench?formula=${id}&version=${v.version}`}>
                {words.open}
              </Link>
              {v.version !== last && (
                <>
                  <button
                    type="button"
                    className="btn min-h-11 font-normal"
                    onClick={() => void restore(v.version)}
                  >
                    {words.makeItTheNewest}
                  </button>
                  <Link
                    className="btn min-h-11 font-normal"
                    href={`/stores/formula/${id}?from=${v.version}&to=${last}`}
                  >
                    {words.againstTheNewest}
                  </Link>
                </>
              )}
            </span>
          </li>
        ))}
      </ol>
      <SaveProblem problem={problem} />
      {from !== to && <p className="sr-only">{words.shownVersionAgainst(from, to)}</p>}
    </section>
  );
}
