import { createHash } from "node:crypto";
import { count, max, sql } from "drizzle-orm";
import type { Db } from "../database";
import { formulas, formulaVersions, kitchen, ownEntries, rates } from "../schema";

/* Figures that are others after anything was written, by this connection or by another thread or process: what was read
   under the same figure need not be read again. */

export const writtenHere = (db: Db): number =>
  db.get<{ here: number }>(sql`SELECT total_changes() AS here`).here;

export const writtenElsewhere = (db: Db): number =>
  db.get<{ data_version: number }>(sql`PRAGMA data_version`).data_version;

/** What the Stores hold, as a figure: for when it is not known whether what another thread or process wrote was of them. */
export function storesFigure(db: Db): string {
  const versions = db
    .select({ all: count(), last: max(formulaVersions.createdAtMs) })
    .from(formulaVersions)
    .all();
  const rows = [kitchen, ownEntries, rates, formulas].map((table) => db.all(sql`SELECT * FROM ${table}`));
  return createHash("sha1")
    .update(JSON.stringify([versions, rows]))
    .digest("base64");
}
