import { mkdirSync } from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { drizzle } from "drizzle-orm/better-sqlite3";
import { migrate } from "drizzle-orm/better-sqlite3/migrator";
import type { BaseSQLiteDatabase } from "drizzle-orm/sqlite-core";
import * as schema from "./schema";

/** The database, or a transaction on it: a service need not know which. */
export type Db = BaseSQLiteDatabase<"sync", Database.RunResult, typeof schema>;

const MIGRATIONS = path.join(process.cwd(), "drizzle");

/** Opens a database file (or ":memory:") and brings it to the newest schema. */
export function openDatabase(file: string): Db {
  if (file !== ":memory:") mkdirSync(path.dirname(path.resolve(file)), { recursive: true });
  const sqlite = new Database(file);
  sqlite.pragma("journal_mode = WAL");
  sqlite.pragma("busy_timeout = 5000");
  sqlite.pragma("foreign_keys = ON");
  const db = drizzle(sqlite, { schema });
  migrate(db, { migrationsFolder: MIGRATIONS });
  return db;
}

const held = globalThis as { ironCrockDb?: Db };

/** The kitchen's database: DATABASE_PATH, or data/kitchen.db. Opened once a process. */
export function database(): Db {
  held.ironCrockDb ??= openDatabase(process.env.DATABASE_PATH ?? "data/kitchen.db");
  return held.ironCrockDb;
}
