import type { SQLiteTable } from "drizzle-orm/sqlite-core";
import { createSelectSchema } from "drizzle-zod";
import { z } from "zod";
import { formulationSchema } from "@/contracts/formulation";
import { limitsSchema, ownEntryRequest, usualSchema, wordsSchema } from "@/contracts/kitchen";
import { readingBody } from "@/contracts/requests";
import { sheetSnapshotSchema } from "@/contracts/sheet";
import { storedPlan } from "@/contracts/plan";
import { sittingBody } from "@/contracts/sitting";
import { tagsSchema } from "@/contracts/library";
import { judgedSchema, panRequest } from "@/contracts/work";
import { TABLES, type TableName } from "./tables";

/** A field's value stays as it is stored: its contract is only asked whether it reads. */
const reads = (contract: z.ZodType) =>
  z.unknown().refine((value) => contract.safeParse(value).success, "does not read");

/** The columns as the schema has them; their types are of no use here, and too deep for the compiler. */
const selectSchema = createSelectSchema as unknown as (table: SQLiteTable, json: object) => z.ZodType;

const columns = (name: TableName, json: Record<string, z.ZodType> = {}): z.ZodType =>
  selectSchema(TABLES[name], json);

/** What a row of each table must be: its columns, and JSON by its contract. */
const ROWS: Record<TableName, z.ZodType> = {
  kitchen: columns("kitchen", {
    limits: reads(limitsSchema.nullable()),
    words: reads(wordsSchema.nullable()),
    usual: reads(usualSchema.nullable()),
  }),
  own_entries: columns("own_entries", { body: z.unknown() }).refine(
    (row) => ownEntryRequest.safeParse({ kind: field(row, "kind"), entry: field(row, "body") }).success,
    "the entry does not read",
  ),
  rates: columns("rates"),
  formulas: columns("formulas", { tags: reads(tagsSchema) }),
  formula_versions: columns("formula_versions", { body: reads(formulationSchema) }),
  batches: columns("batches", { body: reads(formulationSchema), sheet: reads(sheetSnapshotSchema) }),
  batch_events: columns("batch_events"),
  acknowledgements: columns("acknowledgements"),
  readings: columns("readings", { body: reads(readingBody) }),
  batch_acts: columns("batch_acts"),
  batch_weights: columns("batch_weights"),
  samples: columns("samples"),
  instrument_sessions: columns("instrument_sessions", { pan: reads(panRequest.nullable()) }),
  outcomes: columns("outcomes", { body: reads(judgedSchema) }),
  photos: columns("photos"),
  sittings: columns("sittings", { body: reads(sittingBody), plan: reads(storedPlan.nullable()) }),
  sitting_acts: columns("sitting_acts"),
};

/** Columns that came later: a row written before them has these. */
const SINCE: Partial<Record<TableName, KitchenRow>> = {
  batch_acts: { notDone: false },
  sittings: { plan: null },
};

const field = (row: unknown, name: string): unknown => (row as KitchenRow)[name];

export type KitchenRow = Record<string, unknown>;

/** @throws ZodError where a row is not one of this table's */
export const checkRow = (name: TableName, row: unknown): KitchenRow =>
  ROWS[name].parse({ ...SINCE[name], ...(row as KitchenRow) }) as KitchenRow;
