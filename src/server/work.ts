import { and, asc, eq } from "drizzle-orm";
import type { z } from "zod";
import {
  batchTime,
  judgedSchema,
  type BatchClock,
  type Channel,
  type sampleRequest,
  type WorkView,
} from "@/contracts/work";
import type { Judged } from "@/core/journal/outcome";
import { announce } from "./changes";
import type { Db } from "./database";
import { notFound, Refusal } from "./problem";
import {
  batchActs,
  batches,
  batchEvents,
  batchWeights,
  instrumentSessions,
  outcomes,
  samples,
} from "./schema";
import { takeSamples } from "./instruments";

/** A device's clock may be so far ahead of the server's. */
const AHEAD_MS = 60_000;
const NEWEST_SAMPLES = 3000;

function rowOf(db: Db, batchId: string) {
  const row = db.select().from(batches).where(eq(batches.id, batchId)).get();
  if (!row) throw notFound("batch");
  return row;
}

export const clockOf = (row: { clockFromMs: number | null; clockSpeed: number }): BatchClock => ({
  fromMs: row.clockFromMs,
  speed: row.clockSpeed,
});

/** Everything a device needs to show a batch at work; simulated instruments catch up first. */
export function loadWork(db: Db, batchId: string, nowMs: number): WorkView {
  const row = rowOf(db, batchId);
  const clock = clockOf(row);
  takeSamples(db, row, batchTime(clock, nowMs));
  const judged = db.select().from(outcomes).where(eq(outcomes.batchId, batchId)).get();
  return {
    batchId,
    done: Object.fromEntries(
      db
        .select()
        .from(batchActs)
        .where(eq(batchActs.batchId, batchId))
        .all()
        .map((a) => [a.actId, a.doneAtMs]),
    ),
    weights: Object.fromEntries(
      db
        .select()
        .from(batchWeights)
        .where(eq(batchWeights.batchId, batchId))
        .all()
        .map((w) => [w.lineId, w.grams]),
    ),
    readings: db
      .select({ channel: samples.channel, atMs: samples.atMs, value: samples.value })
      .from(samples)
      .where(eq(samples.batchId, batchId))
      .orderBy(asc(samples.atMs))
      .limit(NEWEST_SAMPLES)
      .all() as WorkView["readings"],
    instruments: db
      .select({ channel: instrumentSessions.channel })
      .from(instrumentSessions)
      .where(eq(instrumentSessions.batchId, batchId))
      .all()
      .map((s) => s.channel as Channel),
    clock,
    judged: judged ? judgedSchema.parse(judged.body) : null,
  };
}

/**
 * Confirms an act. Two people tapping do it once: the first time stands.
 * @returns the time that stands, and whether it was confirmed before
 */
export function confirmAct(db: Db, batchId: string, actId: string, atMs: number, nowMs: number) {
  const standing = db.transaction((tx) => {
    const row = rowOf(tx, batchId);
    const before = tx
      .select()
      .from(batchActs)
      .where(and(eq(batchActs.batchId, batchId), eq(batchActs.actId, actId)))
      .get();
    if (before) return { doneAtMs: before.doneAtMs, already: true };
    if (atMs > batchTime(clockOf(row), nowMs) + AHEAD_MS * row.clockSpeed)
      throw new Refusal(422, "Not yet", "An act is done now or was done before, not in time to come.", {
        issues: [{ path: "atMs", message: "not later than now" }],
      });
    tx.insert(batchActs).values({ batchId, actId, doneAtMs: atMs, recordedAtMs: nowMs }).run();
    tx.insert(batchEvents)
      .values({ batchId, kind: "act_done", what: actId, atMs, recordedAtMs: nowMs })
      .run();
    return { doneAtMs: atMs, already: false };
  });
  announce(batchId);
  return standing;
}

