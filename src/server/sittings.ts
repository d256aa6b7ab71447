import { and, desc, eq } from "drizzle-orm";
import { randomUUID } from "node:crypto";
import { isDeepStrictEqual } from "node:util";
import type { z } from "zod";
import { storedPlan, type StoredPlan } from "@/contracts/plan";
import {
  sittingBody,
  type SittingBody,
  type SittingHead,
  type SittingView,
  type sittingActRequest,
  type startDishRequest,
} from "@/contracts/sitting";
import { withHeat } from "@/core/formula/offer/with-own";
import type { HeatHere } from "@/core/formulation";
import { batchTime } from "@/core/program/batch-clock";
import { plainProgram } from "@/core/program/plain";
import { startBatch, workOutStart } from "./batches";
import { announceSitting } from "./changes";
import { clockOf, clockRow, isToCome } from "./clock";
import { type Db, writing } from "./database";
import { loadKitchen } from "./kitchen";
import { planAnew, planKeyOf, planOf } from "./plans";
import { notFound, notYet, Refusal } from "./problem";
import { batches, sittingActs, sittings } from "./schema";
import { runningOf } from "./under-way";
import { ifReadable } from "./unreadable";
import * as words from "@/words/server/sittings";

/** @param id chosen by who sends it: sent again, because its answer was lost, it is laid down once. @throws Refusal 409 */
export function createSitting(
  db: Db,
  body: SittingBody,
  nowMs: number,
  id: string = randomUUID(),
): { id: string; revision: number } {
  const before = db.select().from(sittings).where(eq(sittings.id, id)).get();
  if (before) {
    if (isDeepStrictEqual(before.body, body)) return { id, revision: before.revision };
    throw new Refusal(409, words.usedAlready, words.thisIdOrKeyWas);
  }
  db.insert(sittings).values({ id, body, revision: 1, tableMs: body.tableMs, changedAtMs: nowMs }).run();
  return { id, revision: 1 };
}

type SittingSave = { body: SittingBody; baseRevision: number };

/** Saves a sitting; its plan, which takes seconds where much collides, is another matter. @throws Refusal 409 */
export function putSitting(db: Db, id: string, { body, baseRevision }: SittingSave, nowMs: number): void {
  writing(db, (tx) => putBody(tx, id, body, baseRevision, nowMs));
  announceSitting(id);
}

function putBody(tx: Db, id: string, body: SittingBody, baseRevision: number, nowMs: number): void {
  const row = rowOf(tx, id);
  // Sent again, because its answer was lost: it stands there already.
  if (row.revision === baseRevision + 1 && isDeepStrictEqual(row.body, body)) return;
  if (row.revision !== baseRevision)
    throw new Refusal(409, words.changedElsewhereMeanwhile, words.somebodyChangedThisSitting, {
      currentVersion: row.revision,
    });
  tx.update(sittings)
    .set({ body, revision: row.revision + 1, tableMs: body.tableMs, changedAtMs: nowMs })
    .where(eq(sittings.id, id))
    .run();
}

function rowOf(db: Db, id: string) {
  const row = db.select().from(sittings).where(eq(sittings.id, id)).get();
  if (!row) throw notFound("sitting");
  return row;
}

export function removeSitting(db: Db, id: string): void {
  db.delete(sittings).where(eq(sittings.id, id)).run();
  announceSitting(id);
}

export const listSittings = (db: Db): SittingHead[] =>
  db
    .select()
    .from(sittings)
    .orderBy(desc(sittings.tableMs))
    .all()
    .flatMap((row) =>
      ifReadable("sittings", row, () => {
        const { name, tableMs, dishes } = sittingBody.parse(row.body);
        const begun =
          dishes.some((d) => d.kind === "running") || Object.keys(plainDone(db, row.id)).length > 0;
        return { id: row.id, name, tableMs, dishes: dishes.map((d) => d.name), begun, clock: clockOf(row) };
      }),
    );

export function loadSitting(db: Db, id: string, nowMs: number): SittingView {
  const { sitting, stored, ownMs } = withoutPlan(db, id, nowMs);
  return { ...sitting, plan: planOf(db, sitting, stored, ownMs) };
}

/** The same with the plan it had last, whatever was changed since; undefined where it never had one. */
export function sittingAsKept(db: Db, id: string, nowMs: number): SittingView | undefined {
  const { sitting, stored } = withoutPlan(db, id, nowMs);
  return stored ? { ...sitting, plan: stored } : undefined;
}

/** The same where its plan is decided already; else what it would be made from. */
export function sittingIfPlanned(
  db: Db,
  id: string,
  nowMs: number,
): { planned: SittingView } | { planned?: undefined; madeFrom: string } {
  const { sitting, stored } = withoutPlan(db, id, nowMs);
  const madeFrom = planKeyOf(sitting, stored);
  return stored?.madeFrom === madeFrom ? { planned: { ...sitting, plan: stored } } : { madeFrom };
}

/** A plan from now, by the cook's hand: time went by, and nobody did what was planned; or a better one is taken. */
export function planAgain(db: Db, id: string, nowMs: number): SittingView {
  const { sitting, stored, ownMs } = withoutPlan(db, id, nowMs);
  return { ...sitting, plan: planAnew(db, sitting, stored, ownMs) };
}

