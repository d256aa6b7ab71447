import { sql } from "drizzle-orm";
import type { Db } from "../database";

/** Readings of a batch lifted longer ago than this are thinned, days. */
export const FULL_FOR_DAYS = 30;
/** To the first of each so many ms. */
export const THINNED_TO_MS = 60_000;

/**
 * Thins what instruments read: thirty days after a batch was lifted one reading a minute and channel is kept, the
 * first. A running batch is never thinned, whatever its age.
 * @returns how many went
 */
export function thinSamples(db: Db, nowMs: number): number {
  const before = nowMs - FULL_FOR_DAYS * 24 * 3_600_000;
  return db.run(sql`
    DELETE FROM samples WHERE rowid IN (
      SELECT s.rowid FROM samples s JOIN batches b ON b.id = s.batch_id
      WHERE b.lifted_at_ms IS NOT NULL AND b.lifted_at_ms < ${before}
      AND EXISTS (
        SELECT 1 FROM samples t WHERE t.batch_id = s.batch_id AND t.channel = s.channel
        AND t.at_ms < s.at_ms AND t.at_ms >= s.at_ms - s.at_ms % ${THINNED_TO_MS}
      )
    )`).changes;
}
