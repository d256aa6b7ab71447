import type { BatchView } from "@/contracts/views";
import { formulate, type Formulated } from "@/core/formula/formulate";
import { outcomeAt } from "@/core/formula/outcome";
import { RAIL_TO_H } from "@/core/formula/window";
import type { RailWindow } from "./rail/scale";

const HOUR_MS = 3_600_000;

/** A batch's sums, with the rate that is held of it now; undefined where they no longer work out. */
export function batchSheet({ formulation, rate }: BatchView): Formulated | undefined {
  const result = formulate(formulation, { rateFactor: rate.factor });
  return result.ok ? result.value : undefined;
}

/** Hours a batch has stood at an instant of its own clock; below zero before it goes in. */
export const hoursIn = (batch: BatchView, atMs: number): number => (atMs - batch.startedAtMs) / HOUR_MS;

/** The window as the cook was told it, kept with the batch, until readings have moved it. */
export function batchWindow(batch: BatchView, sheet: Formulated | undefined): RailWindow {
  const { readiness } = batch.formulation;
  if (batch.readingCount > 0 && sheet) return { ...sheet.soak.window, readiness };
  const { ready, past } = batch.sheet;
  return { ready, past, pastReason: sheet?.soak.window.pastReason, readiness };
}

/** What is in the food after so many hours of its soak. */
export const batchOutcome = (batch: BatchView, sheet: Formulated, hours: number) =>
  outcomeAt(sheet, Math.min(RAIL_TO_H, Math.max(0, hours)), batch.formulation.portions);
