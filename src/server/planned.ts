import type { SittingView } from "@/contracts/sitting";
import { announceSitting } from "./changes";
import type { WholeDb } from "./database";
import { heavy } from "./heavy/pool";
import { log } from "./log";
import { Refusal } from "./problem";
import { shared } from "./shared";
import { putSitting, sittingAsKept, sittingIfPlanned } from "./sittings";

/** Plans that are being decided: whoever asks for the same meanwhile waits for the same. */
const deciding = shared("deciding", () => new Map<string, Promise<SittingView>>());

/**
 * A sitting with its plan. A plan that stands is read; one that must be decided is worked out beside, once for all who ask,
 * for it can take seconds.
 * @throws Refusal 404
 */
export async function sittingPlanned(db: WholeDb, id: string, nowMs: number): Promise<SittingView> {
  const found = sittingIfPlanned(db, id, nowMs);
  if (found.planned) return found.planned;
  const key = `${db.$client.name} ${id} ${found.madeFrom}`;
  const under = deciding.get(key) ?? heavy(db, "loadSitting", id, nowMs).finally(() => deciding.delete(key));
  deciding.set(key, under);
  return under;
}

/**
 * Saves a sitting and decides its plan. What is saved is answered as saved: where the plan could not be worked out now, the
 * one from before stands, and the page is told when there is a newer.
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
    void sittingPlanned(db, id, nowMs).then(
      () => announceSitting(id),
      (again: unknown) => log.warn({ err: again, sittingId: id }, "plan not decided"),
    );
    return kept;
  }
}
