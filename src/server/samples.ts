import { and, eq, sql } from "drizzle-orm";
import type { z } from "zod";
import type { Channel, sampleRequest, WorkView } from "@/contracts/work";
import { byTime } from "@/contracts/work-delta";
import { batchTime } from "@/core/program/batch-clock";
import { clockOf } from "./clock";
import { PROBES } from "@/core/program/exits";
import { announce, announceReading } from "./changes";
import { type Db, type WholeDb, writing } from "./database";
import { readReadings } from "./exchange/csv/readings";
import { notFound, Refusal } from "./problem";
import { addReadings, readingsOf } from "./readings";
import { hearScale } from "./scale";
import { batches, outcomes, samples } from "./schema";
import { inParts } from "./turns";
import * as words from "@/words/server/samples";

function knownBatch(db: Db, batchId: string): void {
  if (!db.select({ id: batches.id }).from(batches).where(eq(batches.id, batchId)).get())
    throw notFound("batch");
}

/** Keeps a reading, typed or streamed; the same instant twice is kept once. */
export function keepSample(
  db: Db,
  batchId: string,
  sample: z.infer<typeof sampleRequest>,
  nowMs: number,
): void {
  knownBatch(db, batchId);
  if (sample.channel === "scale") return hearScale(batchId, sample.value, nowMs);
  db.insert(samples)
    .values({ batchId, ...sample })
    .onConflictDoNothing()
    .run();
  announceReading(batchId);
}

/** A clock may be off by so much, ms. */
const CLOCK_SLACK_MS = 60_000;

/**
 * The same from outside: a reading lies within the batch's life, by the batch's own clock. One that is ahead of it or after
 * its end would move every figure drawn from it.
 * @throws Refusal 422 naming what it wants
 */
export function takeSample(
  db: Db,
  batchId: string,
  sample: z.infer<typeof sampleRequest>,
  nowMs: number,
): void {
  const row = db.select().from(batches).where(eq(batches.id, batchId)).get();
  if (!row) throw notFound("batch");
  // Out of its soak it is cooked, and the probe goes on reading: what ends a batch is its judgement.
  const judged = db.select().from(outcomes).where(eq(outcomes.batchId, batchId)).get();
  const latestMs = judged?.judgedAtMs ?? batchTime(clockOf(row), nowMs);
  const earliestMs = row.startedAtMs - BEFORE_START_MS;
  if (sample.atMs < earliestMs || sample.atMs > latestMs + CLOCK_SLACK_MS)
    throw new Refusal(422, words.readingOutOfReach, words.aReadingLiesBetweenThe, {
      issues: [{ path: "atMs", message: words.betweenAnd(earliestMs, Math.round(latestMs)) }],
    });
  keepSample(db, batchId, sample, nowMs);
}

/** A probe and a scale are on from the getting ready. */
const BEFORE_START_MS = 24 * 3_600_000;

/** What a screen is given of each channel: so many of the newest as they are, then one a minute for eight hours. */
const NEWEST = 200;
const OLDER = 480;
/** The last of each minute of the clock: a new reading moves none of the older ones, and only it has to be told. */
const MINUTE_MS = 60_000;
const CHANNELS: Channel[] = [...PROBES, "fridge", "salinity"];

/**
 * What its instruments read, oldest first, thinned with age. Each is found by a step along the key: a day of readings at
 * one a second costs no more to show than an hour.
 */
export function shownSamples(db: Db, batchId: string): WorkView["readings"] {
  return CHANNELS.flatMap((channel) => {
    const of = sql`batch_id = ${batchId} AND channel = ${channel}`;
    const rows = db.all<{ at_ms: number; value: number }>(sql`
      WITH RECURSIVE walk(at_ms, n) AS (
        SELECT max(at_ms), 0 FROM samples WHERE ${of}
        UNION ALL
        SELECT (
          SELECT max(at_ms) FROM samples WHERE ${of}
          AND at_ms < CASE WHEN n < ${NEWEST - 1} THEN walk.at_ms ELSE walk.at_ms - walk.at_ms % ${MINUTE_MS} END
        ), n + 1
        FROM walk WHERE at_ms IS NOT NULL AND n < ${NEWEST + OLDER - 1}
      )
      -- CROSS JOIN is SQLite's word for "in this order": a seek a step, not a walk for every sample.
      SELECT s.at_ms, s.value FROM walk CROSS JOIN samples s WHERE ${of} AND s.at_ms = walk.at_ms`);
    return rows.map(({ at_ms, value }) => ({ channel, atMs: at_ms, value }));
  }).sort(byTime);
}

/** Takes what an instrument read at an instant back. @returns whether there was such a reading @throws Refusal 404 */
export function removeSample(db: Db, batchId: string, channel: Channel, atMs: number): boolean {
  knownBatch(db, batchId);
  const gone = db
    .delete(samples)
    .where(and(eq(samples.batchId, batchId), eq(samples.channel, channel), eq(samples.atMs, atMs)))
    .run();
  if (gone.changes > 0) announce(batchId);
  return gone.changes > 0;
}

/** Everything its instruments read, oldest first: for an answer. */
export const allSamples = (db: Db, batchId: string): WorkView["readings"] =>
  db.all(sql`SELECT channel, at_ms AS atMs, value FROM samples
    WHERE batch_id = ${batchId} ORDER BY at_ms, channel`);

/** The same one by one, for a file: a day of them is never in memory as a whole. */
export function* eachSample(db: WholeDb, batchId: string): Generator<WorkView["readings"][number]> {
  const rows = db.$client
    .prepare("SELECT channel, at_ms, value FROM samples WHERE batch_id = ? ORDER BY at_ms, channel")
    .raw()
    .iterate(batchId) as IterableIterator<[Channel, number, number]>;
  for (const [channel, atMs, value] of rows) yield { channel, atMs, value };
}

/** Many at once, of those that are not there yet: as one statement, in a tenth of the time of one each. */
export const insertSamples = (db: Db, rows: readonly (typeof samples.$inferSelect)[]): void =>
  void db.run(sql`INSERT OR IGNORE INTO samples (batch_id, channel, at_ms, value)
    SELECT value ->> 0, value ->> 1, value ->> 2, value ->> 3
    FROM json_each(${JSON.stringify(rows.map((r) => [r.batchId, r.channel, r.atMs, r.value]))})`);

/** So many rows are written at once; who taps meanwhile waits no longer than for these. */
const ROWS_AT_ONCE = 2500;

/**
 * Takes readings in from a file: all of it is read before anything is kept, so that a row which does not read refuses the
 * whole. Those that are here already stay as they are: a file whose answer was lost is sent again.
 */
export function keepReadings(db: Db, batchId: string, csv: string, nowMs: number): { kept: number } {
  const read = readReadings(csv);
  writing(db, (tx) => {
    knownBatch(tx, batchId);
    const here = new Set(readingsOf(tx, batchId).map((r) => JSON.stringify([r.atMs, r.reading])));
    addReadings(
      tx,
      batchId,
      read.readings.filter((r) => !here.has(JSON.stringify([r.atMs, r.reading]))),
      nowMs,
    );
  });
  const part = inParts();
  for (let i = 0; i < read.samples.length; i += ROWS_AT_ONCE) {
    const rows = read.samples
      .slice(i, i + ROWS_AT_ONCE)
      .filter((sample) => sample.channel !== "scale")
      .map((sample) => ({ batchId, ...sample }));
    part(() => insertSamples(db, rows));
  }
  announce(batchId);
  return { kept: read.readings.length + read.samples.length };
}
