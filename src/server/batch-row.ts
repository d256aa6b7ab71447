import { eq } from "drizzle-orm";
import type { Db } from "./database";
import { notFound } from "./problem";
import { batches } from "./schema";

export type BatchRow = typeof batches.$inferSelect;

/** A batch as it is stored. @throws Refusal 404 */
export function batchRow(db: Db, batchId: string): BatchRow {
  const row = db.select().from(batches).where(eq(batches.id, batchId)).get();
  if (!row) throw notFound("batch");
  return row;
}