function withoutPlan(db: Db, id: string, nowMs: number) {
  const row = rowOf(db, id);
  const clock = clockOf(row);
  const ownMs = Math.round(batchTime(clock, nowMs));
  const { timeZone, learned, rates } = loadKitchen(db);
  const kept = sittingBody.parse(row.body);
  // What is to be started here is cooked in this kitchen's oven, whatever it was when it was added.
  const body: SittingBody = {
    ...kept,
    dishes: kept.dishes.map((dish) => cookedHere(dish, learned.heat)),
  };
  const sitting: Omit<SittingView, "plan"> = {
    id,
    revision: row.revision,
    body,
    timeZone,
    clock,
    running: body.dishes.flatMap((dish) =>
      dish.kind === "running" ? (runningOf(db, dish, { nowMs, ownMs }) ?? []) : [],
    ),
    plainDone: plainDone(db, id),
    rates: Object.fromEntries(Object.entries(rates).map(([foodId, rate]) => [foodId, rate.factor])),
  };
  // One that does not read any more is as none: it is decided anew.
  const read = storedPlan.safeParse(row.plan);
  return { sitting, stored: read.success ? (row.plan as StoredPlan) : null, ownMs };
}

function cookedHere(dish: SittingBody["dishes"][number], heat: HeatHere): SittingBody["dishes"][number] {
  switch (dish.kind) {
    case "formula":
      return { ...dish, formulation: withHeat(dish.formulation, heat) };
    case "plain": {
      const plain = { ...dish };
      delete plain.heatUp;
      return heat.heatUp === undefined ? plain : { ...plain, heatUp: heat.heatUp };
    }
    case "running":
      return dish;
  }
}

function plainDone(db: Db, id: string): SittingView["plainDone"] {
  const done: SittingView["plainDone"] = {};
  for (const act of db.select().from(sittingActs).where(eq(sittingActs.sittingId, id)).all()) {
    const [dishId = "", stepId = ""] = act.taskId.split("/");
    (done[dishId] ??= {})[stepId] = act.doneAtMs;
  }
  return done;
}

/**
 * Ticks off an act of something plain. Two people tapping do it once.
 * @throws Refusal 404 where the sitting has no such act, 422 where it is in time to come
 */
export function confirmSittingAct(
  db: Db,
  id: string,
  { taskId, atMs, notDone = false, deviceAheadMs }: z.infer<typeof sittingActRequest>,
  nowMs: number,
): void {
  const row = rowOf(db, id);
  const [dishId, stepId] = taskId.split("/");
  const dish = sittingBody.parse(row.body).dishes.find((d) => d.kind === "plain" && d.id === dishId);
  if (dish?.kind !== "plain") throw notFound("dish");
  if (!plainProgram(dish).steps.some((s) => s.id === stepId)) throw notFound(words.actOfThisDish);
  if (isToCome(atMs, clockOf(row), nowMs)) throw notYet();
  db.insert(sittingActs)
    .values({ sittingId: id, taskId, doneAtMs: atMs, recordedAtMs: nowMs, notDone, deviceAheadMs })
    .onConflictDoNothing()
    .run();
  announceSitting(id);
}

export function undoSittingAct(db: Db, id: string, taskId: string): void {
  db.delete(sittingActs)
    .where(and(eq(sittingActs.sittingId, id), eq(sittingActs.taskId, taskId)))
    .run();
  announceSitting(id);
}

/**
 * Starts a dish of a sitting: the batch, the dish that is now under way and the plan, all or nothing. It goes in when the
 * plan has it go in, and is taken out when the plan has it taken out.
 * @throws Refusal 409, 422 as a start and a save do
 */
export function startDish(
  db: Db,
  id: string,
  dishId: string,
  { batchId, baseRevision, acknowledgements }: z.infer<typeof startDishRequest>,
  nowMs: number,
): SittingView {
  // Worked out before anything is written, and kept: the right to write is held for the writing alone.
  const found = loadSitting(db, id, nowMs).body.dishes.find((d) => d.id === dishId);
  if (found?.kind === "formula") workOutStart(db, found.formulation);
  writing(db, (tx) => {
    const { body, plan, clock } = loadSitting(tx, id, nowMs);
    const ownMs = Math.round(batchTime(clock, nowMs));
    const dish = body.dishes.find((d) => d.id === dishId);
    // Asked again because the answer was lost: it is under way already.
    if (dish?.kind === "running" && dish.batchId === batchId) return;
    if (dish?.kind !== "formula") throw notFound(words.dishToStart);
    const at = (step: string) =>
      plan.answer.status === "planned"
        ? plan.answer.tasks.find((t) => t.id === `${dishId}/${step}`)
        : undefined;
    const soak = at("soak");
    const startAtMs = soak?.startMs ?? at("go_in")?.startMs ?? ownMs;
    startBatch(
      tx,
      {
        id: batchId,
        formulaId: dish.formulaId,
        formulation: dish.formulation,
        startAtMs,
        ...(soak && { takeOutAtMs: soak.endMs }),
        acknowledgements,
      },
      ownMs,
    );
    if (clock.fromMs !== null) tx.update(batches).set(clockRow(clock)).where(eq(batches.id, batchId)).run();
    const dishes = body.dishes.map((d) =>
      d.id === dishId ? { kind: "running" as const, id: dish.id, name: dish.name, batchId } : d,
    );
    putBody(tx, id, { ...body, dishes }, baseRevision, nowMs);
  });
  announceSitting(id);
  return loadSitting(db, id, nowMs);
}
