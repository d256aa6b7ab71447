"use client";

import { useEffect, useState } from "react";
import { snapshotOf } from "@/contracts/sheet";
import type { FormulaView, KitchenView } from "@/contracts/views";
import { formulate } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formula/model";
import { outcomeAt } from "@/core/formula/outcome";
import { programOf } from "@/core/program/program";
import { readDraft } from "@/ui/draft-storage";
import { PrintPage } from "./print-page";

/** The sheet of what is on this tab's Bench, saved or not; else of the formula as saved. */
export function PrintDraft({ kitchen, formula }: { kitchen: KitchenView; formula: FormulaView | null }) {
  const [formulation, setFormulation] = useState<Formulation | null>(formula?.formulation ?? null);
  useEffect(() => {
    void readDraft({ formulaId: formula?.id ?? null, baseVersion: formula?.version ?? null }).then(
      (draft) => draft && setFormulation(draft.formulation),
    );
  }, [formula]);
  const back = formula ? `/bench?formula=${formula.id}&version=${formula.version}` : "/bench";
  const rateFactor = formulation ? kitchen.rates[formulation.foodId]?.factor : undefined;
  const result = formulation && formulate(formulation, { rateFactor });
  if (!formulation || !result?.ok) {
    return (
      <main className="p-6">
        <p className="text-lg">
          There is nothing to print yet: change something on the Bench first, or open a saved formula.
        </p>
        <a href={back} className="btn mt-4">
          Back to the Bench
        </a>
      </main>
    );
  }
  const sheet = snapshotOf(result.value, outcomeAt(result.value, formulation.pullH, formulation.portions));
  const { measures, name: kitchenName, timeZone } = kitchen;
  const program = programOf(formulation, result.value);
  return (
    <PrintPage
      data={{ formulation, sheet, program, measures, kitchenName, timeZone, rateFactor }}
      back={back}
    />
  );
}
