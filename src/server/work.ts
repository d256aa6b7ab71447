import { and, eq } from "drizzle-orm";
import type { z } from "zod";
import { judgedSchema, type actRequest, type Channel, type WorkView } from "@/contracts/work";
import { batchTime } from "@/core/program/batch-clock";
import { judgedSalt, type Judged } from "@/core/journal/outcome";
import { batchRow } from "./batch-row";
import { announce } from "./changes";
import { clockOf, isToCome } from "./clock";
import { type Db, writing } from "./database";
import { checkGoesIn, GO_IN, isToGoIn, wentIn } from "./gone-in";
import { notFound, notYet } from "./problem";
import { batchActs, batches, batchEvents, batchWeights, instrumentSessions, outcomes } from "./schema";
import { knownAct, knownLine, workOutActs } from "./known-acts";
import { listPhotos } from "./photos";
import { weightsOf } from "./poured";
import { fitAgain } from "./readings";
import { shownSamples } from "./samples";
import { inAgainBy, outBy } from "./taken-out";
import { readScale } from "./scale";

/** Of a batch's row only what moves while it is at work: its formula and sheet are long, and read once elsewhere. */
const MOVES = {
  clockFromMs: batches.clockFromMs,
  clockOwnMs: batches.clockOwnMs,
  clockSpeed: batches.clockSpeed,
  scaledBy: batches.scaledBy,
  startedAtMs: batches.startedAtMs,
  liftedAtMs: batches.liftedAtMs,
};

/** Everything a device needs to show a batch at work. */
export function loadWork(db: Db, batchId: string, nowMs: number): WorkView {
  const row = db.select(MOVES).from(batches).where(eq(batches.id, batchId)).get();
  if (!row) throw notFound("batch");
  const clock = clockOf(row);
  const ownMs = batchTime(clock, nowMs);
  const acts = db.select().from(batchActs).where(eq(batchActs.batchId, batchId)).all();
  const judged = db.select().from(outcomes).where(eq(outcomes.batchId, batchId)).get();
  return {
    batchId,
    done: Object.fromEntries(acts.filter((a) => !a.notDone).map((a) => [a.actId, a.doneAtMs])),
    skipped: acts.filter((a) => a.notDone).map((a) => a.actId),
    weights: weightsOf(db, batchId),
    scaledBy: row.scaledBy,
    readings: shownSamples(db, batchId),
    instruments: db
      .select({ channel: instrumentSessions.channel })
      .from(instrumentSessions)
      .where(eq(instrumentSessions.batchId, batchId))
      .all()
      .map((s) => s.channel as Channel),
    clock,
    startedAtMs: row.startedAtMs,
    liftedAtMs: row.liftedAtMs,
    judged: judged ? judgedSchema.parse(judged.body) : null,
    scale: readScale(db, batchId, ownMs, nowMs),
    photos: listPhotos(db, batchId),
  };
}

/**
 * Confirms an act. Two people tapping do it once: the first time stands.
 * @returns the time that stands, and whether it was confirmed before
 */
export function confirmAct(
  db: Db,
  batchId: string,
  actId: string,
  { atMs, byTimer, notDone = false, deviceAheadMs }: z.infer<typeof actRequest>,
  nowMs: number,
) {
  workOutActs(batchRow(db, batchId));
  const standing = writing(db, (tx) => {
    const row = batchRow(tx, batchId);
    const before = tx
      .select()
      .from(batchActs)
      .where(and(eq(batchActs.batchId, batchId), eq(batchActs.actId, actId)))
      .get();
    if (before) return { doneAtMs: before.doneAtMs, already: true };
    knownAct(row, actId);
    if (isToCome(atMs, clockOf(row), nowMs)) throw notYet();
    if (actId === GO_IN && !notDone) {
      checkGoesIn("atMs", atMs, batchTime(clockOf(row), nowMs));
      wentIn(tx, row, atMs);
    }
    tx.insert(batchActs).values({ batchId, actId, doneAtMs: atMs, recordedAtMs: nowMs, notDone }).run();
    const kind = notDone ? "act_not_done" : byTimer ? "act_timed" : "act_done";
    tx.insert(batchEvents)
      .values({ batchId, kind, what: actId, atMs, recordedAtMs: nowMs, deviceAheadMs })
      .run();
    if (!notDone) outBy(tx, row, actId, { atMs, nowMs, deviceAheadMs });
    return { doneAtMs: atMs, already: false };
  });
  announce(batchId);
  return standing;
}

/** Takes a tap back; the record keeps both. */
export function undoAct(db: Db, batchId: string, actId: string, nowMs: number): void {
  workOutActs(batchRow(db, batchId));
  writing(db, (tx) => {
    const row = batchRow(tx, batchId);
    const gone = tx
      .delete(batchActs)
      .where(and(eq(batchActs.batchId, batchId), eq(batchActs.actId, actId)))
      .run();
    if (gone.changes === 0) return;
    if (actId === GO_IN) isToGoIn(tx, row);
    const atMs = Math.round(batchTime(clockOf(row), nowMs));
    tx.insert(batchEvents)
      .values({ batchId, kind: "act_undone", what: actId, atMs, recordedAtMs: nowMs })
      .run();
    inAgainBy(tx, row, actId, nowMs);
  });
  announce(batchId);
}

/** Keeps what a line really weighed; weighed again, the later weight stands. */
export function keepWeight(db: Db, batchId: string, lineId: string, grams: number, nowMs: number): void {
  knownLine(batchRow(db, batchId), lineId);
  const row = { batchId, lineId, grams, recordedAtMs: nowMs };
  db.insert(batchWeights)
    .values(row)
    .onConflictDoUpdate({ target: [batchWeights.batchId, batchWeights.lineId], set: row })
    .run();
  fitAgain(db, batchId);
  announce(batchId);
}

/** Scales every line still to be weighed, and those weighed, to what was poured over. */
export function scaleLines(db: Db, batchId: string, scaledBy: number): void {
  batchRow(db, batchId);
  db.update(batches).set({ scaledBy }).where(eq(batches.id, batchId)).run();
  fitAgain(db, batchId);
  announce(batchId);
}

/** A batch rehearsed faster than the clock, for the demo and for tests: its own time goes on from where it is. */
export function setPace(db: Db, batchId: string, speed: number, nowMs: number): void {
  const ownMs = Math.round(batchTime(clockOf(batchRow(db, batchId)), nowMs));
  db.update(batches)
    .set({ clockFromMs: nowMs, clockOwnMs: ownMs, clockSpeed: speed })
    .where(eq(batches.id, batchId))
    .run();
  announce(batchId);
}

/** Keeps how it turned out; judged again, the later judgement stands. */
export function judgeBatch(db: Db, batchId: string, judged: Judged, nowMs: number): void {
  writing(db, (tx) => {
    batchRow(tx, batchId);
    const row = { batchId, body: judged, judgedAtMs: nowMs };
    tx.insert(outcomes).values(row).onConflictDoUpdate({ target: outcomes.batchId, set: row }).run();
    tx.update(batches)
      .set({ saltScore: judgedSalt(judged) ?? null })
      .where(eq(batches.id, batchId))
      .run();
    tx.insert(batchEvents).values({ batchId, kind: "judged", atMs: nowMs, recordedAtMs: nowMs }).run();
  });
  announce(batchId);
}
