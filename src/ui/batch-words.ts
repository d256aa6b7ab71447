import type { BatchView } from "@/contracts/views";
import { choiceOf, isBaked } from "@/core/preparations";
import { PREPARATION_NAME } from "./names";
import type { Units } from "./units";

/** The next thing to do with a batch, and when. */
export function nextAct(batch: BatchView, nowMs: number): { act: string; atMs: number } {
  const baked = isBaked(batch.formulation);
  return nowMs < batch.startedAtMs
    ? { act: baked ? "into the oven" : "put in", atMs: batch.startedAtMs }
    : { act: baked ? "take out of the oven" : "take out", atMs: batch.plannedLiftAtMs };
}

/** "equilibrium brine · 3.6 kg". */
export function batchNote({ formulation: f }: BatchView, units: Units): string {
  const count = f.pieces.count > 1 ? ` · ${f.pieces.count} pieces` : "";
  return `${PREPARATION_NAME[choiceOf(f.preparation)]}${count} · ${units.bulk(f.pieces.totalMassG)}`;
}
