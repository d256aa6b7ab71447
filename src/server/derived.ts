import type { DerivedBatch } from "@/contracts/at-work";
import type { BatchDetail } from "@/contracts/views";
import { formulate } from "@/core/formula/formulate";
import { exitsOf } from "@/core/program/exits";
import { programOf } from "@/core/program/program";

const HOUR_MS = 3_600_000;

/** What is derived of a batch; undefined where its sums no longer work out. */
export function derivedOf(batch: BatchDetail): DerivedBatch | undefined {
  const { formulation } = batch;
  const result = formulate(formulation, { rateFactor: batch.rate.factor });
  if (!result.ok) return undefined;
  const sheet = result.value;
  const exits = exitsOf(formulation, sheet);
  const soakH = (batch.plannedLiftAtMs - batch.startedAtMs) / HOUR_MS;
  const { food, lines, crust } = sheet;
  return { sheet: { food, lines, crust }, exits, program: programOf(formulation, sheet, { soakH, exits }) };
}
