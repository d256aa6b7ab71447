import type { SittingView } from "@/contracts/sitting";
import type { WholeDb } from "./database";
import { heavy } from "./heavy/pool";
import { Refusal } from "./problem";
import { putSitting, sittingAsKept, sittingIfPlanned } from "./sittings";

/**
 * A sitting with its plan. A plan that stands is read; one that must be decided is worked out beside, for it can take
 * seconds.
 * @throws Refusal 404
 */
export const sittingPlanned = async (db: WholeDb, id: string, nowMs: number): Promise<SittingView> =>
  sittingIfPlanned(db, id, nowMs) ?? heavy(db, "loadSitting", id, nowMs);

/**
 * Saves a sitting and decides its plan. What is saved is answered as saved: where the plan could not be worked out now, the
 * one from before stands, and is decided at a later look.
 * @throws Refusal 409
 */
export async function savedAndPlanned(
  db: WholeDb,
  id: string,
  save: Parameters<typeof putSitting>[2],
  nowMs: number,
): Promise<SittingView> {
  putSitting(db, id, save, nowMs);
  try {
    return await sittingPlanned(db, id, nowMs);
  } catch (error) {
    const kept = error instanceof Refusal && error.status === 503 ? sittingAsKept(db, id, nowMs) : undefined;
    if (!kept) throw error;
    return kept;
  }
}
