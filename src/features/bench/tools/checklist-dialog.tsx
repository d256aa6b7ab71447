"use client";

import { useState } from "react";
import type { Formulated } from "@/core/formula/formulate";
import { splitProposed } from "@/core/formula/soak/uneven";
import type { Formulation } from "@/core/formulation";
import { programOf } from "@/core/program/program";
import type { StepKind } from "@/core/program/step";
import { roughly } from "@/ui/format";
import { Modal } from "@/ui/modal";
import * as words from "@/words/bench/tools/checklist-dialog";

/** What comes before anything is weighed. */
const CHECKED: StepKind[] = ["thaw", "inspect", "clean"];

/** Inspect, thaw, clean, score, split: what comes before the salt, for this food. */
export function ChecklistDialog(props: { input: Formulation; sheet: Formulated; onClose: () => void }) {
  const { input, sheet, onClose } = props;
  const [done, setDone] = useState<string[]>([]);
  const split = splitProposed(input, sheet);
  return (
    <Modal title={words.beforeYouStart} onClose={onClose}>
      <ul>
        {programOf(input, sheet)
          .steps.filter((step) => CHECKED.includes(step.kind) && step.atMin < 0)
          .map((item) => (
            <li key={item.id} className="border-b border-line" data-check={item.id}>
              <label className="flex min-h-12 cursor-pointer items-start gap-3 py-2">
                <input
                  type="checkbox"
                  className="checkbox mt-1"
                  checked={done.includes(item.id)}
                  onChange={(event) =>
                    setDone(event.target.checked ? [...done, item.id] : done.filter((id) => id !== item.id))
                  }
                />
                <span>
                  <span className="block leading-tight font-semibold">{item.title}</span>
                  <span className="block text-sm text-quiet">{item.why}</span>
                  {item.look && <span className="block text-sm">{item.look}</span>}
                </span>
              </label>
            </li>
          ))}
      </ul>
      {split && (
        <section className="mt-3 border-l-4 border-warning pl-2" aria-label={words.proposedSplit}>
          <h3 className="text-lg">{words.breastAndLegApart(split.kind)}</h3>
          <ul>
            {split.lots.map((lot) => (
              <li key={lot.name}>
                {words.about({
                  lotName: lot.name,
                  thicknessMm: Math.round(lot.thicknessMm),
                  which:
                    lot.readyH === undefined
                      ? words.readyOnlyAfter4Days
                      : words.readyFrom(roughly(lot.readyH)),
                })}
              </li>
            ))}
          </ul>
        </section>
      )}
      <p className="mt-3 text-sm text-quiet">{words.thawingAndWashingUsdaFsis}</p>
    </Modal>
  );
}
