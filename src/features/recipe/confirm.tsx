"use client";

import type { Formulation } from "@/core/formulation";
import type { ReadRecipe } from "@/core/recipe/reading";
import { AsWritten } from "./as-written";
import { Contradictions } from "./contradictions";
import { FactsPanel } from "./facts-panel";
import { LeftBehindList } from "./left-behind";
import { LinesTable } from "./lines-table";
import { useConfirming } from "./use-confirming";
import * as words from "@/words/recipe/confirm";

interface Props {
  read: ReadRecipe;
  /** What was pasted. */
  pasted: string;
  onBench: (formulation: Formulation) => void;
}

/** Everything that was read, with its guesses: nothing goes on before the cook has said yes to each. */
export function Confirm({ read: first, pasted, onBench }: Props) {
  const confirming = useConfirming(first);
  const { read, lines, facts, setFacts, change, open, formulation: made } = confirming;
  const { formulation, contradictions, cook } = made;
  const unsettled = lines.filter((l) => !l.choice.out && !l.isFood && (!l.chosen || l.grams === undefined));
  const ready = formulation !== undefined && open.length === 0 && unsettled.length === 0;
  return (
    <div className="grid gap-x-6 p-4 lg:grid-cols-[minmax(0,1fr)_24rem] lg:p-6">
      <div className="min-w-0">
        <Contradictions found={contradictions} />
        <LinesTable
          lines={lines}
          foodG={facts.foodG}
          recipe={read.recipe}
          change={change}
          onMend={confirming.mend}
        />
        <AsWritten read={read} pasted={pasted} how={new Map(lines.map((l) => [l.line.index, l.how]))} />
      </div>
      <aside className="lg:sticky lg:top-0 lg:self-start">
        <FactsPanel read={read} facts={facts} cook={cook} onChange={setFacts} />
        <div className="mt-4 border-t-4 border-base-content pt-3">
          <LeftBehindList left={confirming.left} />
          <p aria-live="polite" className="pb-2 text-lg">
            {waiting(open.length, unsettled.length, formulation !== undefined)}
          </p>
          <button
            type="button"
            className="btn btn-primary min-h-14 w-full text-lg"
            disabled={!ready}
            onClick={() => formulation && onBench(formulation)}
          >
            {words.putItOnTheBench}
          </button>
        </div>
      </aside>
    </div>
  );
}

function waiting(open: number, unsettled: number, hasFood: boolean): string {
  if (!hasFood) return words.sayWhichFoodItIs;
  if (unsettled > 0) return words.oneLineHasNoIngredient(unsettled);
  if (open > 0) return words.oneLineIsStillTo(open);
  return words.everyLineIsConfirmed;
}
