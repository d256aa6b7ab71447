import { getTableColumns, sql } from "drizzle-orm";
import type { SQLiteTable } from "drizzle-orm/sqlite-core";
import Database from "better-sqlite3";
import { drizzle } from "drizzle-orm/better-sqlite3";
import { openDatabase, type WholeDb, writing } from "./database";
import { codeOf } from "./problem";
import { put } from "./safekeeping/replace";
import type { KitchenRow } from "./safekeeping/rows";
import { TABLE_NAMES, TABLES, type TableName } from "./safekeeping/tables";
import * as schema from "./schema";

/*
 * What is all or nothing, and needs seconds of sums between its writes, would hold the kitchen's one right to write for as
 * long. It is done in a copy, and what came of it is brought over in one short write.
 */

/** Large, and nothing is worked out from them. */
const LEFT_OUT: TableName = "photos";
/** So often somebody else may write the same just then. */
const TRIES = 3;

/**
 * Does in a copy of the kitchen what adds to it, and brings over what was added: all of it, or nothing. Where it does not
 * fit any more, because somebody else wrote meanwhile, it is done once more on the kitchen as it is then.
 * @param add only ever adds rows: what it changes of those that are there stays in the copy
 */
export function addedByTrial<T>(db: WholeDb, add: (trial: WholeDb) => T): T {
  for (let tried = 1; ; tried++) {
    const trial = copyOf(db);
    try {
      const had = lastRows(trial);
      const result = add(trial);
      bringOver(db, trial, had);
      return result;
    } catch (error) {
      if (tried === TRIES || !codeOf(error).startsWith("SQLITE_CONSTRAINT")) throw error;
    } finally {
      trial.$client.close();
    }
  }
}

/** The kitchen as it is now, in memory. */
function copyOf(db: WholeDb): WholeDb {
  if (db.$client.memory) return drizzle(new Database(db.$client.serialize()), { schema });
  const copy = openDatabase(":memory:");
  copy.$client.prepare("ATTACH ? AS original").run(db.$client.name);
  // A kitchen with a row that has lost its own is copied as it is.
  copy.$client.pragma("foreign_keys = OFF");
  // In one, so that every table is of the same moment; looked at only, so that nobody is kept from writing.
  copy.$client.exec("BEGIN");
  for (const name of TABLE_NAMES) {
    if (name === LEFT_OUT) continue;
    const columns = Object.values(getTableColumns<SQLiteTable>(TABLES[name])).map(({ name }) => `"${name}"`);
    copy.$client.exec(
      `DELETE FROM main."${name}";
       INSERT INTO main."${name}" (${columns.join()}) SELECT ${columns.join()} FROM original."${name}"`,
    );
  }
  copy.$client.exec("COMMIT");
  // Left attached, each write in the copy would take the kitchen's right to write as well.
  copy.$client.exec("DETACH original");
  copy.$client.pragma("foreign_keys = ON");
  return copy;
}

/** The last row of each table, by SQLite's own number: what is added comes after it. */
const lastRows = (trial: WholeDb) =>
  new Map(
    TABLE_NAMES.map((name) => [
      name,
      trial.$client.prepare(`SELECT ifnull(max(rowid), 0) FROM "${name}"`).pluck().get() as number,
    ]),
  );

function bringOver(db: WholeDb, trial: WholeDb, had: ReadonlyMap<TableName, number>): void {
  const added = TABLE_NAMES.map((name) => ({
    name,
    rows: trial
      .select()
      .from(TABLES[name])
      .where(sql`rowid > ${had.get(name)}`)
      .all(),
  }));
  writing(db, (tx) => {
    for (const { name, rows } of added) put(tx, name, isCounted(name) ? rows.map(uncounted) : rows);
  });
}

/** Rows that are only counted: the kitchen has counted on meanwhile. */
function isCounted(name: TableName): boolean {
  const columns: Record<string, { getSQLType: () => string }> = getTableColumns(TABLES[name]);
  return columns.id?.getSQLType() === "integer";
}

function uncounted(row: KitchenRow): KitchenRow {
  const rest = { ...row };
  delete rest.id;
  return rest;
}
