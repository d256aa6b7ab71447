import type { BatchView } from "@/contracts/views";
import { batchTime } from "@/core/program/batch-clock";
import { batchOutcome, batchSheet, batchWindow, hoursIn } from "@/ui/batch-state";
import type { RailWindow } from "@/ui/rail/scale";
import { Section } from "@/ui/section/section";

/** A crock as it stood when the Shelf was last read: its sums are the server's, so that a page need not bring them. */
export interface CrockNow {
  /** The food cut open; null where its sums no longer work out. */
  picture: React.ReactNode;
  window: RailWindow;
  meanFraction: number | null;
}

export function crockNow(batch: BatchView, nowMs: number): CrockNow {
  const sheet = batchSheet(batch);
  const outcome = sheet && batchOutcome(batch, sheet, hoursIn(batch, batchTime(batch.clock, nowMs)));
  return {
    picture: sheet && outcome && (
      <Section input={batch.formulation} sheet={sheet} outcome={outcome} compact />
    ),
    window: batchWindow(batch, sheet),
    meanFraction: outcome?.meanFraction ?? null,
  };
}
