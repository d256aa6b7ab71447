import { and, eq, sql } from "drizzle-orm";
import type { Db } from "./database";
import { Refusal } from "./problem";
import { fitAgain } from "./readings";
import { batches, batchEvents } from "./schema";
import * as words from "@/words/server/gone-in";

/*
 * When the food went in. A batch begins at the hour it was started for; ticked off, it went in when it was ticked off, and
 * whatever counts hours (the rail, readings, the record, what is learnt) counts from there. The hour of the plan stays in the
 * event of its start.
 */

/** The act that puts the food into its salt. */
export const GO_IN = "go_in";

const DAY_MS = 86_400_000;
/** How far from now food may be said to go in: entered a few days late, planned a month ahead. */
const PAST_MS = 14 * DAY_MS;
const AHEAD_MS = 31 * DAY_MS;

/** @throws Refusal 422 where food would go in too long ago, or too far ahead */
export function checkGoesIn(path: string, atMs: number, nowMs: number): void {
  if (atMs >= nowMs - PAST_MS && atMs <= nowMs + AHEAD_MS) return;
  throw new Refusal(422, words.startTimeOutOfReach, words.aBatchStartsWithinThe, {
    issues: [{ path, message: words.withinTheLast14Days }],
  });
}

type Begun = Pick<typeof batches.$inferSelect, "id" | "startedAtMs" | "plannedLiftAtMs" | "liftedAtMs">;

/** It went in then, and is planned to stay as long as before. What came out before it went in keeps its hours. */
export function wentIn(db: Db, row: Begun, atMs: number): void {
  const laterMs = atMs - row.startedAtMs;
  if (laterMs === 0 || (row.liftedAtMs !== null && row.liftedAtMs < atMs)) return;
  db.update(batches)
    .set({ startedAtMs: atMs, plannedLiftAtMs: row.plannedLiftAtMs + laterMs })
    .where(eq(batches.id, row.id))
    .run();
  fitAgain(db, row.id);
}

/** That it went in was taken back: the hour of the plan stands again. */
export function isToGoIn(db: Db, row: Begun): void {
  const planned = db
    .select({ atMs: batchEvents.atMs })
    .from(batchEvents)
    .where(and(eq(batchEvents.batchId, row.id), eq(batchEvents.kind, "started")))
    .get();
  if (planned) wentIn(db, row, planned.atMs);
}

/** The same for rows of a kitchen that was put in place whole: an earlier program kept the hour of the plan. */
export const settleWentIn = (db: Db): void => void db.run(SETTLE);

const SETTLE = sql`
  UPDATE batches SET
    planned_lift_at_ms = planned_lift_at_ms + act.done_at_ms - started_at_ms,
    started_at_ms = act.done_at_ms
  FROM batch_acts AS act
  WHERE act.batch_id = batches.id AND act.act_id = ${GO_IN} AND NOT act.not_done
    AND act.done_at_ms <> started_at_ms AND (lifted_at_ms IS NULL OR lifted_at_ms >= act.done_at_ms)`;
