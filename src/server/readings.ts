import { and, asc, eq } from "drizzle-orm";
import { isDeepStrictEqual } from "node:util";
import { formulationSchema } from "@/contracts/formulation";
import { readingBody, type ReadingRequest } from "@/contracts/requests";
import { formulate } from "@/core/formula/formulate";
import { learnRate } from "@/core/learned/learn-rate";
import { hasBath } from "@/core/preparations";
import { batchRow, type BatchRow } from "./batch-row";
import { type Db, writing } from "./database";
import { keepRate } from "./kitchen";
import { pouredOf } from "./poured";
import { Refusal } from "./problem";
import { batches, readings } from "./schema";
import * as words from "@/words/server/readings";

const HOUR_MS = 3_600_000;

/** A batch's readings in the order of their time. */
export function readingsOf(db: Db, batchId: string) {
  return db
    .select()
    .from(readings)
    .where(eq(readings.batchId, batchId))
    .orderBy(asc(readings.atMs), asc(readings.id))
    .all()
    .map(({ id, atMs, body }) => ({ id, atMs, reading: readingBody.parse(body) }));
}

/**
 * Stores a reading and fits the batch's rate to all of them, from what was known at its start. The same reading of the same
 * instant is one reading: a device whose answer was lost sends it again.
 */
export const addReading = (db: Db, batchId: string, request: ReadingRequest, nowMs: number): void =>
  addReadings(db, batchId, [request], nowMs);

/** Several at once, fitted once. */
export function addReadings(
  db: Db,
  batchId: string,
  requests: readonly ReadingRequest[],
  nowMs: number,
): void {
  if (requests.length === 0) return;
  writing(db, (tx) => {
    const batch = batchRow(tx, batchId);
    if (!hasBath(formulationSchema.parse(batch.body)))
      throw new Refusal(422, words.noBathToRead, words.onlyAWetBrineHas);
    const known = readingsOf(tx, batchId);
    for (const { atMs, reading } of requests) {
      checkTime(batch, atMs, nowMs);
      if (known.some((r) => r.atMs === atMs && isDeepStrictEqual(r.reading, reading))) continue;
      const row = { batchId, body: reading, atMs, recordedAtMs: nowMs };
      tx.insert(readings).values(row).run();
      known.push({ id: 0, atMs, reading });
    }
    fitToReadings(tx, batchId);
  });
}

function checkTime(batch: BatchRow, atMs: number, nowMs: number): void {
  const endMs = batch.liftedAtMs ?? nowMs + 60_000;
  if (atMs > batch.startedAtMs && atMs <= endMs) return;
  throw new Refusal(422, words.readingOutOfReach, words.aReadingLiesBetweenThe, {
    issues: [{ path: "atMs", message: words.betweenTheStartOfThe }],
  });
}

/** Takes a reading back, as if it had not been entered. */
export function removeReading(db: Db, batchId: string, readingId: number): void {
  writing(db, (tx) => {
    batchRow(tx, batchId);
    // Of this batch only: a number from another batch's page takes nothing.
    tx.delete(readings)
      .where(and(eq(readings.id, readingId), eq(readings.batchId, batchId)))
      .run();
    fitToReadings(tx, batchId);
  });
}

/** The same anew where a bath was read: it went in at another hour, or holds something else, than was taken for true. */
export function fitAgain(db: Db, batchId: string): void {
  if (readingsOf(db, batchId).length > 0) fitToReadings(db, batchId);
}

/** Fits a batch's rate to all its readings, from what was known at its start. */
function fitToReadings(db: Db, batchId: string): void {
  const batch = batchRow(db, batchId);
  // Read before it went in, a bath says nothing of the food.
  const read = readingsOf(db, batchId).filter((r) => r.atMs > batch.startedAtMs);
  const formulation = formulationSchema.parse(batch.body);
  const sheet = formulate(formulation, { poured: pouredOf(db, batchId) });
  if (!sheet.ok) throw new Refusal(422, words.theSumsDoNotWork, sheet.error.code);
  const prior =
    batch.priorDoubt === null ? undefined : { factor: batch.priorFactor, doubt: batch.priorDoubt };
  const all = read.map(({ atMs, reading }) => ({
    ...reading,
    hours: (atMs - batch.startedAtMs) / HOUR_MS,
  }));
  const learnt = learnRate(formulation, sheet.value.load, all, prior);
  db.update(batches)
    .set({
      rateFactor: learnt?.factor ?? batch.priorFactor,
      rateDoubt: learnt?.doubt ?? batch.priorDoubt,
    })
    .where(eq(batches.id, batchId))
    .run();
}

/** Keeps a batch's learnt rate for its food in this kitchen. */
export function keepBatchRate(db: Db, batchId: string, nowMs: number): void {
  const batch = batchRow(db, batchId);
  if (batch.rateDoubt === null)
    throw new Refusal(422, words.nothingLearntYet, words.enterAReadingFirstWithout);
  const { foodId } = formulationSchema.parse(batch.body);
  keepRate(db, foodId, { factor: batch.rateFactor, doubt: batch.rateDoubt }, nowMs);
}
