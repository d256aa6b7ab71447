import { planFollowed, tableOf } from "@/contracts/plan-followed";
import type { AtWorkView, DerivedBatch, SittingAtWork } from "@/contracts/at-work";
import type { BatchDetail } from "@/contracts/views";
import { formulate } from "@/core/formula/formulate";
import { batchTime } from "@/core/program/batch-clock";
import { exitsOf } from "@/core/program/exits";
import { programOf } from "@/core/program/program";
import { loadBatch, runningBatches, UNJUDGED_AT_WORK, unjudgedBatches } from "./batches";
import type { Db } from "./database";
import { loadKitchen } from "./kitchen";
import { hubOf } from "./live/hub";
import { rehearsedBatches } from "./rehearsed";
import { listSittings, loadSitting } from "./sittings";

const HOUR_MS = 3_600_000;
/** A sitting is at work from so long before its table to so long after. */
const BEFORE_MS = 72 * HOUR_MS;
const AFTER_MS = 6 * HOUR_MS;
/** What is only cooked is shown on the day itself. */
const PLAIN_BEFORE_MS = 12 * HOUR_MS;
interface Focus {
  /** The batch the page was opened for. */
  batchId?: string;
  /** A rehearsed sitting: it alone is shown, and nowhere else. */
  rehearsalId?: string;
}

/** Everything at work now, and the batch that was asked for with it. @throws Refusal 404 where that is not there */
export function loadAtWorkView(db: Db, { batchId: focusId, rehearsalId }: Focus, nowMs: number): AtWorkView {
  const rehearsed = rehearsedBatches(db);
  const open = [...runningBatches(db), ...unjudgedBatches(db, UNJUDGED_AT_WORK)]
    .map((b) => b.id)
    .filter((id) => rehearsed.get(id) === rehearsalId);
  const ids = focusId === undefined || open.includes(focusId) ? open : [focusId, ...open];
  const batches = ids.map((id) => loadBatch(db, id));
  return {
    kitchen: loadKitchen(db),
    batches,
    derived: derivedById(batches),
    works: ids.map((id) => hubOf(db).look(id)),
    sittings: sittingsAtWork(db, nowMs, rehearsalId),
    focusId: focusId ?? null,
    rehearsalId: rehearsalId ?? null,
    nowMs,
  };
}

function derivedById(batches: readonly BatchDetail[]): Record<string, DerivedBatch> {
  return Object.fromEntries(
    batches.flatMap((batch) => {
      const derived = derivedOf(batch);
      return derived ? [[batch.id, derived]] : [];
    }),
  );
}

/** What is derived of a batch once; undefined where its sums no longer work out. */
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

/** Sittings somebody has begun, or is about to: their decided plans. Of a rehearsed one, it alone. */
export function sittingsAtWork(db: Db, nowMs: number, rehearsalId?: string): SittingAtWork[] {
  return (
    listSittings(db)
      // One of which nothing is begun is not at work, only planned: its plan is not asked for.
      .filter(({ id, tableMs, begun, clock }) => {
        if ((clock.fromMs === null ? undefined : id) !== rehearsalId) return false;
        const ownMs = batchTime(clock, nowMs);
        return begun && tableMs - BEFORE_MS <= ownMs && ownMs <= tableMs + AFTER_MS;
      })
      .flatMap(({ id }): SittingAtWork[] => {
        const { body, plan, plainDone, clock } = loadSitting(db, id, nowMs);
        const batches = body.dishes.flatMap((d) =>
          d.kind === "running" ? [{ dishId: d.id, batchId: d.batchId }] : [],
        );
        const goesBy = planFollowed(plan);
        if (!goesBy) return [];
        const today = body.tableMs - PLAIN_BEFORE_MS <= batchTime(clock, nowMs);
        return [
          {
            id,
            name: body.name,
            clock,
            tableMs: tableOf(body.tableMs, goesBy),
            lateMin: goesBy.late?.byMin ?? 0,
            tasks: goesBy.tasks,
            batches,
            plain: today ? body.dishes.filter((d) => d.kind === "plain") : [],
            plainDone,
          },
        ];
      })
  );
}
