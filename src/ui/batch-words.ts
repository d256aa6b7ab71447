import type { BatchView } from "@/contracts/views";
import { choiceOf, isBaked } from "@/core/preparations";
import { PREPARATION_NAME } from "./names";
import type { Units } from "./units";
import * as words from "@/words/ui/batch-words";

/** The next thing to do with a batch, and when. */
export function nextAct(batch: BatchView, nowMs: number): { act: string; atMs: number } {
  const baked = isBaked(batch.formulation);
  return nowMs < batch.startedAtMs
    ? { act: baked ? words.intoTheOven : words.putIn, atMs: batch.startedAtMs }
    : { act: words.takeOutOfTheOven(baked), atMs: batch.plannedLiftAtMs };
}

/** "equilibrium brine · 3.6 kg". */
export function batchNote({ formulation: f }: BatchView, units: Units): string {
  const count = f.pieces.count > 1 ? words.pieces(f.pieces.count) : "";
  return `${PREPARATION_NAME[choiceOf(f.preparation)]}${count} · ${units.bulk(f.pieces.totalMassG)}`;
}
