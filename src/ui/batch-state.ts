import { choiceOf } from "@/core/formula/defaults";
import { PREPARATION_NAME } from "./names";
import { useMemo } from "react";
import type { BatchView } from "@/contracts/views";
import { formulate } from "@/core/formula/formulate";
import { outcomeAt } from "@/core/formula/outcome";
import { RAIL_FROM_H, RAIL_TO_H } from "@/core/formula/window";
import { stateAt, stateWord } from "./rail/scale";

const HOUR_MS = 3_600_000;

/** The food in a batch at an instant, computed anew from its formulation. */
export function useBatchState(batch: BatchView, atMs: number) {
  const { formulation, rate, readingCount } = batch;
  const result = useMemo(
    () => formulate(formulation, { rateFactor: rate.factor }),
    [formulation, rate.factor],
  );
  const hours = (atMs - batch.startedAtMs) / HOUR_MS;
  const onRail = Math.min(RAIL_TO_H, Math.max(RAIL_FROM_H, hours));
  const outcome = useMemo(
    () =>
      result.ok
        ? outcomeAt(result.value, Math.min(RAIL_TO_H, Math.max(0, hours)), batch.formulation.portions)
        : undefined,
    [result, hours, batch.formulation.portions],
  );
  // The window as the cook was told it, kept with the batch, until readings have moved it.
  const window =
    readingCount > 0 && result.ok
      ? result.value.soak.window
      : {
          ready: batch.sheet.ready,
          past: batch.sheet.past,
          pastReason: result.ok ? result.value.soak.window.pastReason : undefined,
        };
  return {
    sheet: result.ok ? result.value : undefined,
    outcome,
    hours,
    onRail,
    state: stateWord(stateAt(window, Math.max(0, hours)), { ...window, readiness: formulation.readiness }),
    window,
  };
}

/** The next thing to do with a batch, and when. */
export function nextAct(batch: BatchView, nowMs: number): { act: string; atMs: number } {
  const baked = batch.formulation.preparation.kind === "saltCrust";
  return nowMs < batch.startedAtMs
    ? { act: baked ? "into the oven" : "put in", atMs: batch.startedAtMs }
    : { act: baked ? "take out of the oven" : "take out", atMs: batch.plannedLiftAtMs };
}

/** "equilibrium brine · 3.6 kg". */
export function batchNote({ formulation: f }: BatchView): string {
  const count = f.pieces.count > 1 ? ` · ${f.pieces.count} pieces` : "";
  return `${PREPARATION_NAME[choiceOf(f.preparation)]}${count} · ${(f.pieces.totalMassG / 1000).toFixed(1)} kg`;
}
