import { readRecipeRequest, recipeReadingSchema } from "@/contracts/recipe";
import { USUAL_WORDS } from "@/core/quantity/words";
import { readRecipe } from "@/core/recipe/read-recipe";
import { summaryOf } from "@/core/recipe/summary";
import { z } from "zod";
import { formulationSchema } from "@/contracts/formulation";
import { formulaFileSchema } from "@/contracts/formula-file";
import {
  readingRequest,
  saveFormulaRequest,
  saveVersionRequest,
  startBatchRequest,
} from "@/contracts/requests";
import { sampleRequest } from "@/contracts/work";
import { finishedBatches, loadBatch, runningBatches, startBatch } from "../batches";
import type { Db } from "../database";
import { createFromFile, formulaHeads, loadFormula, saveNew, saveVersion } from "../formulas";
import { addReading } from "../readings";
import { allSamples, takeSample } from "../samples";
import { learnedAnswer } from "./learned-answer";
import { loadLearned } from "../learned";
import { loadTaste } from "../taste";
import { COMPUTE, isComputeName, type ComputeName } from "./compute";

export interface Call {
  db: Db;
  nowMs: number;
  /** Parts of the path by name. */
  path: Record<string, string>;
  body: unknown;
}

/** One operation of the API: where it is, what it takes and gives, and what does it. */
export interface Operation {
  id: string;
  method: "get" | "post";
  /** As OpenAPI writes it: /formulas/{id}. */
  path: string;
  summary: string;
  tag: "compute" | "recipes" | "formulas" | "batches" | "readings" | "taste";
  body?: z.ZodType;
  status: 200 | 201;
  response: z.ZodType;
  run: (call: Call) => unknown;
}

const named = z.object({ id: z.string(), name: z.string(), version: z.number() });
const saved = z.object({ formulaId: z.string(), versionId: z.string(), version: z.number() });
const formulaAnswer = named.extend({
  tags: z.array(z.string()),
  formulation: formulationSchema,
  versions: z.array(z.object({ version: z.number(), note: z.string(), createdAtMs: z.number() })),
});
const batchHead = z.object({
  id: z.string(),
  name: z.string(),
  formulaId: z.string(),
  version: z.number(),
  startedAtMs: z.number(),
  plannedLiftAtMs: z.number(),
  liftedAtMs: z.number().nullable(),
});
const batchAnswer = batchHead.extend({ formulation: formulationSchema, timeZone: z.string() });
const readingsAnswer = z.object({
  readings: z.array(z.object({ id: z.number(), atMs: z.number(), reading: readingRequest.shape.reading })),
  samples: z.array(sampleRequest),
});

const liked = z.object({ fraction: z.number(), low: z.number(), high: z.number() });
const tasteAnswer = z.object({
  table: liked,
  eaters: z.array(
    z.object({ id: z.string(), name: z.string(), liked, answers: z.number(), batches: z.number() }),
  ),
  /** Of the table, before anything was said. */
  before: liked,
  answers: z.number(),
  batches: z.number(),
  /** Enough was said to take it for the table's. */
  known: z.boolean(),
  /** What a new Bench asks for; null where the usual. */
  houseSalt: z.number().nullable(),
});

const computes = (Object.keys(COMPUTE) as ComputeName[]).map((name): Operation => ({
  id: name,
  method: "post",
  path: `/compute/${name}`,
  summary: COMPUTE[name].summary,
  tag: "compute",
  body: COMPUTE[name].request,
  status: 200,
  response: COMPUTE[name].response,
  run: ({ body, nowMs }) => (isComputeName(name) ? COMPUTE[name].run(body, nowMs) : undefined),
}));

/** An operation whose body is checked before it runs. */
const withBody = <B extends z.ZodType>(
  op: Omit<Operation, "body" | "run" | "method" | "status">,
  body: B,
  run: (call: Call, read: z.infer<B>) => unknown,
): Operation => ({
  ...op,
  method: "post",
  status: 201,
  body,
  // Read against `body` at the door already.
  run: (call) => run(call, call.body as z.infer<B>),
});

const get = (op: Omit<Operation, "method" | "status">): Operation => ({ ...op, method: "get", status: 200 });