/** Takes a tap back; the record keeps both. */
export function undoAct(db: Db, batchId: string, actId: string, nowMs: number): void {
  db.transaction((tx) => {
    const row = rowOf(tx, batchId);
    const gone = tx
      .delete(batchActs)
      .where(and(eq(batchActs.batchId, batchId), eq(batchActs.actId, actId)))
      .run();
    if (gone.changes === 0) return;
    const atMs = Math.round(batchTime(clockOf(row), nowMs));
    tx.insert(batchEvents)
      .values({ batchId, kind: "act_undone", what: actId, atMs, recordedAtMs: nowMs })
      .run();
  });
  announce(batchId);
}

/** Keeps what a line really weighed; weighed again, the later weight stands. */
export function keepWeight(db: Db, batchId: string, lineId: string, grams: number, nowMs: number): void {
  rowOf(db, batchId);
  const row = { batchId, lineId, grams, recordedAtMs: nowMs };
  db.insert(batchWeights)
    .values(row)
    .onConflictDoUpdate({ target: [batchWeights.batchId, batchWeights.lineId], set: row })
    .run();
  announce(batchId);
}

/** Keeps a reading, typed or streamed; the same instant twice is kept once. */
export function keepSample(db: Db, batchId: string, sample: z.infer<typeof sampleRequest>): void {
  rowOf(db, batchId);
  db.insert(samples)
    .values({ batchId, ...sample })
    .onConflictDoNothing()
    .run();
  announce(batchId);
}

/** A batch rehearsed faster than the clock: for the demo and for tests. */
export function setPace(db: Db, batchId: string, speed: number, nowMs: number): void {
  const row = rowOf(db, batchId);
  // The batch's own time does not jump when its pace changes: it goes on from where it is.
  const fromMs = speed === 1 && row.clockFromMs === null ? null : nowMs;
  const ownNow = batchTime(clockOf(row), nowMs);
  const shiftMs = fromMs === null ? 0 : ownNow - nowMs;
  db.transaction((tx) => {
    tx.update(batches)
      .set({
        clockFromMs: fromMs,
        clockSpeed: speed,
        // Times already kept are in the batch's own time; moved back so that own time and wall meet at this instant.
        startedAtMs: Math.round(row.startedAtMs - shiftMs),
        plannedLiftAtMs: Math.round(row.plannedLiftAtMs - shiftMs),
        ...(row.liftedAtMs !== null && { liftedAtMs: Math.round(row.liftedAtMs - shiftMs) }),
      })
      .where(eq(batches.id, batchId))
      .run();
    if (shiftMs !== 0) shiftKept(tx, batchId, Math.round(shiftMs));
  });
  announce(batchId);
}

function shiftKept(db: Db, batchId: string, shiftMs: number): void {
  for (const act of db.select().from(batchActs).where(eq(batchActs.batchId, batchId)).all())
    db.update(batchActs)
      .set({ doneAtMs: act.doneAtMs - shiftMs })
      .where(and(eq(batchActs.batchId, batchId), eq(batchActs.actId, act.actId)))
      .run();
  const kept = db.select().from(samples).where(eq(samples.batchId, batchId)).all();
  db.delete(samples).where(eq(samples.batchId, batchId)).run();
  for (const s of kept)
    db.insert(samples)
      .values({ ...s, atMs: s.atMs - shiftMs })
      .run();
  for (const s of db.select().from(instrumentSessions).where(eq(instrumentSessions.batchId, batchId)).all())
    db.update(instrumentSessions)
      .set({ fromMs: s.fromMs - shiftMs })
      .where(and(eq(instrumentSessions.batchId, batchId), eq(instrumentSessions.channel, s.channel)))
      .run();
}

/** Keeps how it turned out; judged again, the later judgement stands. */
export function judgeBatch(db: Db, batchId: string, judged: Judged, nowMs: number): void {
  db.transaction((tx) => {
    rowOf(tx, batchId);
    const row = { batchId, body: judged, judgedAtMs: nowMs };
    tx.insert(outcomes).values(row).onConflictDoUpdate({ target: outcomes.batchId, set: row }).run();
    tx.update(batches)
      .set({ saltScore: judged.salt ?? null })
      .where(eq(batches.id, batchId))
      .run();
    tx.insert(batchEvents).values({ batchId, kind: "judged", atMs: nowMs, recordedAtMs: nowMs }).run();
  });
  announce(batchId);
}
