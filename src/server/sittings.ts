import { randomUUID } from "node:crypto";
import { desc, eq } from "drizzle-orm";
import {
  sittingBody,
  type Running,
  type SittingBody,
  type SittingHead,
  type SittingView,
} from "@/contracts/sitting";
import { formulate } from "@/core/formula/formulate";
import { cookOffered } from "@/core/formula/plate";
import { cookedParts } from "@/core/work/cook-parts";
import { foreseeDone } from "@/core/work/foresee";
import { loadBatch } from "./batches";
import type { Db } from "./database";
import { loadKitchen } from "./kitchen";
import { notFound, Refusal } from "./problem";
import { sittings } from "./schema";
import { loadWork } from "./work";

export function createSitting(db: Db, body: SittingBody, nowMs: number): { id: string; revision: number } {
  const id = randomUUID();
  db.insert(sittings).values({ id, body, revision: 1, tableMs: body.tableMs, changedAtMs: nowMs }).run();
  return { id, revision: 1 };
}

/** @throws Refusal 409 when somebody else saved it since `baseRevision` */
export function saveSitting(
  db: Db,
  id: string,
  { body, baseRevision }: { body: SittingBody; baseRevision: number },
  nowMs: number,
): { revision: number } {
  return db.transaction((tx) => {
    const row = tx.select().from(sittings).where(eq(sittings.id, id)).get();
    if (!row) throw notFound("sitting");
    if (row.revision !== baseRevision)
      throw new Refusal(
        409,
        "Changed elsewhere meanwhile",
        "Somebody changed this sitting since you opened it. Yours was not saved; take theirs, or save yours over it.",
        { currentVersion: row.revision },
      );
    const revision = row.revision + 1;
    tx.update(sittings)
      .set({ body, revision, tableMs: body.tableMs, changedAtMs: nowMs })
      .where(eq(sittings.id, id))
      .run();
    return { revision };
  });
}

export function removeSitting(db: Db, id: string): void {
  db.delete(sittings).where(eq(sittings.id, id)).run();
}

export const listSittings = (db: Db): SittingHead[] =>
  db
    .select()
    .from(sittings)
    .orderBy(desc(sittings.tableMs))
    .all()
    .map((row) => {
      const { name, tableMs, dishes } = sittingBody.parse(row.body);
      return { id: row.id, name, tableMs, dishes: dishes.map((d) => d.name) };
    });

export function loadSitting(db: Db, id: string, nowMs: number): SittingView {
  const row = db.select().from(sittings).where(eq(sittings.id, id)).get();
  if (!row) throw notFound("sitting");
  const body = sittingBody.parse(row.body);
  return {
    id,
    revision: row.revision,
    body,
    timeZone: loadKitchen(db).timeZone,
    running: body.dishes.flatMap((dish) =>
      dish.kind === "running" ? (runningOf(db, dish.id, dish.name, dish.batchId, nowMs) ?? []) : [],
    ),
  };
}

/** A batch as the planner needs it: what was done, and what its probe foresees. Undefined where it is gone. */
function runningOf(db: Db, id: string, name: string, batchId: string, nowMs: number): Running | undefined {
  try {
    const batch = loadBatch(db, batchId);
    const work = loadWork(db, batchId, nowMs);
    const doneMs: Record<string, number> = { go_in: batch.startedAtMs, ...work.done };
    // Not gone in yet: the plan may still move it.
    if (batch.startedAtMs > nowMs) delete doneMs.go_in;
    if (work.liftedAtMs !== null) doneMs.lift_out ??= work.liftedAtMs;
    const { formulation } = batch;
    return {
      kind: "batch",
      id,
      name,
      batchId,
      formulation,
      rateFactor: batch.rate.factor,
      doneMs,
      ...forecastOf(formulation, batch.rate.factor, doneMs, work.readings),
    };
  } catch (error) {
    if (error instanceof Refusal && error.status === 404) return undefined;
    throw error;
  }
}

function forecastOf(
  formulation: Running["formulation"],
  rateFactor: number,
  doneMs: Record<string, number>,
  readings: { channel: string; atMs: number; value: number }[],
): { forecastMs?: number } {
  const sheet = formulate(formulation, { rateFactor });
  const inMs = doneMs.stage_1 ?? (formulation.preparation.kind === "saltCrust" ? doneMs.go_in : undefined);
  if (!sheet.ok || inMs === undefined) return {};
  const cook = formulation.cook ?? cookOffered(sheet.value.load, formulation.pieces.thicknessMm);
  const [whole] = cookedParts(formulation, sheet.value, cook);
  const foreseen = foreseeDone(formulation, sheet.value, whole, inMs, readings);
  return foreseen.forecast ? { forecastMs: Math.round(inMs + foreseen.forecast.doneMin * 60_000) } : {};
}
