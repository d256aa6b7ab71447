import type { SQLiteTable } from "drizzle-orm/sqlite-core";
import * as schema from "../schema";

/** Every table of a kitchen, in an order in which each row's parents come before it. */
export const TABLES = {
  kitchen: schema.kitchen,
  own_entries: schema.ownEntries,
  rates: schema.rates,
  tastings: schema.tastings,
  formulas: schema.formulas,
  formula_versions: schema.formulaVersions,
  batches: schema.batches,
  batch_events: schema.batchEvents,
  acknowledgements: schema.acknowledgements,
  readings: schema.readings,
  batch_acts: schema.batchActs,
  batch_weights: schema.batchWeights,
  samples: schema.samples,
  instrument_sessions: schema.instrumentSessions,
  outcomes: schema.outcomes,
  photos: schema.photos,
  sittings: schema.sittings,
  sitting_acts: schema.sittingActs,
} satisfies Record<string, SQLiteTable>;
export type TableName = keyof typeof TABLES;
export const TABLE_NAMES = Object.keys(TABLES) as TableName[];
