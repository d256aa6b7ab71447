import { sql } from "drizzle-orm";
import type { Db } from "../database";

/**
 * A word that is another one after anything was written, by this connection or by another process: what was read under the
 * same word need not be read again.
 */
export function writtenSoFar(db: Db): string {
  const { here } = db.get<{ here: number }>(sql`SELECT total_changes() AS here`);
  const { data_version: elsewhere } = db.get<{ data_version: number }>(sql`PRAGMA data_version`);
  return `${here} ${elsewhere}`;
}
