import {
  chmodSync,
  closeSync,
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  statSync,
} from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import Database from "better-sqlite3";
import { drizzle } from "drizzle-orm/better-sqlite3";
import { migrate } from "drizzle-orm/better-sqlite3/migrator";
import type { BaseSQLiteDatabase } from "drizzle-orm/sqlite-core";
import { codeOf } from "./problem";
import * as schema from "./schema";

/** The database, or a transaction on it: a service need not know which. */
export type Db = BaseSQLiteDatabase<"sync", Database.RunResult, typeof schema>;

/** The database itself, with its connection. */
export type WholeDb = Db & { $client: Database.Database };

/** Our mark in the file's own header: "IrCr". */
export const APPLICATION_ID = 0x49724372;

const MIGRATIONS = path.join(process.cwd(), "drizzle");

/**
 * Opens a database file (or ":memory:") and brings it to the newest schema. Where the file may not be written, a copy of
 * it is opened for reading only: the sheets can still be read, and every write is refused with its reason.
 */
export function openDatabase(file: string): WholeDb {
  try {
    if (file !== ":memory:") ownersOnly(file);
    return ready(new Database(file));
  } catch (error) {
    if (!isUnwritable(error) || !existsSync(file)) throw error;
    const copied = ready(new Database(copyOf(file)));
    copied.$client.pragma("query_only = ON");
    return copied;
  }
}

/** What eaters must not eat and how it went is nobody's but the kitchen's: no other user of the machine reads the file. */
function ownersOnly(file: string): void {
  mkdirSync(path.dirname(path.resolve(file)), { recursive: true });
  // The write-ahead log and its index take their rights from it.
  closeSync(openSync(file, "a", 0o600));
  // Somebody else's file, shared with us, keeps the rights they gave it.
  if (statSync(file).uid === process.getuid?.()) chmodSync(file, 0o600);
}

/** A small database of its own beside the kitchen's. @throws where nothing can be written there */
export function openOwnersOnly(file: string): Database.Database {
  ownersOnly(file);
  return new Database(file);
}

function ready(sqlite: Database.Database): WholeDb {
  sqlite.pragma("journal_mode = WAL");
  // A write is answered only when it is on the disk: a power cut takes nothing that was acknowledged.
  sqlite.pragma("synchronous = FULL");
  sqlite.pragma("busy_timeout = 5000");
  sqlite.pragma("foreign_keys = ON");
  const db = drizzle(sqlite, { schema });
  migrate(db, { migrationsFolder: MIGRATIONS });
  sqlite.pragma(`application_id = ${APPLICATION_ID}`);
  return db;
}

/**
 * Another connection to a database, for what reads long and a part at a time: what is asked of the first meanwhile does not
 * find it busy. One in memory has no other: it is given as it is.
 */
export function aside(db: WholeDb): { db: WholeDb; close: () => void } {
  if (db.$client.memory) return { db, close: () => undefined };
  const sqlite = new Database(db.$client.name, { readonly: true });
  return { db: drizzle(sqlite, { schema }), close: () => void sqlite.close() };
}

/**
 * All that is looked at and written in one, or nothing of it. Other threads write to the same file: the lock is had before
 * the first look, for SQLite refuses, at once, what was looked at before somebody else's write and is written after it.
 */
export const writing = <T>(db: Db, write: (tx: Db) => T): T =>
  db.transaction(write, { behavior: "immediate" });

const isUnwritable = (error: unknown): boolean =>
  /^(SQLITE_READONLY|SQLITE_CANTOPEN|EROFS|EACCES|EPERM)/.test(codeOf(error));

function copyOf(file: string): string {
  const copy = path.join(mkdtempSync(path.join(tmpdir(), "iron-crock-")), "reading.db");
  for (const suffix of ["", "-wal"].filter((s) => existsSync(file + s))) {
    copyFileSync(file + suffix, copy + suffix);
    chmodSync(copy + suffix, 0o600);
  }
  return copy;
}

/** Where the kitchen's database is: DATABASE_PATH, or data/kitchen.db. */
export const databaseFile = (): string => process.env.DATABASE_PATH ?? "data/kitchen.db";

const held = globalThis as { ironCrockDb?: WholeDb };

/** The kitchen's database. Opened once a process. */
export function database(): WholeDb {
  held.ironCrockDb ??= openDatabase(databaseFile());
  return held.ironCrockDb;
}
