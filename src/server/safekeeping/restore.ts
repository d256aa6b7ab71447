import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import Database from "better-sqlite3";
import { z } from "zod";
import { APPLICATION_ID, openDatabase, type WholeDb } from "../database";
import { Refusal } from "../problem";
import { snapshotFolder, takeSnapshot } from "./snapshots";
import { replaceAll } from "./replace";
import { checkRow } from "./rows";
import { TABLE_NAMES, TABLES } from "./tables";
import * as words from "@/words/server/safekeeping/restore";
import { firstOf } from "@/core/sequence";

/** The largest snapshot taken back. */
export const SNAPSHOT_MOST_BYTES = 512 * 1024 * 1024;
const SQLITE_HEADER = Buffer.from("SQLite format 3\0", "latin1");

/**
 * Puts a snapshot in place of the kitchen. It is checked first, on a copy: that it is a database, whole, of this
 * program and no newer than it, and that every row reads. The kitchen that was there is kept as a snapshot.
 * @returns the name of that snapshot
 * @throws Refusal 422 with what is wrong; nothing was changed then
 */
export async function restoreSnapshot(
  db: WholeDb,
  databaseFile: string,
  bytes: Buffer,
  nowMs: number,
): Promise<string> {
  const folder = mkdtempSync(path.join(tmpdir(), "iron-crock-restore-"));
  try {
    const file = path.join(folder, "restored.db");
    checkFile(bytes, file);
    checkRows(file);
    const old = await takeSnapshot(db, snapshotFolder(databaseFile), nowMs, "before-restore");
    const from = openDatabase(file);
    try {
      replaceAll(db, (name) => from.select().from(TABLES[name]).all());
    } finally {
      from.$client.close();
    }
    return path.basename(old);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

function readRow(name: (typeof TABLE_NAMES)[number], index: number, row: unknown): void {
  try {
    checkRow(name, row);
  } catch (error) {
    const field = error instanceof z.ZodError ? firstOf(error.issues).path.join(".") : "";
    throw unfit(words.rowOfDoesNotRead({ index: index + 1, name, field }));
  }
}

const unfit = (why: string) => new Refusal(422, words.notASnapshotOfA, words.nothingWasChangedItWants(why));

function checkFile(bytes: Buffer, file: string): void {
  if (!bytes.subarray(0, SQLITE_HEADER.length).equals(SQLITE_HEADER)) throw unfit(words.thisIsNotADatabase);
  writeFileSync(file, bytes);
  let migrated: WholeDb | undefined;
  try {
    const raw = new Database(file);
    try {
      if (raw.pragma("integrity_check", { simple: true }) !== "ok") throw unfit(words.theFileIsDamaged);
      // Views, triggers and columns that work themselves out are not ours: code in a stranger's file is not run.
      const strange = raw.prepare(STRANGE).get();
      if (strange) throw unfit(words.theFileHoldsWhatNo);
      // Before it is brought up to date: an empty or strange database would become an empty kitchen.
      if (!isKitchen(raw)) throw unfit(words.itIsADatabaseOf);
    } finally {
      raw.close();
    }
    migrated = openDatabase(file);
    const newest = migrated.$client.prepare("SELECT max(created_at) AS at FROM __drizzle_migrations").get();
    const known = openDatabase(":memory:");
    const ours = known.$client.prepare("SELECT max(created_at) AS at FROM __drizzle_migrations").get();
    known.$client.close();
    if ((newest as { at: number }).at > (ours as { at: number }).at)
      throw new Refusal(422, words.aNewerKitchen, words.thisSnapshotWasMadeBy);
  } catch (error) {
    if (error instanceof Refusal) throw error;
    throw unfit(words.theFileDoesNotRead);
  } finally {
    migrated?.$client.close();
  }
}

/** A column's "hidden" is 0 where it is stored as any other; 2 and 3 where it is generated. */
const STRANGE = `
  SELECT name FROM sqlite_master WHERE type IN ('view', 'trigger')
  UNION ALL
  SELECT c.name FROM sqlite_master m, pragma_table_xinfo(m.name) c WHERE m.type = 'table' AND c.hidden > 0`;

/** Our mark, or, for those written before there was one, our tables with their migrations. */
function isKitchen(raw: Database.Database): boolean {
  const mark = raw.pragma("application_id", { simple: true });
  if (mark !== 0 && mark !== APPLICATION_ID) return false;
  const names = new Set(
    (raw.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").all() as { name: string }[]).map(
      (row) => row.name,
    ),
  );
  return OURS.every((name) => names.has(name));
}
/** Every schema there ever was has these. */
const OURS = ["__drizzle_migrations", "kitchen", "formulas", "formula_versions", "batches"];

/** Every row must read before one is put in place. */
function checkRows(file: string): void {
  const db = openDatabase(file);
  try {
    if ((db.$client.pragma("foreign_key_check") as unknown[]).length > 0)
      throw unfit(words.itsRowsDoNotBelong);
    for (const name of TABLE_NAMES)
      for (const [i, row] of db.select().from(TABLES[name]).all().entries()) readRow(name, i, row);
  } catch (error) {
    if (error instanceof Refusal) throw error;
    throw unfit(words.aRowOfItDoes);
  } finally {
    db.$client.close();
  }
}
