import { planFollowed, tableOf } from "@/contracts/plan-followed";
import type { SittingAtWork } from "@/contracts/at-work";
import type { SittingView } from "@/contracts/sitting";
import { batchTime } from "@/core/program/batch-clock";
import type { WholeDb } from "./database";
import { sittingPlanned } from "./planned";
import { listSittings } from "./sittings";

const HOUR_MS = 3_600_000;
/** A sitting is at work from so long before its table to so long after. */
const BEFORE_MS = 72 * HOUR_MS;
const AFTER_MS = 6 * HOUR_MS;
/** What is only cooked is shown on the day itself. */
const PLAIN_BEFORE_MS = 12 * HOUR_MS;

/** Sittings somebody has begun, or is about to: their decided plans. Of a rehearsed one, it alone. */
export async function sittingsAtWork(
  db: WholeDb,
  nowMs: number,
  rehearsalId?: string,
): Promise<SittingAtWork[]> {
  // One of which nothing is begun is not at work, only planned: its plan is not asked for.
  const at = listSittings(db).filter(({ id, tableMs, begun, clock }) => {
    if ((clock.fromMs === null ? undefined : id) !== rehearsalId) return false;
    const ownMs = batchTime(clock, nowMs);
    return begun && tableMs - BEFORE_MS <= ownMs && ownMs <= tableMs + AFTER_MS;
  });
  const views = await Promise.all(at.map(({ id }) => sittingPlanned(db, id, nowMs)));
  return views.flatMap((view) => atWork(view, nowMs) ?? []);
}

function atWork({ id, body, plan, plainDone, clock }: SittingView, nowMs: number): SittingAtWork | undefined {
  const goesBy = planFollowed(plan);
  if (!goesBy) return undefined;
  const today = body.tableMs - PLAIN_BEFORE_MS <= batchTime(clock, nowMs);
  return {
    id,
    name: body.name,
    clock,
    tableMs: tableOf(body.tableMs, goesBy),
    lateMin: goesBy.late?.byMin ?? 0,
    tasks: goesBy.tasks,
    batches: body.dishes.flatMap((d) => (d.kind === "running" ? [{ dishId: d.id, batchId: d.batchId }] : [])),
    plain: today ? body.dishes.filter((d) => d.kind === "plain") : [],
    plainDone,
  };
}
