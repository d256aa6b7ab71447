import { z } from "zod";
import { findingAnswer, programAnswer, sheetAnswer } from "@/contracts/compute";
import { formulationSchema } from "@/contracts/formulation";
import { liftRequest, startBatchRequest } from "@/contracts/requests";
import type { BatchView } from "@/contracts/views";
import { judgedSchema } from "@/contracts/work";
import { outcomeAt } from "@/core/formula/account/outcome";
import { programOf } from "@/core/program/program";
import { findingsFor } from "@/core/safety/findings";
import { finishedBatches, loadBatch, runningBatches } from "../../batch-views";
import { liftBatch, undoLift } from "../../taken-out";
import { heavy } from "../../heavy/pool";
import { loadKitchen } from "../../kitchen";
import { asStartedHere } from "../../known-names";
import { judgeBatch } from "../../work";
import { workedBatch } from "../compute";
import { EXAMPLE_DRY_BRINE, EXAMPLE_INSTANT_MS } from "../examples";
import { operation } from "../operation";
import { paged, pageQuery } from "../paged";

const batchHead = z.object({
  id: z.string(),
  name: z.string(),
  formulaId: z.string(),
  version: z.number(),
  startedAtMs: z.number(),
  plannedLiftAtMs: z.number(),
  liftedAtMs: z.number().nullable(),
});
const batchAnswer = batchHead.extend({
  formulation: formulationSchema,
  sheet: sheetAnswer.shape.sheet,
  timeZone: z.string(),
});
const HOUR_MS = 3_600_000;
/** So many finished ones can be paged through. */
const FINISHED_MOST = 2000;

const soakHOf = ({ plannedLiftAtMs, startedAtMs }: BatchView) => (plannedLiftAtMs - startedAtMs) / HOUR_MS;

export const BATCH_OPERATIONS = [
  operation({
    id: "listBatches",
    method: "get",
    path: "/batches",
    summary: "Running batches, the next to take out first; then those that are out, the newest first",
    tag: "batches",
    query: pageQuery,
    response: z.array(batchHead),
    run: ({ db, query }) => paged([...runningBatches(db), ...finishedBatches(db, FINISHED_MOST)], query),
  }),
  operation({
    id: "startBatch",
    method: "post",
    path: "/batches",
    summary: "Starts a batch; 422 where a stop is not acknowledged, 409 where its id was used for another",
    tag: "batches",
    body: startBatchRequest,
    example: {
      formulaId: null,
      formulation: EXAMPLE_DRY_BRINE,
      startAtMs: EXAMPLE_INSTANT_MS,
      acknowledgements: [],
    },
    makes: true,
    response: z.object({ id: z.string() }),
    run: ({ db, nowMs, body, keyedId }) =>
      heavy(
        db,
        "startBatch",
        { ...body, id: body.id ?? keyedId, formulation: asStartedHere(db, body.formulation) },
        nowMs,
      ),
  }),
  operation({
    id: "loadBatch",
    method: "get",
    path: "/batches/{id}",
    summary: "A batch with its weigh-out",
    tag: "batches",
    response: batchAnswer,
    run: ({ db, path }) => loadBatch(db, path.id),
  }),
  operation({
    id: "batchProgram",
    method: "get",
    path: "/batches/{id}/program",
    summary: "The work of a batch, step by step, by its own hours; offsets in minutes from going in",
    tag: "batches",
    response: programAnswer,
    run: ({ db, path }) => {
      const batch = loadBatch(db, path.id);
      const { soakH, ...program } = programOf(batch.formulation, workedBatch(batch), {
        soakH: soakHOf(batch),
      });
      return { soakHours: soakH, ...program };
    },
  }),
  operation({
    id: "batchFindings",
    method: "get",
    path: "/batches/{id}/findings",
    summary: "What is to be minded of a batch: stops, cautions and tips, by this kitchen's limits",
    tag: "batches",
    response: z.array(findingAnswer),
    run: ({ db, path }) => {
      const batch = loadBatch(db, path.id);
      const sheet = workedBatch(batch);
      const atPull = outcomeAt(sheet, soakHOf(batch), batch.formulation.portions);
      return findingsFor({ input: batch.formulation, sheet, atPull, kitchen: loadKitchen(db).limits });
    },
  }),
  operation({
    id: "liftBatch",
    method: "post",
    path: "/batches/{id}/lift",
    summary: "Takes it out; twice, the first time stands",
    tag: "batches",
    body: liftRequest,
    example: { atMs: EXAMPLE_INSTANT_MS },
    status: 200,
    response: z.object({ liftedAtMs: z.number(), already: z.boolean() }),
    run: ({ db, path, body, nowMs }) => liftBatch(db, path.id, body.atMs, nowMs, body.deviceAheadMs),
  }),
  operation({
    id: "undoLift",
    method: "delete",
    path: "/batches/{id}/lift",
    summary: "Takes the taking out back; the record keeps both",
    tag: "batches",
    run: ({ db, path, nowMs }) => undoLift(db, path.id, nowMs),
  }),
  operation({
    id: "judgeBatch",
    method: "put",
    path: "/batches/{id}/outcome",
    summary: "How it turned out, −2 to +2 each; judged again, the later judgement stands",
    tag: "batches",
    body: judgedSchema,
    example: { salt: 1, evenness: 1, faults: ["dry"], words: "A touch salty outside." },
    response: judgedSchema,
    run: ({ db, path, body, nowMs }) => {
      judgeBatch(db, path.id, body, nowMs);
      return body;
    },
  }),
];
