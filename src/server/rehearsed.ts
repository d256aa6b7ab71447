import { isNotNull, notInArray, type SQL } from "drizzle-orm";
import { sittingBody, type SittingBody } from "@/contracts/sitting";
import type { Db } from "./database";
import { batches, sittings } from "./schema";
import { ifReadable } from "./unreadable";

/** Which batch each dish of a sitting is, of those under way. */
export const batchesIn = (body: SittingBody): Map<string, string> =>
  new Map(body.dishes.flatMap((d) => (d.kind === "running" ? [[d.id, d.batchId] as const] : [])));

/** The rehearsed sitting a batch belongs to, by batch; of those that belong to one. */
export function rehearsedBatches(db: Db): Map<string, string> {
  return new Map(
    db
      .select({ id: sittings.id, body: sittings.body })
      .from(sittings)
      .where(isNotNull(sittings.clockFromMs))
      .all()
      .flatMap(({ id, body }) =>
        ifReadable("sittings", { id }, () => batchesIn(sittingBody.parse(body))).flatMap((of) =>
          [...of.values()].map((batchId) => [batchId, id] as const),
        ),
      ),
  );
}

/** Batches of this kitchen itself: what is rehearsed is in no record and in no list. */
export function notRehearsed(db: Db): SQL | undefined {
  const ids = [...rehearsedBatches(db).keys()];
  return ids.length === 0 ? undefined : notInArray(batches.id, ids);
}
