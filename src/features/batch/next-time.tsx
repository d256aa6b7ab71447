"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Formulation } from "@/core/formula/model";
import { accepted, type Proposal } from "@/core/journal/next-time";
import { duration, percent } from "@/ui/format";
import { send } from "@/ui/send";

interface Props {
  formulaId: string;
  newest: { version: number; formulation: Formulation };
  proposals: readonly Proposal[];
}

const SAYS = { target: "salt", hours: "evenness" };

/** What this kitchen's record proposes, with its evidence; accepted, it becomes a version that says why. */
export function NextTime({ formulaId, newest, proposals }: Props) {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const accept = async (proposal: Proposal) => {
    const { formulation, note } = accepted(newest.formulation, proposal);
    const sent = await send<{ version: number }>("POST", `/api/formulas/${formulaId}/versions`, {
      formulation,
      baseVersion: newest.version,
      note,
    });
    setSaid(sent.ok ? `Kept as version ${sent.value.version}.` : sent.problem.detail);
    if (sent.ok) router.refresh();
  };
  if (proposals.length === 0 && said === null) return null;
  const shown = (p: Proposal, value: number) =>
    p.field === "target" ? `${percent(value)} %` : duration(value);
  return (
    <section className="mt-6 border-l-8 border-primary bg-base-100 p-3" aria-label="Next time">
      <h2 className="text-xl">Next time</h2>
      {proposals.map((p) => (
        <div
          key={p.field}
          className="flex flex-wrap items-center justify-between gap-3 py-2"
          data-proposal={p.field}
        >
          <p className="text-lg">
            Try <b className="figure">{shown(p, p.to)}</b> instead of {shown(p, p.from)}:{" "}
            {p.batches === 1 ? "one batch" : `${p.batches} batches`}, mean {p.meanScore > 0 ? "+" : ""}
            {p.meanScore.toFixed(1)} for {SAYS[p.field]}; {percent(p.confidence, 0)} % sure.
          </p>
          <button type="button" className="btn min-h-11" onClick={() => accept(p)}>
            Make it the next version
          </button>
        </div>
      ))}
      {said && <p role="status">{said}</p>}
    </section>
  );
}
