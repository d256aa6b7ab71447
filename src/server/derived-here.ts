import type { DerivedBatch } from "@/contracts/at-work";
import type { BatchDetail } from "@/contracts/views";
import type { WholeDb } from "./database";
import { heavy } from "./heavy/pool";
import { shared } from "./shared";

/** What many pages show of one batch is worked out once. */
const KEPT = 60;
const kept = shared("derived", () => new Map<string, Promise<DerivedBatch | null>>());

/** What it is derived from: the same, and it is the same. */
const keyOf = ({ formulation, rate, plannedLiftAtMs, startedAtMs }: BatchDetail): string =>
  JSON.stringify([formulation, rate.factor, plannedLiftAtMs - startedAtMs]);

/** What is derived of a batch, worked out beside once and kept here; undefined where its sums no longer work out. */
export async function derivedHere(db: WholeDb, batch: BatchDetail): Promise<DerivedBatch | undefined> {
  const key = keyOf(batch);
  const derived = kept.get(key) ?? heavy(db, "derived", batch.id);
  const [oldest] = kept.keys();
  if (kept.size >= KEPT && oldest !== undefined) kept.delete(oldest);
  kept.set(key, derived);
  // Too much at once is no answer: the next who looks asks again.
  derived.catch(() => kept.delete(key));
  return (await derived) ?? undefined;
}
