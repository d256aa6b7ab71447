import type { SittingView } from "@/contracts/sitting";
import type { WholeDb } from "./database";
import { heavy } from "./heavy/pool";
import { sittingIfPlanned } from "./sittings";

/**
 * A sitting with its plan. A plan that stands is read; one that must be decided is worked out beside, for it can take
 * seconds.
 * @throws Refusal 404
 */
export const sittingPlanned = async (db: WholeDb, id: string, nowMs: number): Promise<SittingView> =>
  sittingIfPlanned(db, id, nowMs) ?? heavy(db, "loadSitting", id, nowMs);
