import { readFileSync } from "node:fs";
import { z } from "zod";
import {
  equipmentSchema,
  limitsSchema,
  ownEntryRequest,
  usualSchema,
  wordsSchema,
} from "@/contracts/kitchen";
import { recordQuery } from "@/contracts/record";
import { kitchenRequest } from "@/contracts/requests";
import { ARCHIVE_MOST_BYTES } from "../../exchange/archive";
import { heavy } from "../../heavy/pool";
import { fileBy } from "../../heavy/work-files";
import { ACTS, LEDGER, RECORD, recordCsv, SHEET } from "../../exchange/csv/tables";
import { changeKitchen, loadKitchen } from "../../kitchen";
import { dropOwn, keepOwn } from "../../own-entries";
import { notFound, Refusal } from "../../problem";
import { listRecord, wholeRecord } from "../../record";
import { usesOf } from "../../where-used";
import { EXAMPLE_OWN_SALT } from "../examples";
import { decimalQuery, FileAnswer, FileOnDisk, operation } from "../operation";
import * as words from "@/words/server/api/operations/kitchen";

const kitchenAnswer = z.object({
  name: z.string(),
  timeZone: z.string(),
  measures: z.enum(["us", "metric"]),
  limits: limitsSchema,
  words: wordsSchema,
  usual: usualSchema.extend({ equipment: equipmentSchema }),
  houseSalt: z.number().nullable(),
});
const recordAnswer = z.object({
  rows: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      foodId: z.string(),
      kind: z.string(),
      startedAtMs: z.number(),
      plannedLiftAtMs: z.number(),
      liftedAtMs: z.number(),
      targetFraction: z.number(),
      saltScore: z.number().nullable(),
    }),
  ),
  total: z.number(),
});
const TABLES = { sheet: SHEET, ledger: LEDGER, record: RECORD, acts: ACTS };
const tableRow = z.record(
  z.string(),
  z.union([z.string(), z.number(), z.boolean(), z.array(z.string()), z.null()]),
);
const CSV_MOST_BYTES = 8 * 1024 * 1024;

const KINDS = ownEntryRequest.options.map((option) => option.shape.kind.value);

const isTable = (name: string): name is keyof typeof TABLES => Object.hasOwn(TABLES, name);

export const KITCHEN_OPERATIONS = [
  operation({
    id: "loadKitchen",
    method: "get",
    path: "/kitchen",
    summary: "This kitchen: its zone, measures, eaters and what it has",
    tag: "kitchen",
    response: kitchenAnswer,
    run: ({ db }) => loadKitchen(db),
  }),
  operation({
    id: "changeKitchen",
    method: "patch",
    path: "/kitchen",
    summary: "Changes what is named, and nothing else",
    tag: "kitchen",
    body: kitchenRequest,
    example: { measures: "metric", timeZone: "Europe/London" },
    guards: "loadKitchen",
    response: kitchenAnswer,
    run: ({ db, body }) => changeKitchen(db, body),
  }),
  operation({
    id: "listOwn",
    method: "get",
    path: "/own",
    summary: "The kitchen's own entries, and the table's it measured anew",
    tag: "kitchen",
    response: z.array(ownEntryRequest),
    run: ({ db }) => {
      const { own, vessels } = loadKitchen(db);
      return [
        ...own.foods.map((entry) => ({ kind: "food" as const, entry })),
        ...own.salts.map((entry) => ({ kind: "salt" as const, entry })),
        ...own.ingredients.map((entry) => ({ kind: "ingredient" as const, entry })),
        ...vessels.map((entry) => ({ kind: "vessel" as const, entry })),
      ];
    },
  }),
  operation({
    id: "keepOwn",
    method: "put",
    path: "/own",
    summary: "Keeps an entry, in place of the one with its id",
    tag: "kitchen",
    body: ownEntryRequest,
    example: { kind: "salt", entry: EXAMPLE_OWN_SALT },
    response: ownEntryRequest,
    run: ({ db, body, nowMs }) => {
      keepOwn(db, body, nowMs);
      return body;
    },
  }),
  operation({
    id: "dropOwn",
    method: "delete",
    path: "/own/{kind}/{id}",
    summary: "Takes an entry out for good; 409 while a formula uses it",
    tag: "kitchen",
    run: ({ db, path }) => {
      const kind = KINDS.find((k) => k === path.kind);
      const { own, vessels } = loadKitchen(db);
      const entries = [...own.foods, ...own.salts, ...own.ingredients, ...vessels];
      if (!kind || !entries.some((e) => e.id === path.id)) throw notFound("entry");
      const uses = usesOf(db, kind, path.id);
      if (uses.length > 0)
        throw new Refusal(409, words.inUse, words.itIsUsedThere(uses.map((u) => u.name).join(", ")));
      dropOwn(db, kind, path.id);
    },
  }),
  operation({
    id: "listRecord",
    method: "get",
    path: "/record",
    summary: "Batches that are out, forty to a page: searched, filtered and sorted as on the Record",
    tag: "kitchen",
    query: z.strictObject(recordQuery.shape),
    response: recordAnswer,
    run: ({ db, query }) => listRecord(db, query),
  }),
  operation({
    id: "recordCsv",
    method: "get",
    path: "/record.csv",
    summary: "The whole record as CSV",
    tag: "kitchen",
    query: decimalQuery,
    gives: ["text/csv"],
    run: ({ db, query }) =>
      new FileAnswer(
        recordCsv(wholeRecord(db), loadKitchen(db).timeZone, query.decimal),
        "text/csv",
        "record.csv",
      ),
  }),
  operation({
    id: "readTable",
    method: "post",
    path: "/tables/{table}",
    summary: "A weigh-out, ledger, record or plan as this kitchen wrote it as CSV, read back into rows",
    tag: "kitchen",
    scope: "read",
    takes: { media: "text/csv", mostBytes: CSV_MOST_BYTES },
    status: 200,
    response: z.array(tableRow),
    run: ({ path, file }): z.infer<typeof tableRow>[] => {
      if (!isTable(path.table)) throw notFound("table");
      return TABLES[path.table].read(readFileSync(file, "utf8"));
    },
  }),
  operation({
    id: "writeArchive",
    method: "get",
    path: "/archive",
    summary: "The whole kitchen in one file",
    tag: "kitchen",
    scope: "all",
    gives: ["application/zip"],
    run: async ({ db, nowMs }) => {
      const file = await fileBy((to) => heavy(db, "archive", to, nowMs));
      return new FileOnDisk(file, "application/zip", "kitchen.zip");
    },
  }),
  operation({
    id: "takeArchiveIn",
    method: "post",
    path: "/archive",
    summary: "A kitchen from its file; one that has something in it is replaced only when told to",
    tag: "kitchen",
    query: z.strictObject({ replace: z.enum(["0", "1"]).default("0") }),
    takes: { media: "application/zip", mostBytes: ARCHIVE_MOST_BYTES },
    status: 200,
    response: z.object({ old: z.string().nullable() }),
    run: async ({ db, file, query, nowMs }) => ({
      old: await heavy(db, "takeArchiveIn", file, { replace: query.replace === "1", nowMs }),
    }),
  }),
];
