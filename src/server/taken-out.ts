import { and, eq } from "drizzle-orm";
import { formulationSchema } from "@/contracts/formulation";
import { isBaked } from "@/core/preparations";
import { showsItOut, takesItOut, wentOn } from "@/core/program/out";
import { batchRow, type BatchRow } from "./batch-row";
import { announce } from "./changes";
import { clockOf, isToCome } from "./clock";
import { type Db, writing } from "./database";
import { GO_IN, isToGoIn, wentIn } from "./gone-in";
import { kindsOf, workOutActs, type ActsOf } from "./known-acts";
import { Refusal } from "./problem";
import { batchActs, batches, batchEvents } from "./schema";
import * as words from "@/words/server/taken-out";

/*
 * When the food left its salt. It is told in two ways, by a button on the Shelf and by the acts at work, and is one fact:
 * whichever came first stands, and each is shown by the other.
 */

/**
 * Marks the lift-out. Two cooks tapping at once lift it once: the first time stands.
 * @param deviceAheadMs by how much the clock of the device was ahead, where `atMs` was set right by that
 * @returns the time that stands, and whether it was marked before
 * @throws Refusal 404; 422 where it was not in yet, or in time to come
 */
export function liftBatch(db: Db, batchId: string, atMs: number, nowMs: number, deviceAheadMs?: number) {
  workOutActs(batchRow(db, batchId));
  const lifted = writing(db, (tx) => {
    const row = batchRow(tx, batchId);
    if (row.liftedAtMs !== null) return { liftedAtMs: row.liftedAtMs, already: true };
    if (atMs < row.startedAtMs || isToCome(atMs, clockOf(row), nowMs)) {
      throw new Refusal(422, words.timeOfTakingOutIs, words.itIsTakenOutBetween, {
        issues: [{ path: "atMs", message: words.betweenTheStartOfThe }],
      });
    }
    markOut(tx, row, { atMs, nowMs, deviceAheadMs });
    const [actId] = outActs(row).taking;
    if (actId !== undefined)
      tx.insert(batchActs)
        .values({ batchId, actId, doneAtMs: atMs, recordedAtMs: nowMs })
        .onConflictDoNothing()
        .run();
    return { liftedAtMs: atMs, already: false };
  });
  announce(batchId);
  return lifted;
}

/**
 * Takes a lift-out back; the record keeps both taps.
 * @throws Refusal 409 where something was ticked off since that is only done with what is out
 */
export function undoLift(db: Db, batchId: string, nowMs: number): void {
  workOutActs(batchRow(db, batchId));
  writing(db, (tx) => {
    const row = batchRow(tx, batchId);
    if (row.liftedAtMs === null) return;
    if (hasGoneOn(tx, row)) throw new Refusal(409, words.itWentOn, words.takeBackAtWorkFirst);
    for (const actId of outActs(row).taking)
      tx.delete(batchActs)
        .where(and(eq(batchActs.batchId, batchId), eq(batchActs.actId, actId)))
        .run();
    markIn(tx, row, nowMs);
  });
  announce(batchId);
}

/** Whether something was ticked off since it was out that is only done with what is out. */
export const hasGoneOn = (db: Db, row: Pick<BatchRow, "id"> & ActsOf): boolean => {
  const done = doneIn(db, row.id);
  return wentOn(kindsOf(row), (id) => done.has(id), isBaked(formulationSchema.parse(row.body)));
};

interface Told {
  atMs: number;
  nowMs: number;
  deviceAheadMs?: number | undefined;
}

/** An act was ticked off: where it shows that the food is out, it is out since then. */
export function outBy(tx: Db, row: BatchRow, actId: string, told: Told): void {
  if (row.liftedAtMs !== null || !outActs(row).showing.includes(actId)) return;
  // What is said not to have gone in, or is cooked before it was to, stood no time at all.
  const stood = told.atMs >= row.startedAtMs && !doneIn(tx, row.id, true).has(GO_IN);
  if (!stood) wentIn(tx, row, told.atMs);
  markOut(tx, row, told);
}

/** An act was taken back: where no other shows it out any more, it is in again. */
export function inAgainBy(tx: Db, row: BatchRow, actId: string, nowMs: number): void {
  const { showing } = outActs(row);
  if (row.liftedAtMs === null || !showing.includes(actId)) return;
  const done = doneIn(tx, row.id);
  if (!showing.some((id) => done.has(id))) markIn(tx, row, nowMs);
}

function markOut(tx: Db, { id: batchId }: BatchRow, { atMs, nowMs, deviceAheadMs }: Told): void {
  tx.update(batches).set({ liftedAtMs: atMs }).where(eq(batches.id, batchId)).run();
  tx.insert(batchEvents).values({ batchId, kind: "lifted", atMs, recordedAtMs: nowMs, deviceAheadMs }).run();
}

function markIn(tx: Db, row: BatchRow, nowMs: number): void {
  tx.update(batches).set({ liftedAtMs: null }).where(eq(batches.id, row.id)).run();
  tx.insert(batchEvents)
    .values({ batchId: row.id, kind: "lift_undone", atMs: nowMs, recordedAtMs: nowMs })
    .run();
  if (!doneIn(tx, row.id).has(GO_IN)) isToGoIn(tx, { ...row, liftedAtMs: null });
}

/** Acts of a batch that take its food out, and all that show it is out. */
function outActs(row: BatchRow): { taking: string[]; showing: string[] } {
  const baked = isBaked(formulationSchema.parse(row.body));
  const kinds = [...kindsOf(row)];
  const ids = (is: typeof showsItOut) => kinds.filter(([, kind]) => is(kind, baked)).map(([id]) => id);
  return { taking: ids(takesItOut), showing: ids(showsItOut) };
}

/** @param notDone those that were said not to be done instead */
const doneIn = (db: Db, batchId: string, notDone = false): Set<string> =>
  new Set(
    db
      .select({ id: batchActs.actId })
      .from(batchActs)
      .where(and(eq(batchActs.batchId, batchId), eq(batchActs.notDone, notDone)))
      .all()
      .map((act) => act.id),
  );
