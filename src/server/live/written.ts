import { sql } from "drizzle-orm";
import type { Db } from "../database";

/* Figures that are others after anything was written, by this connection or by another thread or process: what was read
   under the same figure need not be read again. */

export const writtenHere = (db: Db): number =>
  db.get<{ here: number }>(sql`SELECT total_changes() AS here`).here;

export const writtenElsewhere = (db: Db): number =>
  db.get<{ data_version: number }>(sql`PRAGMA data_version`).data_version;
