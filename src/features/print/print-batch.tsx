import type { BatchView, KitchenView } from "@/contracts/views";
import { formulate } from "@/core/formula/formulate";
import { programOf } from "@/core/program/program";
import type { Program } from "@/core/program/step";
import { PrintPage } from "./print-page";

const HOUR_MS = 3_600_000;
/** A batch whose sums no longer work out has its sheet still, and no steps. */
const NO_STEPS: Program = { steps: [], ties: [], soakH: 0, readyMin: 0, tableMin: 0 };

/** The sheet and labels of a started batch, as computed when it was started, and what is done by its own hours. */
export function PrintBatch({ kitchen, batch }: { kitchen: KitchenView; batch: BatchView }) {
  const { formulation, sheet, startedAtMs, plannedLiftAtMs, timeZone } = batch;
  const { measures, name: kitchenName } = kitchen;
  const worked = formulate(formulation, { rateFactor: batch.rate.factor });
  const program = worked.ok
    ? programOf(formulation, worked.value, { soakH: (plannedLiftAtMs - startedAtMs) / HOUR_MS })
    : NO_STEPS;
  return (
    <PrintPage
      data={{
        formulation,
        sheet,
        program,
        measures,
        kitchenName,
        timeZone,
        startedAtMs,
        rateFactor: batch.rate.factor,
      }}
      back={`/batch/${batch.id}`}
    />
  );
}
