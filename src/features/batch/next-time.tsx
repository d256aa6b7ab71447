"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Formulation } from "@/core/formulation";
import type { Proposal } from "@/core/journal/next-time";
import { duration, percent } from "@/ui/format";
import { sayHowSure, sayScore } from "@/ui/judged";
import { send } from "@/ui/send";
import * as words from "@/words/batch/next-time";

interface Props {
  formulaId: string;
  newest: { version: number; formulation: Formulation };
  proposals: readonly Proposal[];
}

/** What the batches said, as one word. */
const found = ({ field, meanScore }: Proposal): string =>
  // Half a step off is off.
  words.found(
    sayScore(
      field === "target" ? "salt" : "evenness",
      meanScore > 0 ? Math.max(1, meanScore) : Math.min(-1, meanScore),
    ),
  );

/** What this kitchen's record proposes, with its evidence; accepted, it becomes a version that says why. */
export function NextTime({ formulaId, newest, proposals }: Props) {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const accept = async (proposal: Proposal) => {
    // Fetched when it is asked for: taking a proposal works the formula out.
    const { accepted } = await import("@/core/journal/next-time");
    const { formulation, note } = accepted(newest.formulation, proposal);
    const sent = await send<{ version: number }>("POST", `/api/formulas/${formulaId}/versions`, {
      formulation,
      baseVersion: newest.version,
      note,
    });
    setSaid(sent.ok ? words.keptAsVersion(sent.value.version) : sent.problem.detail);
    if (sent.ok) router.refresh();
  };
  if (proposals.length === 0 && said === null) return null;
  const shown = (p: Proposal, value: number) =>
    p.field === "target" ? `${percent(value)} %` : duration(value);
  return (
    <section className="mt-6 border-l-8 border-primary bg-base-100 p-3" aria-label={words.nextTime}>
      <h2 className="text-xl">{words.nextTime}</h2>
      {proposals.map((p) => (
        <div
          key={p.field}
          className="flex flex-wrap items-center justify-between gap-3 py-2"
          data-proposal={p.field}
        >
          <p className="text-lg">
            {words.tryAtInOneBatch({
              what: <b className="figure">{shown(p, p.to)}</b>,
              score: found(p),
              judgedAt: shown(p, p.judged),
              batches: p.batches,
              field: p.field,
              stands: shown(p, p.from),
              confidence: <span className="text-quiet">{sayHowSure(p.confidence)}</span>,
            })}
          </p>
          <button type="button" className="btn min-h-11" onClick={() => accept(p)}>
            {words.makeItTheNextVersion}
          </button>
        </div>
      ))}
      {said && <p role="status">{said}</p>}
    </section>
  );
}
