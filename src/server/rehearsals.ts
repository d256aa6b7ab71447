import { shortened } from "@/core/shortened";
import { randomUUID } from "node:crypto";
import { and, eq } from "drizzle-orm";
import type { SittingBody, SittingDish, SittingView } from "@/contracts/sitting";
import { batchTime, type BatchClock } from "@/core/program/batch-clock";
import { PROBES } from "@/core/program/exits";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { loadBatch } from "./batch-views";
import { clockOf, clockRow } from "./clock";
import { type Db, type WholeDb, writing } from "./database";
import { attachProbe } from "./instruments";
import { notFound, Refusal } from "./problem";
import { batchesIn } from "./rehearsed";
import {
  acknowledgements,
  batchActs,
  batches,
  batchEvents,
  batchWeights,
  formulas,
  formulaVersions,
  instrumentSessions,
  outcomes,
  photos,
  readings,
  samples,
  sittings,
} from "./schema";
import { confirmSittingAct, createSitting, loadSitting, removeSitting, startDish } from "./sittings";
import { addedByTrial } from "./trial";
import { confirmAct } from "./work";
import * as words from "@/words/server/rehearsals";
import { firstOf } from "@/core/sequence";

/*
 * An evening rehearsed before its Saturday: a copy of the sitting on a clock of its own, which all its batches share. What
 * lies before the evening is taken as done; probes read what the heat would do. Nothing of it is learnt from, and when it is
 * over it is gone.
 */

const MIN_MS = 60_000;
const HOUR_MS = 60 * MIN_MS;
/** Planned from so long before the table: time for whatever soaks longest. */
const PLANNED_BEFORE_MS = 96 * HOUR_MS;
/** The evening: acts within so long of the table. */
const EVENING_MS = 8 * HOUR_MS;
const BEGINS_BEFORE_MS = 5 * MIN_MS;
const REHEARSAL_SPEED = 60;
const NAME_MOST = 80;

/**
 * Begins the rehearsal of a sitting's evening.
 * @throws Refusal 409 where the sitting does not fit, or is a rehearsal itself
 */
export const rehearseSitting = (db: WholeDb, id: string, nowMs: number): { id: string } =>
  addedByTrial(db, (trial) => rehearsed(trial, id, nowMs));

function rehearsed(db: Db, id: string, nowMs: number): { id: string } {
  const real = loadSitting(db, id, nowMs);
  if (real.clock.fromMs !== null)
    throw new Refusal(409, words.aRehearsalAlready, words.thisIsARehearsalItself);
  const copy = createSitting(db, copied(db, real.body), nowMs);
  setClock(db, copy.id, { fromMs: nowMs, ownMs: real.body.tableMs - PLANNED_BEFORE_MS, speed: 1 });
  const view = startAll(db, copy.id, nowMs);
  if (view.plan.answer.status !== "planned" || view.plan.answer.tasks.length === 0)
    throw new Refusal(409, words.itDoesNotFit, words.aSittingThatDoesNot);
  const { tasks } = view.plan.answer;
  const evening =
    tasks.find((t) => t.handsOn && t.startMs >= view.body.tableMs - EVENING_MS) ?? firstOf(tasks);
  const ownMs = evening.startMs - BEGINS_BEFORE_MS;
  setClock(db, copy.id, { fromMs: nowMs, ownMs, speed: REHEARSAL_SPEED });
  doneBefore(db, view, tasks, { ownMs, nowMs });
  plugIn(db, view, tasks);
  return { id: copy.id };
}

/** The same sitting with everything still to be started. */
function copied(db: Db, body: SittingBody): SittingBody {
  const dishes = body.dishes.map((dish): SittingDish => {
    if (dish.kind !== "running") return dish;
    const { formulation, formulaId } = loadBatch(db, dish.batchId);
    return { kind: "formula", id: dish.id, name: dish.name, formulaId, formulation };
  });
  return {
    ...body,
    dishes,
    name: words.rehearsed(shortened(body.name, NAME_MOST - words.rehearsed("").length)),
  };
}

/** Starts every dish; a stop is passed, as nobody eats it. */
function startAll(db: Db, id: string, nowMs: number): SittingView {
  let view = loadSitting(db, id, nowMs);
  for (const dish of view.body.dishes) {
    if (dish.kind !== "formula") continue;
    const start = (ruleIds: string[]) =>
      startDish(
        db,
        id,
        dish.id,
        {
          batchId: randomUUID(),
          baseRevision: view.revision,
          acknowledgements: ruleIds.map((ruleId) => ({ ruleId, reason: words.reason })),
        },
        nowMs,
      );
    try {
      view = start([]);
    } catch (error) {
      const stops = error instanceof Refusal ? stopsOf(error) : [];
      if (stops.length === 0) throw error;
      view = start(stops);
    }
  }
  return view;
}

