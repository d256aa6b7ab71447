import { eq } from "drizzle-orm";
import type { Poured } from "@/core/formula/weigh/as-poured";
import type { Db } from "./database";
import { batches, batchWeights } from "./schema";

/** What really went on a batch's scale; undefined where nothing was weighed. */
export function pouredOf(db: Db, batchId: string): Poured | undefined {
  const weights = weightsOf(db, batchId);
  const row = db.select({ scaledBy: batches.scaledBy }).from(batches).where(eq(batches.id, batchId)).get();
  const scaledBy = row?.scaledBy ?? 1;
  return scaledBy === 1 && Object.keys(weights).length === 0 ? undefined : { weights, scaledBy };
}

/** Grams by line, as they were weighed. */
export const weightsOf = (db: Db, batchId: string): Record<string, number> =>
  Object.fromEntries(
    db
      .select()
      .from(batchWeights)
      .where(eq(batchWeights.batchId, batchId))
      .orderBy(batchWeights.lineId)
      .all()
      .map((w) => [w.lineId, w.grams]),
  );
