import { z } from "zod";
import { readingRequest } from "@/contracts/requests";
import { CHANNELS, sampleRequest, sampleSchema } from "@/contracts/work";
import { loadBatch } from "../../batch-views";
import { CSV_MOST_BYTES } from "../../exchange/csv/readings";
import { heavy } from "../../heavy/pool";
import { fileBy } from "../../heavy/work-files";
import { addReading, removeReading } from "../../readings";
import { allSamples, removeSample, takeSample } from "../../samples";
import { notFound } from "../../problem";
import { EXAMPLE_INSTANT_MS } from "../examples";
import { decimalQuery, FileOnDisk, operation } from "../operation";

const readingsAnswer = z.object({
  readings: z.array(z.object({ id: z.number(), atMs: z.number(), reading: readingRequest.shape.reading })),
  samples: z.array(sampleSchema),
});

export const READING_OPERATIONS = [
  operation({
    id: "listReadings",
    method: "get",
    path: "/batches/{id}/readings",
    summary: "Everything read of a batch",
    tag: "readings",
    response: readingsAnswer,
    run: ({ db, path }) => ({
      readings: loadBatch(db, path.id).readings,
      samples: allSamples(db, path.id),
    }),
  }),
  operation({
    id: "addReading",
    method: "post",
    path: "/batches/{id}/readings",
    summary: "A reading of the bath or the weight; the batch's rate is fitted to it",
    tag: "readings",
    scope: "readings",
    body: readingRequest,
    example: { atMs: EXAMPLE_INSTANT_MS, reading: { kind: "bathStrength", saltFraction: 0.021 } },
    response: readingRequest,
    run: ({ db, path, body, nowMs }) => {
      addReading(db, path.id, body, nowMs);
      return body;
    },
  }),
  operation({
    id: "removeReading",
    method: "delete",
    path: "/batches/{id}/readings/{readingId}",
    summary: "Takes a reading of the bath or the weight back",
    tag: "readings",
    run: ({ db, path }) => {
      const id = Number(path.readingId);
      if (!loadBatch(db, path.id).readings.some((r) => r.id === id)) throw notFound("reading");
      removeReading(db, path.id, id);
    },
  }),
  operation({
    id: "addSample",
    method: "post",
    path: "/batches/{id}/samples",
    summary: "What an instrument reads: probe, fridge, salinity, scale; of the same instant it is kept once",
    tag: "readings",
    scope: "readings",
    body: sampleRequest,
    example: { channel: "probe", atMs: EXAMPLE_INSTANT_MS, value: 41.5 },
    response: sampleSchema,
    run: ({ db, path, body, nowMs }) => {
      takeSample(db, path.id, body, nowMs);
      return body;
    },
  }),
  operation({
    id: "removeSample",
    method: "delete",
    path: "/batches/{id}/samples/{channel}/{atMs}",
    summary: "Takes what an instrument read at an instant back",
    tag: "readings",
    run: ({ db, path }) => {
      const channel = CHANNELS.find((c) => c === path.channel);
      if (!channel || !removeSample(db, path.id, channel, Number(path.atMs))) throw notFound("reading");
    },
  }),
  operation({
    id: "readingsCsv",
    method: "get",
    path: "/batches/{id}/readings.csv",
    summary: "Everything read of a batch as CSV",
    tag: "readings",
    query: decimalQuery,
    gives: ["text/csv"],
    run: async ({ db, path, query }) => {
      const { name } = loadBatch(db, path.id);
      const file = await fileBy((to) => heavy(db, "readingsCsv", path.id, to, query.decimal));
      return new FileOnDisk(file, "text/csv; charset=utf-8", `${name}.readings.csv`);
    },
  }),
  operation({
    id: "takeReadingsIn",
    method: "post",
    path: "/batches/{id}/readings.csv",
    summary: "Readings from such a file: all of them, or none",
    tag: "readings",
    scope: "readings",
    takes: { media: "text/csv", mostBytes: CSV_MOST_BYTES },
    status: 200,
    response: z.object({ kept: z.number() }),
    run: ({ db, path, file, nowMs }) => heavy(db, "keepReadings", path.id, file, nowMs),
  }),
];