const STOP = "acknowledgements.";
const stopsOf = ({ extra }: Refusal): string[] =>
  (extra.issues ?? []).flatMap(({ path }) => (path.startsWith(STOP) ? [path.slice(STOP.length)] : []));

/** What the plan has before the evening was done at its minute. */
function doneBefore(
  db: Db,
  view: SittingView,
  tasks: readonly PlannedTask[],
  { ownMs, nowMs }: { ownMs: number; nowMs: number },
): void {
  const batchIds = batchesIn(view.body);
  for (const task of tasks) {
    if (task.startMs >= ownMs) continue;
    const batchId = batchIds.get(task.dishId);
    if (task.handsOn && batchId === undefined)
      confirmSittingAct(db, view.id, { taskId: task.id, atMs: task.startMs }, nowMs);
    if (task.handsOn && batchId !== undefined)
      confirmAct(db, batchId, task.stepId, { atMs: task.startMs }, nowMs);
  }
}

/** A probe in everything that has a core to reach, from when it goes into the heat. */
function plugIn(db: Db, view: SittingView, tasks: readonly PlannedTask[]): void {
  for (const [dishId, batchId] of batchesIn(view.body)) {
    const into = tasks.find(
      (t) => t.dishId === dishId && t.uses.some((u) => u.ovenC !== undefined && u.amount > 0),
    );
    if (into) attachProbe(db, batchId, PROBES[0], into.startMs);
  }
}

/** Its clock, and that of all its batches. */
function setClock(db: Db, id: string, clock: BatchClock): void {
  db.update(sittings).set(clockRow(clock)).where(eq(sittings.id, id)).run();
  const row = db.select({ body: sittings.body }).from(sittings).where(eq(sittings.id, id)).get();
  for (const batchId of batchesIn(row?.body as SittingBody).values())
    db.update(batches).set(clockRow(clock)).where(eq(batches.id, batchId)).run();
}

/** How fast a rehearsed evening goes from now on: all of it keeps one time. */
export function paceRehearsal(db: Db, id: string, speed: number, nowMs: number): void {
  const ownMs = Math.round(batchTime(clockOf(rehearsalRow(db, id)), nowMs));
  writing(db, (tx) => setClock(tx, id, { fromMs: nowMs, ownMs, speed }));
}

/** Takes a rehearsal out again, with everything that was made for it. @throws Refusal 404 where it is none */
export function endRehearsal(db: Db, id: string): void {
  const batchIds = [...batchesIn(rehearsalRow(db, id).body as SittingBody).values()];
  writing(db, (tx) => {
    removeSitting(tx, id);
    for (const batchId of batchIds) {
      const madeFor = versionMadeFor(tx, batchId);
      for (const table of OF_A_BATCH) tx.delete(table).where(eq(table.batchId, batchId)).run();
      tx.delete(batches).where(eq(batches.id, batchId)).run();
      if (madeFor) forgetVersion(tx, madeFor);
    }
  });
}

/** The version that was written down by the start of this batch, if one was: both bear one instant. */
function versionMadeFor(db: Db, batchId: string) {
  const started = db
    .select({ atMs: batchEvents.recordedAtMs })
    .from(batchEvents)
    .where(and(eq(batchEvents.batchId, batchId), eq(batchEvents.kind, "started")))
    .get();
  const version = db
    .select({
      id: formulaVersions.id,
      formulaId: formulaVersions.formulaId,
      atMs: formulaVersions.createdAtMs,
    })
    .from(formulaVersions)
    .innerJoin(batches, eq(batches.formulaVersionId, formulaVersions.id))
    .where(eq(batches.id, batchId))
    .get();
  return version?.atMs === started?.atMs ? version : undefined;
}

/** Unless something else goes by it by now. */
function forgetVersion(db: Db, { id, formulaId }: { id: string; formulaId: string }): void {
  if (db.select().from(batches).where(eq(batches.formulaVersionId, id)).get()) return;
  db.delete(formulaVersions).where(eq(formulaVersions.id, id)).run();
  if (!db.select().from(formulaVersions).where(eq(formulaVersions.formulaId, formulaId)).get())
    db.delete(formulas).where(eq(formulas.id, formulaId)).run();
}

const OF_A_BATCH = [
  acknowledgements,
  batchActs,
  batchEvents,
  batchWeights,
  instrumentSessions,
  outcomes,
  photos,
  readings,
  samples,
] as const;

function rehearsalRow(db: Db, id: string) {
  const row = db.select().from(sittings).where(eq(sittings.id, id)).get();
  if (!row || row.clockFromMs === null) throw notFound("rehearsal");
  return row;
}
