import { formulationSchema } from "@/contracts/formulation";
import { sheetSnapshotSchema } from "@/contracts/sheet";
import { outcomeAt } from "@/core/formula/account/outcome";
import { formulate } from "@/core/formula/formulate";
import { remembered } from "@/core/remembered";
import type { batches } from "./schema";

const HOUR_MS = 3_600_000;

type Lifted = Pick<
  typeof batches.$inferSelect,
  "sheet" | "body" | "rateFactor" | "startedAtMs" | "liftedAtMs"
>;

/** Nearer than this to the planned hour the sheet's own figure stands, of the hours. */
const AS_PLANNED = 0.02;
const lifted = remembered<number | undefined>(400);

/** Salt that went to the heat, share of finished flesh: at the hour it was really lifted out, where that was not the planned one. */
export function saltAsLifted({ sheet, body, rateFactor, startedAtMs, liftedAtMs }: Lifted): number {
  const planned = sheetSnapshotSchema.parse(sheet).atPull.meanFraction;
  const f = formulationSchema.parse(body);
  const hours = ((liftedAtMs ?? startedAtMs) - startedAtMs) / HOUR_MS;
  if (Math.abs(hours - f.pullH) <= AS_PLANNED * f.pullH) return planned;
  const found = lifted(JSON.stringify([body, rateFactor, hours]), () => {
    const worked = formulate(f, { rateFactor });
    return worked.ok ? outcomeAt(worked.value, hours, f.portions).toHeat.meanFraction : undefined;
  });
  return found ?? planned;
}
