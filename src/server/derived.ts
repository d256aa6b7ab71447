import type { DerivedBatch } from "@/contracts/at-work";
import type { BatchDetail } from "@/contracts/views";
import { formulate } from "@/core/formula/formulate";
import { exitsOf } from "@/core/program/exits";
import { programOf } from "@/core/program/program";
import { remembered } from "@/core/remembered";

const HOUR_MS = 3_600_000;

/** What many pages show of one batch is worked out once. */
const kept = remembered<DerivedBatch | undefined>(60);

/** What is derived of a batch once; undefined where its sums no longer work out. */
export function derivedOf(batch: BatchDetail): DerivedBatch | undefined {
  return kept(derivedKey(batch), () => workedOut(batch));
}

/** What it is derived from: the same, and it is the same. */
export const derivedKey = ({ formulation, rate, plannedLiftAtMs, startedAtMs }: BatchDetail): string =>
  JSON.stringify([formulation, rate.factor, plannedLiftAtMs - startedAtMs]);

function workedOut(batch: BatchDetail): DerivedBatch | undefined {
  const { formulation } = batch;
  const result = formulate(formulation, { rateFactor: batch.rate.factor });
  if (!result.ok) return undefined;
  const sheet = result.value;
  const exits = exitsOf(formulation, sheet);
  const soakH = (batch.plannedLiftAtMs - batch.startedAtMs) / HOUR_MS;
  const { food, lines, crust } = sheet;
  return { sheet: { food, lines, crust }, exits, program: programOf(formulation, sheet, { soakH, exits }) };
}
