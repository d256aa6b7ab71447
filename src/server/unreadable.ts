import { ZodError, type z } from "zod";
import type { Unreadable } from "@/contracts/unreadable";
import { announceStores } from "./changes";
import { log } from "./log";
import { shared } from "./shared";

/*
 * A row that its contract does not read (a disk's fault, a hand in the file) takes no page with it: lists go on without it,
 * and every page says which it is until it reads again.
 */

export const WHAT = {
  batches: "batch",
  formulas: "formula",
  sittings: "sitting",
  own_entries: "own entry",
  outcomes: "judgement",
  tastings: "tasting",
  kitchen: "settings",
} as const satisfies Record<string, Unreadable["what"]>;
type Table = keyof typeof WHAT;

const found = shared("unreadable", () => new Map<string, Unreadable>());
const told = shared("unreadable told", () => new Set<string>());

const keyOf = ({ what, id }: Pick<Unreadable, "what" | "id">): string => `${what} ${id}`;

/** Rows that were met and did not read, by what they are. */
export const unreadable = (): Unreadable[] => [...found.values()];

/** What a thread beside this one met. */
export function alsoUnreadable(met: readonly Unreadable[]): void {
  met.forEach(isMet);
}

/**
 * Whatever page met it, each says so: also one that stands open, and one that is gone to by a link within it. Told once; a row
 * that one list can read and another cannot would have pages read anew for ever.
 */
function isMet(row: Unreadable): void {
  const key = keyOf(row);
  found.set(key, row);
  if (told.has(key)) return;
  told.add(key);
  announceStores();
}

/** Another kitchen's rows stand there now. */
export function forgetUnreadable(): void {
  found.clear();
  told.clear();
}

/**
 * What a row reads as, or nothing: for lists, by `flatMap`.
 * @throws whatever is not the stored row's own fault
 */
export function ifReadable<View>(
  table: Table,
  { id, name }: { id: string; name?: string },
  read: () => View,
): View[] {
  const key = keyOf({ what: WHAT[table], id });
  try {
    const view = read();
    found.delete(key);
    return [view];
  } catch (error) {
    if (!(error instanceof ZodError)) throw error;
    const before = found.get(key);
    if (!before) log.error({ err: error, table, id }, "a stored row does not read");
    const called = name ?? before?.name;
    const field = error.issues[0]?.path.join(".") ?? "";
    isMet({ what: WHAT[table], id, ...(called !== undefined && { name: called }), field });
    return [];
  }
}

/** A setting as it was kept; the usual one where nobody has set it, or where it does not read, which is said as well. */
export function settingOr<Value>(id: string, usual: Value, contract: z.ZodType<Value>, kept: unknown): Value {
  if (kept === null) return usual;
  return ifReadable("kitchen", { id }, () => contract.parse(kept))[0] ?? usual;
}
