import { readFileSync } from "node:fs";
import { workOut, type Asked } from "@/core/bench/worked";
import { COMPUTE, type ComputeName } from "../api/compute";
import { loadBatch } from "../batch-views";
import { startBatch } from "../batches";
import { databaseFile, type WholeDb } from "../database";
import { derivedOf } from "../derived";
import { takeArchiveIn } from "../exchange/archive";
import { archiveTo } from "../exchange/archive-out";
import { readingsTo } from "../exchange/csv/readings-out";
import { loadLearned } from "../learned";
import { keepPhoto } from "../photos";
import { rehearseSitting } from "../rehearsals";
import { keepReadings } from "../samples";
import { restoreSnapshot } from "../safekeeping/restore";
import { loadSitting, planAgain, startDish } from "../sittings";

/**
 * What takes long enough to keep others waiting. Each is given the kitchen, here or on a thread of its own, and what is
 * plain enough to be sent there.
 */
export const JOBS = {
  compute: (_: WholeDb, name: ComputeName, body: unknown, nowMs: number) => COMPUTE[name].run(body, nowMs),
  worked: (_: WholeDb, asked: Asked) => workOut(asked),
  derived: (db: WholeDb, batchId: string) => derivedOf(loadBatch(db, batchId)) ?? null,
  learned: loadLearned,
  startBatch,
  loadSitting,
  planAgain,
  startDish,
  rehearseSitting,
  keepPhoto: (db: WholeDb, batchId: string, file: string, nowMs: number) =>
    keepPhoto(db, batchId, readFileSync(file), nowMs),
  keepReadings: (db: WholeDb, batchId: string, file: string, nowMs: number) =>
    onDiskAtTheEnd(db, () => keepReadings(db, batchId, readFileSync(file, "utf8"), nowMs)),
  readingsCsv: readingsTo,
  archive: archiveTo,
  takeArchiveIn: (db: WholeDb, file: string, how: { replace: boolean; nowMs: number }) =>
    takeArchiveIn(db, databaseFile(), readFileSync(file), how),
  restore: (db: WholeDb, file: string, nowMs: number) =>
    restoreSnapshot(db, databaseFile(), readFileSync(file), nowMs),
};

/**
 * Many small writes, none of which waits for the disk with the right to write in its hand; all of them are on it when this
 * returns.
 */
function onDiskAtTheEnd<T>(db: WholeDb, write: () => T): T {
  db.$client.pragma("synchronous = NORMAL");
  try {
    return write();
  } finally {
    db.$client.pragma("synchronous = FULL");
    db.$client.pragma("wal_checkpoint(PASSIVE)");
  }
}

export type JobName = keyof typeof JOBS;
type Rest<Job> = Job extends (db: never, ...rest: infer R) => unknown ? R : never;
export type JobInput<N extends JobName> = Rest<(typeof JOBS)[N]>;
export type JobResult<N extends JobName> = Awaited<ReturnType<(typeof JOBS)[N]>>;
