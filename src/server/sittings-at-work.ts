import { planFollowed, tableOf } from "@/contracts/plan-followed";
import type { SittingAtWork } from "@/contracts/at-work";
import type { SittingView } from "@/contracts/sitting";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { batchTime } from "@/core/program/batch-clock";
import type { WholeDb } from "./database";
import { sittingPlanned } from "./planned";
import { FORECAST_MOVED_MS } from "./plans";
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

function atWork(sitting: SittingView, nowMs: number): SittingAtWork | undefined {
  const { id, body, plan, plainDone, clock } = sitting;
  const goesBy = planFollowed(plan);
  if (!goesBy) return undefined;
  const today = body.tableMs - PLAIN_BEFORE_MS <= batchTime(clock, nowMs);
  return {
    id,
    name: body.name,
    clock,
    tableMs: tableOf(body.tableMs, goesBy),
    lateMin: goesBy.late?.byMin ?? 0,
    notHeld: plan.answer.status === "planned" ? null : foretoldLate(sitting, goesBy.tasks),
    tasks: goesBy.tasks,
    batches: body.dishes.flatMap((d) => (d.kind === "running" ? [{ dishId: d.id, batchId: d.batchId }] : [])),
    plain: today ? body.dishes.filter((d) => d.kind === "plain") : [],
    plainDone,
  };
}

function foretoldLate(
  { running }: Pick<SittingView, "running">,
  tasks: readonly PlannedTask[],
): { name: string; outMs: number }[] {
  return running
    .flatMap(({ id, name, outMs = {} }) => {
      const planned = tasks.filter((t) => t.dishId === id && t.kind === "ovenOut").map((t) => t.startMs);
      const foretold = Math.max(...Object.values(outMs));
      return foretold > Math.max(...planned) + FORECAST_MOVED_MS ? [{ name, outMs: foretold }] : [];
    })
    .sort((a, b) => b.outMs - a.outMs);
}
