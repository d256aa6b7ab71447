import type { BatchView } from "@/contracts/views";
import type { SoakWindow } from "@/core/formula/soak/window";
import type { RailWindow } from "./rail/scale";

const HOUR_MS = 3_600_000;

/** Hours a batch has stood at an instant of its own clock; below zero before it goes in. */
export const hoursIn = (batch: BatchView, atMs: number): number => (atMs - batch.startedAtMs) / HOUR_MS;

/**
 * The window as the cook was told it, kept with the batch, until readings have moved it.
 * @param worked as the sums have it now; undefined where they no longer work out
 */
export function batchWindow(batch: BatchView, worked: SoakWindow | undefined): RailWindow {
  const { readiness } = batch.formulation;
  if (batch.readingCount > 0 && worked) return { ...worked, readiness };
  const { ready, past } = batch.sheet;
  return { ready, past, pastReason: worked?.pastReason, readiness };
}
