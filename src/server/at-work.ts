import { sittingsAtWork } from "./sittings-at-work";
import type { AtWorkView, DerivedBatch } from "@/contracts/at-work";
import type { BatchDetail } from "@/contracts/views";
import type { WorkNow } from "@/contracts/work-now";
import { loadBatch, openBatchIds } from "./batch-views";
import { breath } from "./breath";
import type { WholeDb } from "./database";
import { derivedHere } from "./derived-here";
import { loadKitchen } from "./kitchen";
import { hubOf } from "./live/hub";
import { rehearsedBatches } from "./rehearsed";
import { ifReadable } from "./unreadable";

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
  const open = openBatchIds(db).filter((id) => rehearsed.get(id) === rehearsalId);
  const ids = focusId === undefined || open.includes(focusId) ? open : [focusId, ...open];
  const batches: BatchDetail[] = [];
  const works: WorkNow[] = [];
  for (const id of ids) {
    // The one that was asked for has a page that says what of it does not read; of the others the list goes on without it.
    const [batch] =
      id === focusId ? [loadBatch(db, id)] : ifReadable("batches", { id }, () => loadBatch(db, id));
    if (!batch) continue;
    batches.push(batch);
    works.push(hubOf(db).look(id));
    await breath();
  }
  const derived = await derivedById(db, batches);
  const sittings = await sittingsAtWork(db, nowMs, rehearsalId);
  await breath();
  return {
    kitchen: loadKitchen(db),
    batches,
    derived,
    works,
    sittings,
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
