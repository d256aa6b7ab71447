import { formulationSchema } from "@/contracts/formulation";
import { sheetSnapshotSchema } from "@/contracts/sheet";
import { outcomeAt } from "@/core/formula/account/outcome";
import { formulate } from "@/core/formula/formulate";
import type { Poured } from "@/core/formula/weigh/as-poured";
import { remembered } from "@/core/remembered";
import { batchRow, type BatchRow } from "./batch-row";
import type { Db } from "./database";
import { pouredOf } from "./poured";

const HOUR_MS = 3_600_000;

type Lifted = Pick<BatchRow, "sheet" | "body" | "rateFactor" | "startedAtMs" | "liftedAtMs">;

/** Nearer than this to the planned hour the sheet's own figure stands, of the hours. */
const AS_PLANNED = 0.02;
const lifted = remembered<number | undefined>(400);

const plannedOf = ({ sheet }: Pick<Lifted, "sheet">): number =>
  sheetSnapshotSchema.parse(sheet).atPull.meanFraction;

/**
 * Salt that went to the heat, share of finished flesh: at the hour it was really lifted out and of what was really weighed,
 * where that was not as planned.
 */
export function saltAsLifted(
  { sheet, body, rateFactor, startedAtMs, liftedAtMs }: Lifted,
  poured: Poured | undefined,
): number {
  const planned = plannedOf({ sheet });
  const f = formulationSchema.parse(body);
  const hours = ((liftedAtMs ?? startedAtMs) - startedAtMs) / HOUR_MS;
  if (!poured && Math.abs(hours - f.pullH) <= AS_PLANNED * f.pullH) return planned;
  const found = lifted(JSON.stringify([body, rateFactor, hours, poured]), () => {
    const worked = formulate(f, { rateFactor, poured });
    return worked.ok ? outcomeAt(worked.value, hours, f.portions).toHeat.meanFraction : undefined;
  });
  return found ?? planned;
}

/** The same of a batch by its id; what was planned where it is not out yet. @throws Refusal 404 */
export function saltHeld(db: Db, batchId: string): number {
  const row = batchRow(db, batchId);
  if (row.liftedAtMs === null) return plannedOf(row);
  return saltAsLifted(row, pouredOf(db, batchId));
}
