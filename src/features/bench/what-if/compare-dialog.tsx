"use client";

import dynamic from "next/dynamic";
import { orMissing } from "@/ui/or-missing";
import { useState } from "react";
import { whatIfsFor, type WhatIf } from "@/core/formula/compare";
import type { Formulation } from "@/core/formula/model";
import { duration, grams, percent, roughly } from "@/ui/format";
import { Modal } from "@/ui/modal";
import { whatIfWorker } from "@/ui/what-if/client";
import { useAnswer } from "@/ui/what-if/use-answer";
import type { KnownRate } from "@/workers/what-if.worker";

const CompareCharts = dynamic(
  orMissing(async () => (await import("./compare-charts")).CompareCharts),
  {
    loading: () => <p className="h-64 text-quiet">drawing…</p>,
  },
);

const NAMES: Record<WhatIf["id"], string> = {
  as_is: "as it stands",
  equilibrium: "equilibrium brine",
  timed: "timed brine, 6 %",
  dry: "dry brine",
  slashed: "slashed",
  unslashed: "not slashed",
  half_thick: "half as thick",
};

const MOST = 3;

/** Two or three what-ifs over one another: salt by depth at the pull, and salt by the hour. */
export function CompareDialog(props: { input: Formulation; rate: KnownRate; onClose: () => void }) {
  const { input, rate, onClose } = props;
  const all = whatIfsFor(input);
  const [chosen, setChosen] = useState<WhatIf["id"][]>(["as_is", all[1].id]);
  const shown = all.filter((w) => chosen.includes(w.id));
  const key = JSON.stringify([shown, rate]);
  const asked = useAnswer(key, () =>
    whatIfWorker().compare(
      shown.map((w) => w.input),
      rate,
    ),
  );
  const toggle = (id: WhatIf["id"]) =>
    setChosen((ids) => (ids.includes(id) ? ids.filter((other) => other !== id) : [...ids, id].slice(-MOST)));

  const curves = asked.status === "done" ? asked.value : [];
  const series = shown.flatMap((w, i) => {
    const curve = curves[i];
    return curve ? [{ name: NAMES[w.id], curve }] : [];
  });
  return (
    <Modal title={`Compare, taken out at ${duration(input.pullH)}`} onClose={onClose} wide>
      <div className="mb-3 flex flex-wrap gap-2" role="group" aria-label="What to compare, three at most">
        {all.map((w) => (
          <button
            key={w.id}
            type="button"
            aria-pressed={chosen.includes(w.id)}
            className={`btn min-h-11 ${chosen.includes(w.id) ? "btn-primary" : ""}`}
            onClick={() => toggle(w.id)}
          >
            {NAMES[w.id]}
          </button>
        ))}
      </div>
      {series.length > 0 ? (
        <>
          <CompareCharts series={series} pullH={input.pullH} />
          <div className="mt-2 overflow-x-auto" tabIndex={0} role="region" aria-label="Figures compared">
            <table className="table whitespace-nowrap">
              <thead>
                <tr className="text-base-content">
                  <th scope="col">What</th>
                  <th scope="col">Salt</th>
                  <th scope="col">Mean when taken out</th>
                  <th scope="col">Centre</th>
                  <th scope="col">Ready, likely</th>
                </tr>
              </thead>
              <tbody>
                {series.map(({ name, curve }) => (
                  <tr key={name} className="border-line">
                    <th scope="row">{name}</th>
                    <td className="figure">{grams(curve.saltG)} g</td>
                    <td className="figure">{percent(curve.meanFraction)} %</td>
                    <td className="figure">{percent(curve.centreFraction)} %</td>
                    <td className="figure">
                      {curve.readyH === undefined ? "over 4 d" : roughly(curve.readyH)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </>
      ) : (
        <p className="h-64 text-quiet">
          {asked.status === "working" ? "working it out…" : "Choose what to compare."}
        </p>
      )}
    </Modal>
  );
}
