import type { DerivedBatch } from "@/contracts/at-work";
import type { BatchView, KitchenView } from "@/contracts/views";
import type { Program } from "@/core/program/step";
import { PrintPage } from "./print-page";

/** A batch whose sums no longer work out has its sheet still, and no steps. */
const NO_STEPS: Program = { steps: [], ties: [], soakH: 0, readyMin: 0, tableMin: 0 };

interface Props {
  kitchen: KitchenView;
  batch: BatchView;
  /** As its page and the page at work have it; null where its sums no longer work out. */
  derived: DerivedBatch | null;
}

/** The sheet and labels of a started batch, as computed when it was started, and what is done by its own hours. */
export function PrintBatch({ kitchen, batch, derived }: Props) {
  const { formulation, sheet, startedAtMs, plannedLiftAtMs, timeZone } = batch;
  const { measures, name: kitchenName } = kitchen;
  return (
    <PrintPage
      data={{
        formulation,
        sheet,
        program: derived?.program ?? NO_STEPS,
        measures,
        kitchenName,
        timeZone,
        startedAtMs,
        takeOutAtMs: plannedLiftAtMs,
        rateFactor: batch.rate.factor,
      }}
      back={`/batch/${batch.id}`}
    />
  );
}
