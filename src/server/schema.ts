import { sql } from "drizzle-orm";
import {
  blob,
  check,
  customType,
  index,
  integer,
  primaryKey,
  real,
  sqliteTable,
  text,
  uniqueIndex,
} from "drizzle-orm/sqlite-core";

/**
 * JSON as text. What is no JSON reads as undefined, which no contract takes: the row is then the one that does not read, and not
 * the whole question it was asked for in.
 */
const json = customType<{ data: unknown; driverData: string }>({
  dataType: () => "text",
  toDriver: (value) => JSON.stringify(value),
  fromDriver(text) {
    try {
      return JSON.parse(text) as unknown;
    } catch {
      return undefined;
    }
  },
});

/** One row: the kitchen this database belongs to. */
export const kitchen = sqliteTable(
  "kitchen",
  {
    id: integer("id").primaryKey(),
    name: text("name").notNull(),
    timeZone: text("time_zone").notNull(),
    measures: text("measures", { enum: ["us", "metric"] }).notNull(),
    /** Eaters, fridge shelf, thermometer: what the rules ask of a kitchen. Null until somebody said. */
    limits: json("limits"),
    /** What a pinch, a dash and "to taste" stand for here. Null for the usual. */
    words: json("words"),
    /** Ovens, shelves, hands and quiet hours a new sitting begins with. Null for the usual. */
    usual: json("usual"),
    /** The wanted salt this kitchen has taken for its own, share of finished flesh. Null for the usual. */
    houseSalt: real("house_salt"),
    /** What was decided about what it has learnt. Null until something was. */
    learned: json("learned"),
  },
  (t) => [check("kitchen_single", sql`${t.id} = 1`)],
);

/** The kitchen's own foods, salts, ingredients and vessels, and the table's it measured anew. */
export const ownEntries = sqliteTable(
  "own_entries",
  {
    kind: text("kind", { enum: ["food", "salt", "ingredient", "vessel"] }).notNull(),
    id: text("id").notNull(),
    /** The entry as JSON, checked by its contract on the way in and out. */
    body: json("body").notNull(),
    changedAtMs: integer("changed_at_ms").notNull(),
    /** Archived: kept, and no longer offered. */
    archivedAtMs: integer("archived_at_ms"),
  },
  (t) => [primaryKey({ columns: [t.kind, t.id] })],
);

export const formulas = sqliteTable("formulas", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  createdAtMs: integer("created_at_ms").notNull(),
  /** Words it is found by, as a JSON list. */
  tags: json("tags").notNull().default([]),
  /** Archived: kept with its batches, and no longer offered. */
  archivedAtMs: integer("archived_at_ms"),
  /** The version it was branched from; null where it began here. */
  branchedFrom: text("branched_from"),
});

/** An edit makes a new version; none is ever changed. */
export const formulaVersions = sqliteTable(
  "formula_versions",
  {
    id: text("id").primaryKey(),
    formulaId: text("formula_id")
      .notNull()
      .references(() => formulas.id),
    version: integer("version").notNull(),
    /** Formulation as JSON, checked by its contract on the way in and out. */
    body: json("body").notNull(),
    note: text("note").notNull(),
    createdAtMs: integer("created_at_ms").notNull(),
  },
  (t) => [uniqueIndex("formula_version").on(t.formulaId, t.version)],
);

