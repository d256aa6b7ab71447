import { z } from "zod";
import { actRequest, sampleSchema, weighRequest } from "@/contracts/work";
import { confirmAct, keepWeight, loadWork, undoAct } from "../../work";
import { EXAMPLE_DRY_BRINE, EXAMPLE_INSTANT_MS } from "../examples";
import { operation } from "../operation";

const workAnswer = z.object({
  batchId: z.string(),
  /** Acts by id, and when each was done, in the batch's own time. */
  done: z.record(z.string(), z.number()),
  skipped: z.array(z.string()),
  /** Weighed, g, by line. */
  weights: z.record(z.string(), z.number()),
  scaledBy: z.number(),
  /** The newest readings of each channel, thinned with age. */
  readings: z.array(sampleSchema),
  startedAtMs: z.number(),
  liftedAtMs: z.number().nullable(),
});

export const WORK_OPERATIONS = [
  operation({
    id: "batchAtWork",
    method: "get",
    path: "/batches/{id}/work",
    summary: "Where a batch stands: what was done, weighed and read",
    tag: "work",
    response: workAnswer,
    run: ({ db, path, nowMs }) => loadWork(db, path.id, nowMs),
  }),
  operation({
    id: "confirmAct",
    method: "put",
    path: "/batches/{id}/acts/{actId}",
    summary: "Ticks an act off; twice, the first time stands",
    tag: "work",
    body: actRequest,
    example: { atMs: EXAMPLE_INSTANT_MS },
    response: z.object({ doneAtMs: z.number(), already: z.boolean() }),
    run: ({ db, path, body, nowMs }) => confirmAct(db, path.id, path.actId, body, nowMs),
  }),
  operation({
    id: "undoAct",
    method: "delete",
    path: "/batches/{id}/acts/{actId}",
    summary: "Takes a tick back; the record keeps both",
    tag: "work",
    run: ({ db, path, nowMs }) => undoAct(db, path.id, path.actId, nowMs),
  }),
  operation({
    id: "weighIn",
    method: "put",
    path: "/batches/{id}/weights",
    summary: "What a line really weighed, g net of its dish; weighed again, the later stands",
    tag: "work",
    body: weighRequest,
    example: { lineId: EXAMPLE_DRY_BRINE.saltId, grams: 13.9 },
    response: weighRequest,
    run: ({ db, path, body: { lineId, grams }, nowMs }) => {
      keepWeight(db, path.id, lineId, grams, nowMs);
      return { lineId, grams };
    },
  }),
];
