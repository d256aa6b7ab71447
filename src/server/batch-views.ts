import { and, asc, desc, eq, isNotNull, isNull, sql } from "drizzle-orm";
import { formulationSchema } from "@/contracts/formulation";
import { sheetSnapshotSchema } from "@/contracts/sheet";
import type { BatchDetail, BatchView } from "@/contracts/views";
import { clockOf } from "./clock";
import type { Db } from "./database";
import { notFound } from "./problem";
import { pouredOf } from "./poured";
import { readingsOf } from "./readings";
import { acknowledgements, batches, batchEvents, formulaVersions, outcomes, readings } from "./schema";
import { ifReadable } from "./unreadable";

/* Batches as they are kept, read for lists and pages. */

type JoinedRow = {
  batches: typeof batches.$inferSelect;
  formula_versions: typeof formulaVersions.$inferSelect;
  readingCount: number;
};

/** @throws ZodError when stored JSON breaks its contract: a bug or a bad migration, not the cook's doing */
function viewOf({ batches: b, formula_versions: v, readingCount }: JoinedRow): BatchView {
  return {
    id: b.id,
    formulaId: v.formulaId,
    version: v.version,
    name: b.name,
    formulation: formulationSchema.parse(b.body),
    sheet: sheetSnapshotSchema.parse(b.sheet),
    startedAtMs: b.startedAtMs,
    plannedLiftAtMs: b.plannedLiftAtMs,
    liftedAtMs: b.liftedAtMs,
    timeZone: b.timeZone,
    rate: { factor: b.rateFactor, doubt: b.rateDoubt },
    prior: { factor: b.priorFactor, doubt: b.priorDoubt },
    readingCount,
    clock: clockOf(b),
    saltScore: b.saltScore,
  };
}

const viewIfReadable = (row: JoinedRow): BatchView[] => ifReadable("batches", row.batches, () => viewOf(row));

const joined = (db: Db) =>
  db
    .select({
      batches,
      formula_versions: formulaVersions,
      readingCount: sql<number>`(select count(*) from ${readings} where ${readings.batchId} = ${batches.id})`,
    })
    .from(batches)
    .innerJoin(formulaVersions, eq(batches.formulaVersionId, formulaVersions.id));

/** Batches not lifted yet, the next to lift first. */
export function runningBatches(db: Db): BatchView[] {
  return joined(db)
    .where(isNull(batches.liftedAtMs))
    .orderBy(asc(batches.plannedLiftAtMs))
    .all()
    .flatMap(viewIfReadable);
}

/** Batches lifted out, newest first. */
export function finishedBatches(db: Db, limit = 200): BatchView[] {
  return joined(db)
    .where(isNotNull(batches.liftedAtMs))
    .orderBy(desc(batches.liftedAtMs))
    .limit(limit)
    .all()
    .flatMap(viewIfReadable);
}

/** Batches out of their soak that nobody has judged yet: still to be cooked, or eaten. Newest first. */
export function unjudgedBatches(db: Db, limit: number): BatchView[] {
  return joined(db)
    .leftJoin(outcomes, eq(outcomes.batchId, batches.id))
    .where(and(isNotNull(batches.liftedAtMs), isNull(outcomes.batchId)))
    .orderBy(desc(batches.liftedAtMs))
    .limit(limit)
    .all()
    .flatMap(viewIfReadable);
}

/** What is out of its soak and unjudged is at work no longer than the newest so many. */
const UNJUDGED_AT_WORK = 6;

/** Batches at work, by their ids: in their soak, or out of it and not judged yet. */
export function openBatchIds(db: Db): string[] {
  const running = db
    .select({ id: batches.id })
    .from(batches)
    .where(isNull(batches.liftedAtMs))
    .orderBy(asc(batches.plannedLiftAtMs))
    .all();
  const unjudged = db
    .select({ id: batches.id })
    .from(batches)
    .leftJoin(outcomes, eq(outcomes.batchId, batches.id))
    .where(and(isNotNull(batches.liftedAtMs), isNull(outcomes.batchId)))
    .orderBy(desc(batches.liftedAtMs))
    .limit(UNJUDGED_AT_WORK)
    .all();
  return [...running, ...unjudged].map((b) => b.id);
}

export function loadBatch(db: Db, batchId: string): BatchDetail {
  const row = joined(db).where(eq(batches.id, batchId)).get();
  if (!row) throw notFound("batch");
  const events = db
    .select({
      kind: batchEvents.kind,
      what: batchEvents.what,
      atMs: batchEvents.atMs,
      recordedAtMs: batchEvents.recordedAtMs,
      deviceAheadMs: batchEvents.deviceAheadMs,
    })
    .from(batchEvents)
    .where(eq(batchEvents.batchId, batchId))
    .orderBy(asc(batchEvents.id))
    .all();
  const acknowledged = db
    .select()
    .from(acknowledgements)
    .where(eq(acknowledgements.batchId, batchId))
    .orderBy(asc(acknowledgements.id))
    .all()
    .map(({ ruleId, title, severity, reason, atMs }) => ({ ruleId, title, severity, reason, atMs }));
  const poured = pouredOf(db, batchId);
  return {
    ...viewOf(row),
    ...(poured && { poured }),
    events,
    acknowledgements: acknowledged,
    readings: readingsOf(db, batchId),
  };
}
