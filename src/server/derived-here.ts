import type { DerivedBatch } from "@/contracts/at-work";
import type { BatchDetail } from "@/contracts/views";
import { remembered } from "@/core/remembered";
import type { WholeDb } from "./database";
import { derivedKey } from "./derived";
import { heavy } from "./heavy/pool";

const kept = remembered<Promise<DerivedBatch | null>>(60);

/** What is derived of a batch, worked out beside once and kept here; undefined where its sums no longer work out. */
export async function derivedHere(db: WholeDb, batch: BatchDetail): Promise<DerivedBatch | undefined> {
  return (await kept(derivedKey(batch), () => heavy(db, "derived", batch.id))) ?? undefined;
}
