import { useMemo } from "react";
import type { BatchDetail } from "@/contracts/views";
import { RAIL_FROM_H, RAIL_TO_H } from "@/core/formula/soak/window";
import { NO_LIMITS } from "@/core/safety/limits";
import { batchWindow, hoursIn } from "@/ui/batch-window";
import { stateAt, stateWord } from "@/ui/rail/scale";
import { useWorked } from "@/ui/worked/use-worked";

/** The food in a batch at an instant, computed anew from its formulation, as it was weighed out. */
export function useBatchState(batch: BatchDetail, atMs: number) {
  const hours = hoursIn(batch, atMs);
  const stood = Math.min(RAIL_TO_H, Math.max(0, hours));
  const input = useMemo(() => ({ ...batch.formulation, pullH: stood }), [batch.formulation, stood]);
  const { answer } = useWorked(input, batch.rate, NO_LIMITS, batch.poured);
  const { sheet, outcome } = answer.ok ? answer : {};
  const window = batchWindow(batch, sheet?.soak.window);
  return {
    sheet,
    outcome,
    hours,
    onRail: Math.max(RAIL_FROM_H, stood),
    state: stateWord(stateAt(window, Math.max(0, hours)), window),
    window,
  };
}
