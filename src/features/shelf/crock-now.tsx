import type { BatchView } from "@/contracts/views";
import { outcomeAt } from "@/core/formula/account/outcome";
import type { Formulated } from "@/core/formula/formulate";
import { RAIL_TO_H } from "@/core/formula/soak/window";
import { batchTime } from "@/core/program/batch-clock";
import { batchWindow, hoursIn } from "@/ui/batch-window";
import type { RailWindow } from "@/ui/rail/scale";
import { Section } from "@/ui/section/section";

/** A crock as it stood when the Shelf was last read: its sums are the server's, so that a page need not bring them. */
export interface CrockNow {
  /** The food cut open; null where its sums no longer work out. */
  picture: React.ReactNode;
  window: RailWindow;
  meanFraction: number | null;
}

export function crockNow(batch: BatchView, sheet: Formulated | undefined, nowMs: number): CrockNow {
  if (!sheet) return { picture: null, window: batchWindow(batch, undefined), meanFraction: null };
  const { formulation } = batch;
  const stood = Math.min(RAIL_TO_H, Math.max(0, hoursIn(batch, batchTime(batch.clock, nowMs))));
  const outcome = outcomeAt(sheet, stood, formulation.portions);
  return {
    picture: <Section input={formulation} sheet={sheet} outcome={outcome} compact />,
    window: batchWindow(batch, sheet.soak.window),
    meanFraction: outcome.meanFraction,
  };
}
