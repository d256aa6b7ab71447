import { useMemo } from "react";
import type { BatchView } from "@/contracts/views";
import { RAIL_FROM_H, RAIL_TO_H } from "@/core/formula/window";
import { batchOutcome, batchSheet, batchWindow, hoursIn } from "@/ui/batch-state";
import { stateAt, stateWord } from "@/ui/rail/scale";

/** The food in a batch at an instant, computed anew from its formulation. */
export function useBatchState(batch: BatchView, atMs: number) {
  const sheet = useMemo(() => batchSheet(batch), [batch]);
  const hours = hoursIn(batch, atMs);
  const outcome = useMemo(() => sheet && batchOutcome(batch, sheet, hours), [batch, sheet, hours]);
  const window = batchWindow(batch, sheet);
  const onRail = Math.min(RAIL_TO_H, Math.max(RAIL_FROM_H, hours));
  return {
    sheet,
    outcome,
    hours,
    onRail,
    state: stateWord(stateAt(window, Math.max(0, hours)), window),
    window,
  };
}
