import { getTableColumns } from "drizzle-orm";
import type { SQLiteTable } from "drizzle-orm/sqlite-core";
import { createSelectSchema } from "drizzle-zod";
import { z } from "zod";
import { formulationSchema } from "@/contracts/formulation";
import { limitsSchema, ownEntryRequest, usualSchema, wordsSchema } from "@/contracts/kitchen";
import { instantMs } from "@/contracts/instant";
import { readingBody, timeZoneSchema } from "@/contracts/requests";
import { sheetSnapshotSchema } from "@/contracts/sheet";
import { calendarSchema, storedPlan } from "@/contracts/plan";
import { sittingBody } from "@/contracts/sitting";
import { tagsSchema } from "@/contracts/library";
import { learnedSchema } from "@/contracts/learned";
import { houseSaltSchema, tastingSchema } from "@/contracts/taste";
import { judgedSchema, panRequest } from "@/contracts/work";
import { TABLES, type TableName } from "./tables";

const field = (row: unknown, name: string): unknown => (row as KitchenRow)[name];

/** A field's value stays as it is stored: its contract is only asked whether it reads. */
const reads = (contract: z.ZodType) =>
  z.unknown().refine((value) => contract.safeParse(value).success, "does not read");

/** The columns as the schema has them; their types are of no use here, and too deep for the compiler. */
const selectSchema = createSelectSchema as unknown as (table: SQLiteTable, json: object) => z.ZodType;

const columns = (name: TableName, json: Record<string, z.ZodType> = {}): z.ZodType =>
  selectSchema(TABLES[name], json);

/** Every instant lies between 2020 and 2100, every zone is one: a sheet that cannot be drawn is not let in. */
function stamped(name: TableName, json: Record<string, z.ZodType> = {}): z.ZodType {
  const names = Object.keys(getTableColumns(TABLES[name]));
  // Asked of each of a day's readings: what there is to ask is looked up once.
  const instants = names.filter((column) => column.endsWith("AtMs") || column === "atMs");
  const hasZone = names.includes("timeZone");
  return columns(name, json).refine(
    (row) =>
      instants.every((column) => isInReach(field(row, column))) &&
      (!hasZone || timeZoneSchema.safeParse(field(row, "timeZone")).success),
    { message: "a time or a time zone is out of reach" },
  );
}

const isInReach = (value: unknown): boolean =>
  value === null || value === undefined || instantMs.safeParse(value).success;

/** What a row of each table must be: its columns, and JSON by its contract. */
const ROWS: Record<TableName, z.ZodType> = {
  kitchen: stamped("kitchen", {
    limits: reads(limitsSchema.nullable()),
    words: reads(wordsSchema.nullable()),
    usual: reads(usualSchema.nullable()),
    houseSalt: houseSaltSchema,
    learned: reads(learnedSchema.nullable()),
  }),
  own_entries: stamped("own_entries", { body: z.unknown() }).refine(
    (row) => ownEntryRequest.safeParse({ kind: field(row, "kind"), entry: field(row, "body") }).success,
    "the entry does not read",
  ),
  rates: stamped("rates"),
  tastings: stamped("tastings", { body: reads(tastingSchema) }),
  formulas: stamped("formulas", { tags: reads(tagsSchema) }),
  formula_versions: stamped("formula_versions", { body: reads(formulationSchema) }),
  batches: stamped("batches", {
    body: reads(formulationSchema),
    sheet: reads(sheetSnapshotSchema),
    // The mean of what several eaters said lies between two steps.
    saltScore: z.number().min(-2).max(2).nullable(),
  }),
  batch_events: stamped("batch_events"),
  acknowledgements: stamped("acknowledgements"),
  readings: stamped("readings", { body: reads(readingBody) }),
  batch_acts: stamped("batch_acts"),
  batch_weights: stamped("batch_weights"),
  samples: stamped("samples"),
  instrument_sessions: stamped("instrument_sessions", { pan: reads(panRequest.nullable()) }),
  outcomes: stamped("outcomes", { body: reads(judgedSchema) }),
  photos: stamped("photos"),
  sittings: stamped("sittings", {
    body: reads(sittingBody),
    plan: reads(storedPlan.nullable()),
    calendar: reads(calendarSchema.nullable()),
  }),
  sitting_acts: stamped("sitting_acts"),
};

/** Columns that came later: a row written before them has these. */
const SINCE: Partial<Record<TableName, KitchenRow>> = {
  kitchen: { houseSalt: null, learned: null },
  batch_acts: { notDone: false },
  batch_events: { deviceAheadMs: null },
  sitting_acts: { deviceAheadMs: null },
  sittings: { plan: null, calendar: null, clockFromMs: null, clockOwnMs: null, clockSpeed: 1 },
};

export type KitchenRow = Record<string, unknown>;

/** @throws ZodError where a row is not one of this table's */
export const checkRow = (name: TableName, row: unknown): KitchenRow =>
  ROWS[name].parse({ ...SINCE[name], ...(row as KitchenRow) }) as KitchenRow;
