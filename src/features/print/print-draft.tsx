"use client";

import { useEffect, useState } from "react";
import type { Printed } from "@/contracts/printed";
import type { FormulaView, KitchenView } from "@/contracts/views";
import { readDraft } from "@/ui/draft-storage";
import { PrintPage } from "./print-page";
import * as words from "@/words/print/print-draft";

interface Props {
  kitchen: KitchenView;
  formula: FormulaView | null;
  /** The formula as it is saved. */
  saved: Printed | null;
}

/** The sheet of what is on this tab's Bench, saved or not; else of the formula as saved. */
export function PrintDraft({ kitchen, formula, saved }: Props) {
  const [draft, setDraft] = useState<Printed | null>(null);
  useEffect(() => {
    void drawnUp(formula, kitchen.rates).then(setDraft);
  }, [formula, kitchen.rates]);
  const back = formula ? `/bench?formula=${formula.id}&version=${formula.version}` : "/bench";
  const printed = draft ?? saved;
  if (!printed) {
    return (
      <main className="p-6">
        <p className="text-lg">{words.thereIsNothingToPrint}</p>
        <a href={back} className="btn mt-4">
          {words.backToTheBench}
        </a>
      </main>
    );
  }
  const { measures, name: kitchenName, timeZone } = kitchen;
  return <PrintPage data={{ ...printed, measures, kitchenName, timeZone }} back={back} />;
}

/** What this tab left on its Bench, worked out; null where it left nothing. The sums are fetched only then. */
async function drawnUp(formula: FormulaView | null, rates: KitchenView["rates"]): Promise<Printed | null> {
  const draft = await readDraft({ formulaId: formula?.id ?? null, baseVersion: formula?.version ?? null });
  if (!draft) return null;
  const { printedOf } = await import("@/contracts/printed");
  return printedOf(draft.formulation, rates[draft.formulation.foodId]?.factor) ?? null;
}