export const batches = sqliteTable(
  "batches",
  {
    id: text("id").primaryKey(),
    formulaVersionId: text("formula_version_id")
      .notNull()
      .references(() => formulaVersions.id),
    name: text("name").notNull(),
    body: json("body").notNull(),
    sheet: json("sheet").notNull(),
    startedAtMs: integer("started_at_ms").notNull(),
    plannedLiftAtMs: integer("planned_lift_at_ms").notNull(),
    liftedAtMs: integer("lifted_at_ms"),
    /** What this kitchen knew of the food's rate when the batch began: diffusivity over the table's. */
    priorFactor: real("prior_factor").notNull().default(1),
    /** One standard deviation of its logarithm; null where only the table was known. */
    priorDoubt: real("prior_doubt"),
    /** The same after this batch's own readings. */
    rateFactor: real("rate_factor").notNull().default(1),
    rateDoubt: real("rate_doubt"),
    timeZone: text("time_zone").notNull(),
    /** A rehearsal's clock runs faster: from this instant on, so many times. Null: as everybody's. */
    clockFromMs: integer("clock_from_ms"),
    /** What its own clock showed at that instant. */
    clockOwnMs: integer("clock_own_ms"),
    clockSpeed: real("clock_speed").notNull().default(1),
    /** Every line times this: what was poured over decided it at the weighing. */
    scaledBy: real("scaled_by").notNull().default(1),
    /** What the record is searched and sorted by, out of the JSON. */
    foodId: text("food_id").notNull().default(""),
    kind: text("kind").notNull().default(""),
    targetFraction: real("target_fraction").notNull().default(0),
    /** Judged salt, −2 to 2; null while nobody judged. */
    saltScore: integer("salt_score"),
  },
  (t) => [
    index("batches_by_lift").on(t.liftedAtMs, t.startedAtMs),
    index("batches_by_food").on(t.foodId, t.liftedAtMs),
  ],
);

/** What happened to a batch, in order; only ever added to. */
export const batchEvents = sqliteTable(
  "batch_events",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    batchId: text("batch_id")
      .notNull()
      .references(() => batches.id),
    kind: text("kind", {
      enum: [
        "started",
        "lifted",
        "lift_undone",
        "act_done",
        "act_timed",
        "act_not_done",
        "act_undone",
        "judged",
      ],
    }).notNull(),
    /** Which act, for acts. */
    what: text("what"),
    /** When it happened, by the cook's word. */
    atMs: integer("at_ms").notNull(),
    recordedAtMs: integer("recorded_at_ms").notNull(),
    /** By how much the clock of the device it was tapped on was ahead, where its hour was set right by that. */
    deviceAheadMs: integer("device_ahead_ms"),
  },
  (t) => [index("events_by_batch").on(t.batchId)],
);

export const acknowledgements = sqliteTable("acknowledgements", {
  id: integer("id").primaryKey({ autoIncrement: true }),
  batchId: text("batch_id")
    .notNull()
    .references(() => batches.id),
  ruleId: text("rule_id").notNull(),
  title: text("title").notNull(),
  severity: text("severity", { enum: ["stop", "caution", "tip"] }).notNull(),
  reason: text("reason").notNull(),
  atMs: integer("at_ms").notNull(),
});

/** What was read of a running soak. */
export const readings = sqliteTable(
  "readings",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    batchId: text("batch_id")
      .notNull()
      .references(() => batches.id),
    /** The reading as its contract has it; its hours follow from `atMs`. */
    body: json("body").notNull(),
    atMs: integer("at_ms").notNull(),
    recordedAtMs: integer("recorded_at_ms").notNull(),
  },
  (t) => [index("readings_by_batch").on(t.batchId)],
);

/** What this kitchen's readings taught of a food, kept by the cook's word. */
export const rates = sqliteTable("rates", {
  foodId: text("food_id").primaryKey(),
  factor: real("factor").notNull(),
  doubt: real("doubt").notNull(),
  learntAtMs: integer("learnt_at_ms").notNull(),
});

/** Guided tastings: what was drawn, who tasted, and what they said. */
export const tastings = sqliteTable("tastings", {
  id: text("id").primaryKey(),
  /** The tasting as JSON, checked by its contract on the way in and out. */
  body: json("body").notNull(),
  startedAtMs: integer("started_at_ms").notNull(),
});

/** Acts confirmed; one row an act, whoever tapped first. */
export const batchActs = sqliteTable(
  "batch_acts",
  {
    batchId: text("batch_id")
      .notNull()
      .references(() => batches.id),
    actId: text("act_id").notNull(),
    /** When it was done, by the cook's word, in the batch's own time. */
    doneAtMs: integer("done_at_ms").notNull(),
    recordedAtMs: integer("recorded_at_ms").notNull(),
    /** Said to be not done, and not to come: behind as well, but not done. */
    notDone: integer("not_done", { mode: "boolean" }).notNull().default(false),
  },
  (t) => [primaryKey({ columns: [t.batchId, t.actId] })],
);

