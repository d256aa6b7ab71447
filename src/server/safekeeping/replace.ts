import { getTableColumns } from "drizzle-orm";
import { announceStores } from "../changes";
import { type Db, writing } from "../database";
import { settleWentIn } from "../gone-in";
import { insertSamples } from "../samples";
import type { KitchenRow } from "./rows";
import { TABLE_NAMES, TABLES, type TableName } from "./tables";
import { forgetUnreadable } from "../unreadable";

/** SQLite binds at most so many values to a statement. */
const VALUES_MOST = 30_000;

/** Puts other rows in place of all there are, in one transaction: all of it, or nothing. */
export function replaceAll(db: Db, rowsOf: (name: TableName) => KitchenRow[]): void {
  writing(db, (tx) => {
    for (const name of [...TABLE_NAMES].reverse()) tx.delete(TABLES[name]).run();
    for (const name of TABLE_NAMES) put(tx, name, rowsOf(name));
    settleWentIn(tx);
  });
  forgetUnreadable();
  announceStores();
}

/** Puts rows into a table, as many at once as SQLite takes. */
export function put(tx: Db, name: TableName, rows: KitchenRow[]): void {
  const atOnce = Math.floor(VALUES_MOST / Object.keys(getTableColumns(TABLES[name])).length);
  for (let i = 0; i < rows.length; i += atOnce) {
    const some = rows.slice(i, i + atOnce);
    if (name === "samples") insertSamples(tx, some as (typeof TABLES.samples.$inferSelect)[]);
    else tx.insert(TABLES[name]).values(some).run();
  }
}
