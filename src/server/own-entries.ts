import { and, asc, eq } from "drizzle-orm";
import { ownEntryRequest, type OwnEntryRequest, type OwnKind } from "@/contracts/kitchen";
import type { KitchenView } from "@/contracts/views";
import { announceStores } from "./changes";
import type { Db } from "./database";
import { ownEntries } from "./schema";
import { ifReadable } from "./unreadable";

/** Everything the kitchen added to the tables or measured anew. */
export function loadOwn(db: Db): Pick<KitchenView, "own" | "vessels" | "putAway"> {
  const rows = db.select().from(ownEntries).orderBy(asc(ownEntries.changedAtMs)).all();
  const view: Pick<KitchenView, "own" | "vessels" | "putAway"> = {
    own: { foods: [], salts: [], ingredients: [] },
    vessels: [],
    putAway: [],
  };
  for (const { kind, id, body, archivedAtMs } of rows) {
    const [read] = ifReadable("own_entries", { id }, () => ownEntryRequest.parse({ kind, entry: body }));
    if (!read) continue;
    if (archivedAtMs !== null) view.putAway.push({ kind, id, name: read.entry.name });
    else if (read.kind === "food") view.own.foods.push(read.entry);
    else if (read.kind === "salt") view.own.salts.push(read.entry);
    else if (read.kind === "ingredient") view.own.ingredients.push(read.entry);
    else view.vessels.push(read.entry);
  }
  return view;
}

/** Adds an entry, or puts it in place of the one with its id. */
export function keepOwn(db: Db, { kind, entry }: OwnEntryRequest, nowMs: number): void {
  const row = { kind, id: entry.id, body: entry, changedAtMs: nowMs, archivedAtMs: null };
  db.insert(ownEntries)
    .values(row)
    .onConflictDoUpdate({ target: [ownEntries.kind, ownEntries.id], set: row })
    .run();
  announceStores();
}

/** Puts an entry away, or takes it out again; one that is away is kept and not offered. */
export function shelveOwn(db: Db, kind: OwnKind, id: string, archived: boolean, nowMs: number): void {
  db.update(ownEntries)
    .set({ archivedAtMs: archived ? nowMs : null })
    .where(and(eq(ownEntries.kind, kind), eq(ownEntries.id, id)))
    .run();
  announceStores();
}

/** Takes an entry out for good; formulas that used it keep their own copy. */
export function dropOwn(db: Db, kind: OwnKind, id: string): void {
  db.delete(ownEntries)
    .where(and(eq(ownEntries.kind, kind), eq(ownEntries.id, id)))
    .run();
  announceStores();
}