/** What was really weighed, a line at a time. */
export const batchWeights = sqliteTable(
  "batch_weights",
  {
    batchId: text("batch_id")
      .notNull()
      .references(() => batches.id),
    lineId: text("line_id").notNull(),
    grams: real("grams").notNull(),
    recordedAtMs: integer("recorded_at_ms").notNull(),
  },
  (t) => [primaryKey({ columns: [t.batchId, t.lineId] })],
);

/** What instruments read, in the batch's own time. */
export const samples = sqliteTable(
  "samples",
  {
    batchId: text("batch_id")
      .notNull()
      .references(() => batches.id),
    channel: text("channel").notNull(),
    atMs: integer("at_ms").notNull(),
    value: real("value").notNull(),
  },
  (t) => [primaryKey({ columns: [t.batchId, t.channel, t.atMs] })],
);

/** Instruments attached to a batch; a simulated one is known by its seed, so that it outlives a restart. */
export const instrumentSessions = sqliteTable(
  "instrument_sessions",
  {
    batchId: text("batch_id")
      .notNull()
      .references(() => batches.id),
    channel: text("channel").notNull(),
    kind: text("kind", { enum: ["scale", "probe", "fridge", "salinity"] }).notNull(),
    /** What stands on a simulated scale, and since when. */
    pan: json("pan"),
    panSinceMs: integer("pan_since_ms"),
    seed: integer("seed").notNull(),
    /** In the batch's own time. */
    fromMs: integer("from_ms").notNull(),
    untilMs: integer("until_ms"),
  },
  (t) => [primaryKey({ columns: [t.batchId, t.channel] })],
);

/** How a batch turned out, once somebody ate it. */
export const outcomes = sqliteTable("outcomes", {
  batchId: text("batch_id")
    .primaryKey()
    .references(() => batches.id),
  /** Judgement as JSON, checked by its contract on the way in and out. */
  body: json("body").notNull(),
  judgedAtMs: integer("judged_at_ms").notNull(),
});

/** Pictures of how a batch turned out: re-encoded on the way in, so that nothing of the camera's is kept. */
export const photos = sqliteTable(
  "photos",
  {
    id: text("id").primaryKey(),
    batchId: text("batch_id")
      .notNull()
      .references(() => batches.id),
    jpeg: blob("jpeg", { mode: "buffer" }).notNull(),
    width: integer("width").notNull(),
    height: integer("height").notNull(),
    takenAtMs: integer("taken_at_ms").notNull(),
  },
  (t) => [index("photos_by_batch").on(t.batchId)],
);

/** A table time and its dishes. Saved whole; a save from an older revision is told of the newer. */
export const sittings = sqliteTable("sittings", {
  id: text("id").primaryKey(),
  /** The sitting as JSON, checked by its contract on the way in and out. */
  body: json("body").notNull(),
  revision: integer("revision").notNull(),
  tableMs: integer("table_ms").notNull(),
  changedAtMs: integer("changed_at_ms").notNull(),
  /** The plan as it was decided, with what it was made from; null until one is asked for. */
  plan: json("plan"),
  /** Its acts as calendars were told of them; null until one was planned. */
  calendar: json("calendar"),
  /** A rehearsed evening's clock, which its batches share: as a batch's own. Null: as everybody's. */
  clockFromMs: integer("clock_from_ms"),
  clockOwnMs: integer("clock_own_ms"),
  clockSpeed: real("clock_speed").notNull().default(1),
});

/** Acts of what is only cooked at a sitting; one row an act, whoever tapped first. */
export const sittingActs = sqliteTable(
  "sitting_acts",
  {
    sittingId: text("sitting_id")
      .notNull()
      .references(() => sittings.id, { onDelete: "cascade" }),
    /** The dish and the step. */
    taskId: text("task_id").notNull(),
    doneAtMs: integer("done_at_ms").notNull(),
    recordedAtMs: integer("recorded_at_ms").notNull(),
    notDone: integer("not_done", { mode: "boolean" }).notNull().default(false),
    deviceAheadMs: integer("device_ahead_ms"),
  },
  (t) => [primaryKey({ columns: [t.sittingId, t.taskId] })],
);
