"use client";

import type { Formulation } from "@/core/formula/model";
import type { ReadRecipe } from "@/core/recipe/reading";
import { Contradictions } from "./contradictions";
import { FactsPanel } from "./facts-panel";
import { LinesTable } from "./lines-table";
import { useConfirming } from "./use-confirming";

interface Props {
  read: ReadRecipe;
  onBench: (formulation: Formulation) => void;
}

/** Everything that was read, with its guesses: nothing goes on before the cook has said yes to each. */
export function Confirm({ read, onBench }: Props) {
  const { lines, facts, setFacts, change, open, formulation: made } = useConfirming(read);
  const { formulation, contradictions, cook } = made;
  const unsettled = lines.filter((l) => !l.choice.out && !l.isFood && (!l.chosen || l.grams === undefined));
  const ready = formulation !== undefined && open.length === 0 && unsettled.length === 0;
  return (
    <div className="grid gap-x-6 p-4 lg:grid-cols-[minmax(0,1fr)_24rem] lg:p-6">
      <div className="min-w-0">
        <Contradictions found={contradictions} />
        <LinesTable lines={lines} foodG={facts.foodG} change={change} />
        <Method read={read} />
      </div>
      <aside className="lg:sticky lg:top-0 lg:self-start">
        <FactsPanel read={read} facts={facts} cook={cook} onChange={setFacts} />
        <div className="mt-4 border-t-4 border-base-content pt-3">
          <p aria-live="polite" className="pb-2 text-lg">
            {waiting(open.length, unsettled.length, formulation !== undefined)}
          </p>
          <button
            type="button"
            className="btn btn-primary min-h-14 w-full text-lg"
            disabled={!ready}
            onClick={() => formulation && onBench(formulation)}
          >
            Put it on the Bench
          </button>
        </div>
      </aside>
    </div>
  );
}

function waiting(open: number, unsettled: number, hasFood: boolean): string {
  if (!hasFood) return "Say which food it is for.";
  if (unsettled > 0)
    return `${unsettled === 1 ? "One line has" : `${unsettled} lines have`} no ingredient or weight yet: choose, or leave it out.`;
  if (open > 0) return `${open === 1 ? "One line is" : `${open} lines are`} still to be confirmed.`;
  return "Every line is confirmed.";
}

/** The method as it was written; its times and temperatures are marked. */
function Method({ read }: { read: ReadRecipe }) {
  if (read.recipe.method.length === 0) return null;
  const said = [...read.method.stages, ...read.method.ovens, ...read.method.cores].map((s) => s.text);
  return (
    <section className="mt-6">
      <h2 className="text-2xl">Its method</h2>
      <ol className="mt-2 list-decimal space-y-1 pl-6">
        {read.recipe.method.map((sentence, i) => (
          <li key={i}>
            {marked(sentence, said).map((piece, n) =>
              piece.is ? (
                <mark
                  key={n}
                  className="bg-transparent font-bold text-base-content underline decoration-primary decoration-2 underline-offset-4"
                >
                  {piece.text}
                </mark>
              ) : (
                piece.text
              ),
            )}
          </li>
        ))}
      </ol>
      <p className="mt-2 text-sm text-quiet">It goes along as the formula&rsquo;s notes.</p>
    </section>
  );
}

/** A sentence in pieces: what was read of it, and the rest. */
function marked(sentence: string, said: readonly string[]): { text: string; is: boolean }[] {
  const found = said.find((text) => sentence.includes(text));
  if (found === undefined || found === "") return [{ text: sentence, is: false }];
  const at = sentence.indexOf(found);
  return [
    ...marked(sentence.slice(0, at), said),
    { text: found, is: true },
    ...marked(sentence.slice(at + found.length), said),
  ];
}