/** Everything the API does; the OpenAPI document is made from this same list. */
export const OPERATIONS: readonly Operation[] = [
  ...computes,
  {
    id: "readRecipe",
    method: "post",
    path: "/recipes/read",
    summary: "Reads a loose recipe: its food, lines, method and what does not agree; nothing is kept",
    tag: "recipes",
    body: readRecipeRequest,
    status: 200,
    response: recipeReadingSchema,
    run: ({ body }) => {
      const { text, measures } = body as z.infer<typeof readRecipeRequest>;
      return summaryOf(readRecipe(text, { measures, words: USUAL_WORDS }));
    },
  },
  get({
    id: "listFormulas",
    path: "/formulas",
    summary: "Every formula, by name",
    tag: "formulas",
    response: z.array(named),
    run: ({ db }) => formulaHeads(db),
  }),
  withBody(
    {
      id: "saveFormula",
      path: "/formulas",
      summary: "Saves a new formula",
      tag: "formulas",
      response: saved,
    },
    saveFormulaRequest,
    ({ db, nowMs }, save) => saveNew(db, save, nowMs),
  ),
  get({
    id: "loadFormula",
    path: "/formulas/{id}",
    summary: "A formula in its newest version",
    tag: "formulas",
    response: formulaAnswer,
    run: ({ db, path }) => loadFormula(db, path.id),
  }),
  withBody(
    {
      id: "saveVersion",
      path: "/formulas/{id}/versions",
      summary: "Saves the next version; 409 where somebody saved since baseVersion",
      tag: "formulas",
      response: saved,
    },
    saveVersionRequest,
    ({ db, path, nowMs }, save) => saveVersion(db, path.id, save, nowMs),
  ),
  withBody(
    {
      id: "takeFormulaIn",
      path: "/formulas/file",
      summary: "Saves a formula from its own file",
      tag: "formulas",
      response: saved,
    },
    formulaFileSchema,
    ({ db, nowMs }, file) => createFromFile(db, file, nowMs),
  ),
  get({
    id: "listBatches",
    path: "/batches",
    summary: "Running batches, then the last fifty finished",
    tag: "batches",
    response: z.array(batchHead),
    run: ({ db }) => [...runningBatches(db), ...finishedBatches(db, 50)],
  }),
  withBody(
    {
      id: "startBatch",
      path: "/batches",
      summary: "Starts a batch; 422 where a stop is not acknowledged",
      tag: "batches",
      response: z.object({ id: z.string() }),
    },
    startBatchRequest,
    ({ db, nowMs }, request) => startBatch(db, request, nowMs),
  ),
  get({
    id: "loadBatch",
    path: "/batches/{id}",
    summary: "A batch",
    tag: "batches",
    response: batchAnswer,
    run: ({ db, path }) => loadBatch(db, path.id),
  }),
  get({
    id: "houseTaste",
    path: "/taste",
    summary:
      "The salt this kitchen's eaters like, by its tastings and judged dinners; shares of finished flesh",
    tag: "taste",
    response: tasteAnswer,
    run: ({ db }) => {
      const { taste, known, houseSalt } = loadTaste(db);
      return { ...taste, known, houseSalt };
    },
  }),
  get({
    id: "learned",
    path: "/learned",
    summary:
      "What this kitchen has learnt of its salt, its oven and its rests, and how what was foretold came out",
    tag: "taste",
    response: learnedAnswer,
    run: ({ db }) => loadLearned(db),
  }),
  get({
    id: "listReadings",
    path: "/batches/{id}/readings",
    summary: "Everything read of a batch",
    tag: "readings",
    response: readingsAnswer,
    run: ({ db, path }) => ({
      readings: loadBatch(db, path.id).readings,
      samples: allSamples(db, path.id),
    }),
  }),
  withBody(
    {
      id: "addReading",
      path: "/batches/{id}/readings",
      summary: "A reading of the bath or the weight; the batch's rate is fitted to it",
      tag: "readings",
      response: readingRequest,
    },
    readingRequest,
    ({ db, path, nowMs }, reading) => {
      addReading(db, path.id, reading, nowMs);
      return reading;
    },
  ),
  withBody(
    {
      id: "addSample",
      path: "/batches/{id}/samples",
      summary: "What an instrument reads: probe, fridge, salinity, scale",
      tag: "readings",
      response: sampleRequest,
    },
    sampleRequest,
    ({ db, path, nowMs }, sample) => {
      takeSample(db, path.id, sample, nowMs);
      return sample;
    },
  ),
];
