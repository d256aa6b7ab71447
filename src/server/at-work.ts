import { sittingsAtWork } from "./sittings-at-work";
import type { AtWorkView, DerivedBatch } from "@/contracts/at-work";
import type { BatchDetail } from "@/contracts/views";
import { loadBatch, runningBatches, UNJUDGED_AT_WORK, unjudgedBatches } from "./batches";
import type { WholeDb } from "./database";
import { derivedHere } from "./derived-here";
import { loadKitchen } from "./kitchen";
import { hubOf } from "./live/hub";
import { rehearsedBatches } from "./rehearsed";

interface Focus {
  /** The batch the page was opened for. */
  batchId?: string;
  /** A rehearsed sitting: it alone is shown, and nowhere else. */
  rehearsalId?: string;
}

/** Everything at work now, and the batch that was asked for with it. @throws Refusal 404 where that is not there */
export async function loadAtWorkView(
  db: WholeDb,
  { batchId: focusId, rehearsalId }: Focus,
  nowMs: number,
): Promise<AtWorkView> {
  const rehearsed = rehearsedBatches(db);
  const open = [...runningBatches(db), ...unjudgedBatches(db, UNJUDGED_AT_WORK)]
    .map((b) => b.id)
    .filter((id) => rehearsed.get(id) === rehearsalId);
  const ids = focusId === undefined || open.includes(focusId) ? open : [focusId, ...open];
  const batches = ids.map((id) => loadBatch(db, id));
  return {
    kitchen: loadKitchen(db),
    batches,
    derived: await derivedById(db, batches),
    works: ids.map((id) => hubOf(db).look(id)),
    sittings: await sittingsAtWork(db, nowMs, rehearsalId),
    focusId: focusId ?? null,
    rehearsalId: rehearsalId ?? null,
    nowMs,
  };
}

async function derivedById(
  db: WholeDb,
  batches: readonly BatchDetail[],
): Promise<Record<string, DerivedBatch>> {
  const derived = await Promise.all(batches.map((batch) => derivedHere(db, batch)));
  return Object.fromEntries(
    batches.flatMap(({ id }, i) => {
      const known = derived[i];
      return known ? [[id, known]] : [];
    }),
  );
}
