import type { Running, SittingDish } from "@/contracts/sitting";
import { isBaked } from "@/core/preparations";
import { SET_ASIDE_AFTER_MIN } from "@/core/program/at-work";
import { exitsOf } from "@/core/program/exits";
import { foreseeDone } from "@/core/program/foresee";
import { loadBatch } from "./batch-views";
import type { Db } from "./database";
import { Refusal } from "./problem";
import { sheetOf } from "./sheets";
import { loadWork } from "./work";

const HOUR_MS = 3_600_000;
const MIN_MS = 60_000;

/** A batch as the planner needs it: what was done, and what its probes foresee. Undefined where it is gone. */
export function runningOf(
  db: Db,
  { id, name, batchId }: Extract<SittingDish, { kind: "running" }>,
  { nowMs, ownMs }: { nowMs: number; ownMs: number },
): Running | undefined {
  try {
    const batch = loadBatch(db, batchId);
    const work = loadWork(db, batchId, nowMs);
    const doneMs: Record<string, number> = { ...work.done };
    for (const act of work.skipped) doneMs[act] = ownMs;
    // Gone in by the clock, where nobody ticked it off for so long; until then it is still to be done, and the plan may move it.
    if (batch.startedAtMs <= ownMs - SET_ASIDE_AFTER_MIN * MIN_MS) doneMs.go_in ??= batch.startedAtMs;
    if (work.liftedAtMs !== null) doneMs.lift_out ??= work.liftedAtMs;
    const outMs = forecastsOf(batch.formulation, batch.rate.factor, doneMs, work.readings);
    return {
      kind: "batch",
      id,
      name,
      batchId,
      formulation: batch.formulation,
      rateFactor: batch.rate.factor,
      soakH: (batch.plannedLiftAtMs - batch.startedAtMs) / HOUR_MS,
      doneMs,
      ...(Object.keys(outMs).length > 0 && { outMs }),
    };
  } catch (error) {
    if (error instanceof Refusal && error.status === 404) return undefined;
    throw error;
  }
}

/** When each exit that is in the heat is foretold to come out. */
function forecastsOf(
  formulation: Running["formulation"],
  rateFactor: number,
  doneMs: Record<string, number>,
  readings: { channel: string; atMs: number; value: number }[],
): Record<string, number> {
  const crust = isBaked(formulation);
  const anyInMs =
    doneMs.stage_1 ?? doneMs.p1_stage_1 ?? doneMs.p2_stage_1 ?? (crust ? doneMs.go_in : undefined);
  if (anyInMs === undefined || readings.length === 0) return {};
  const sheet = sheetOf(formulation, rateFactor);
  if (!sheet) return {};
  const apart = formulation.cook?.apart === true;
  return Object.fromEntries(
    exitsOf(formulation, sheet).flatMap((exit, i) => {
      const inMs = apart ? doneMs[`p${i + 1}_stage_1`] : anyInMs;
      const out = doneMs[apart ? `p${i + 1}_oven_out` : "oven_out"];
      if (inMs === undefined || out !== undefined || (!apart && i > 0)) return [];
      const { forecast } = foreseeDone(sheet, exit, inMs, readings);
      return forecast ? [[exit.channel, Math.round(inMs + forecast.doneMin * MIN_MS)]] : [];
    }),
  );
}
