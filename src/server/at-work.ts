import { planFollowed, tableOf } from "@/contracts/plan";
import type { AtWorkView, SittingAtWork } from "@/contracts/at-work";
import { loadBatch, runningBatches, unjudgedBatches } from "./batches";
import type { Db } from "./database";
import { loadKitchen } from "./kitchen";
import { listSittings, loadSitting } from "./sittings";
import { loadWork } from "./work";

const HOUR_MS = 3_600_000;
/** A sitting is at work from so long before its table to so long after. */
const BEFORE_MS = 72 * HOUR_MS;
const AFTER_MS = 6 * HOUR_MS;
/** What is only cooked is shown on the day itself. */
const PLAIN_BEFORE_MS = 12 * HOUR_MS;
const UNJUDGED = 6;

/** Everything at work now, and the batch that was asked for with it. @throws Refusal 404 where that is not there */
export function loadAtWorkView(db: Db, focusId: string | null, nowMs: number): AtWorkView {
  const open = [...runningBatches(db), ...unjudgedBatches(db, UNJUDGED)].map((b) => b.id);
  const ids = focusId === null || open.includes(focusId) ? open : [focusId, ...open];
  return {
    kitchen: loadKitchen(db),
    batches: ids.map((id) => loadBatch(db, id)),
    works: ids.map((id) => loadWork(db, id, nowMs)),
    sittings: sittingsAtWork(db, nowMs),
    focusId,
    nowMs,
  };
}

/** Sittings somebody has begun, or is about to: their decided plans. */
export function sittingsAtWork(db: Db, nowMs: number): SittingAtWork[] {
  return (
    listSittings(db)
      // One of which nothing is begun is not at work, only planned: its plan is not asked for.
      .filter(({ tableMs, begun }) => begun && tableMs - BEFORE_MS <= nowMs && nowMs <= tableMs + AFTER_MS)
      .flatMap(({ id }): SittingAtWork[] => {
        const { body, plan, plainDone } = loadSitting(db, id, nowMs);
        const batches = body.dishes.flatMap((d) =>
          d.kind === "running" ? [{ dishId: d.id, batchId: d.batchId }] : [],
        );
        const goesBy = planFollowed(plan);
        if (!goesBy) return [];
        const today = body.tableMs - PLAIN_BEFORE_MS <= nowMs;
        return [
          {
            id,
            name: body.name,
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
