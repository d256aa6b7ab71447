import type { BatchView, KitchenView } from "@/contracts/views";
import { PrintPage } from "./print-page";

/** The sheet and labels of a started batch, as computed when it was started. */
export function PrintBatch({ kitchen, batch }: { kitchen: KitchenView; batch: BatchView }) {
  const { formulation, sheet, startedAtMs, timeZone } = batch;
  const { measures, name: kitchenName } = kitchen;
  return (
    <PrintPage
      data={{ formulation, sheet, measures, kitchenName, timeZone, startedAtMs }}
      back={`/batch/${batch.id}`}
    />
  );
}
