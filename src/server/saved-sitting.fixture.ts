import type { SittingView } from "@/contracts/sitting";
import type { Db } from "./database";
import { loadSitting, putSitting } from "./sittings";

/** A sitting saved and its plan decided, on the spot. */
export function saveSitting(
  db: Db,
  id: string,
  save: Parameters<typeof putSitting>[2],
  nowMs: number,
): SittingView {
  putSitting(db, id, save, nowMs);
  return loadSitting(db, id, nowMs);
}
