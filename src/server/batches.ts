import { eq } from "drizzle-orm";
import { randomUUID } from "node:crypto";
import { isDeepStrictEqual } from "node:util";
import type { StartBatchRequest } from "@/contracts/requests";
import { snapshotOf } from "@/contracts/sheet";
import type { Rate } from "@/contracts/views";
import { outcomeAt } from "@/core/formula/account/outcome";
import { formulate, type Formulated } from "@/core/formula/formulate";
import { ensembleWindow } from "@/core/formula/soak/ensemble";
import { softened } from "@/core/formula/soak/softened";
import type { Formulation } from "@/core/formulation";
import { programOf } from "@/core/program/program";
import { actsIn } from "@/core/program/step";
import { remembered } from "@/core/remembered";
import { findingsFor } from "@/core/safety/findings";
import type { KitchenLimits } from "@/core/safety/limits";
import type { Finding } from "@/core/safety/rule";
import { announce } from "./changes";
import { type Db, writing } from "./database";
import { versionForBatch } from "./formulas";
import { checkGoesIn, GO_IN } from "./gone-in";
import { loadKitchen } from "./kitchen";
import { Refusal } from "./problem";
import { acknowledgements, batchActs, batches, batchEvents } from "./schema";
import * as words from "@/words/server/batches";

const HOUR_MS = 3_600_000;

/** A start that came before, its answer lost. @throws Refusal 409 when it was of something else */
function sameStart(id: string, before: unknown, formulation: Formulation): { id: string } {
  if (isDeepStrictEqual(before, formulation)) return { id };
  throw new Refusal(409, words.startedAlready, words.wasStartedAlreadyAsIt(formulation.name));
}

/**
 * Starts a batch: works the sheet out again, sees that every stop was acknowledged, stores all or nothing.
 * @throws Refusal 422 when the sums refuse or a stop stands unacknowledged; 409 when its id was used for another
 */
export function startBatch(db: Db, request: StartBatchRequest, nowMs: number): { id: string } {
  const { formulation, startAtMs } = request;
  const kitchen = loadKitchen(db);
  const known = kitchen.rates[formulation.foodId];
  const { snapshot, findings, sheet } = workOut(formulation, known, kitchen.limits);
  checkGoesIn("startAtMs", startAtMs, nowMs);
  if (request.takeOutAtMs !== undefined && request.takeOutAtMs < startAtMs)
    throw new Refusal(422, words.takenOutBeforeItGoes, words.takeoutatmsNotBeforeStartatms, {
      issues: [{ path: "takeOutAtMs", message: words.notBeforeStartatms }],
    });
  const reasons = new Map(request.acknowledgements.map((a) => [a.ruleId, a.reason]));
  const open = findings.filter((f) => f.severity === "stop" && !reasons.has(f.id));
  if (open.length > 0) {
    throw new Refusal(
      422,
      words.aStopIsNotAcknowledged,
      words.acknowledgeWithAReasonBefore(open.map((f) => f.title).join("; ")),
      { issues: open.map((f) => ({ path: `acknowledgements.${f.id}`, message: f.title })) },
    );
  }
  const started = writing(db, (tx) => {
    const id = request.id ?? randomUUID();
    const sentBefore = tx.select({ body: batches.body }).from(batches).where(eq(batches.id, id)).get();
    if (sentBefore) return sameStart(id, sentBefore.body, formulation);
    const { versionId } = versionForBatch(tx, request.formulaId, formulation, nowMs);
    tx.insert(batches)
      .values({
        id,
        formulaVersionId: versionId,
        name: formulation.name,
        body: formulation,
        sheet: snapshot,
        startedAtMs: startAtMs,
        plannedLiftAtMs: request.takeOutAtMs ?? Math.round(startAtMs + formulation.pullH * HOUR_MS),
        priorFactor: known?.factor ?? 1,
        priorDoubt: known?.doubt ?? null,
        rateFactor: known?.factor ?? 1,
        rateDoubt: known?.doubt ?? null,
        timeZone: kitchen.timeZone,
        foodId: formulation.foodId,
        kind: formulation.preparation.kind,
        targetFraction: formulation.preparation.targetFraction,
      })
      .run();
    tx.insert(batchEvents)
      .values({ batchId: id, kind: "started", atMs: startAtMs, recordedAtMs: nowMs })
      .run();
    if (startAtMs < nowMs - JUST_NOW_MS) tickedBefore(tx, id, { formulation, sheet, startAtMs, nowMs });
    for (const finding of findings) {
      const reason = reasons.get(finding.id);
      if (reason === undefined) continue;
      const { id: ruleId, title, severity } = finding;
      tx.insert(acknowledgements).values({ batchId: id, ruleId, title, severity, reason, atMs: nowMs }).run();
    }
    return { id };
  });
  announce(started.id);
  return started;
}

/** A start so shortly ago is a start now. */
const JUST_NOW_MS = 2 * 60_000;

/** What is entered as gone in already was got ready before: none of it is due any more. */
function tickedBefore(
  db: Db,
  batchId: string,
  started: { formulation: Formulation; sheet: Formulated; startAtMs: number; nowMs: number },
): void {
  const { formulation, sheet, startAtMs, nowMs } = started;
  for (const step of actsIn(programOf(formulation, sheet)))
    if (step.atMin < 0 || step.id === GO_IN)
      db.insert(batchActs)
        .values({
          batchId,
          actId: step.id,
          doneAtMs: Math.round(startAtMs + step.atMin * 60_000),
          recordedAtMs: nowMs,
        })
        .onConflictDoNothing()
        .run();
}

/** Works out what a start will want: done before, the start itself only writes. */
export function workOutStart(db: Db, formulation: Formulation): void {
  const { rates, limits } = loadKitchen(db);
  workOut(formulation, rates[formulation.foodId], limits);
}

/** The same formula is started Saturday after Saturday: half a second of soaks is run once for it. */
const sheetsWorkedOut = remembered<ReturnType<typeof workedOut>>(24);

const workOut = (formulation: Formulation, known: Rate | undefined, limits: KitchenLimits) =>
  sheetsWorkedOut(JSON.stringify([formulation, known, limits]), () => workedOut(formulation, known, limits));

function workedOut(formulation: Formulation, known: Rate | undefined, limits: KitchenLimits) {
  const sheet = formulate(formulation, { rateFactor: known?.factor });
  if (!sheet.ok) {
    throw new Refusal(422, words.theSumsDoNotWork, `formulation: ${sheet.error.code}`, {
      issues: [{ path: "formulation", message: sheet.error.code }],
    });
  }
  const atPull = outcomeAt(sheet.value, formulation.pullH, formulation.portions);
  const findings: Finding[] = findingsFor({
    input: formulation,
    sheet: sheet.value,
    atPull,
    kitchen: limits,
  });
  const { window } = ensembleWindow(formulation, sheet.value.load, {
    rateDoubt: known?.doubt,
  });
  const soft = softened(sheet.value.soak.window, window);
  return { snapshot: snapshotOf(sheet.value, atPull, soft), findings, sheet: sheet.value };
}
