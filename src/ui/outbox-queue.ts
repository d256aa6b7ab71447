import { isTimeHeard, setRight } from "./kitchen-time";
import { read, send, type Sent } from "./send";

/** One thing tapped or entered here, kept in this device until the server has it. */
export interface Entry {
  method: "PUT" | "DELETE" | "POST";
  path: string;
  body?: unknown;
  /** Tapped before this device had heard the kitchen's time: its hour is set right when it is sent. */
  unheard?: true;
}

/** Which batch an entry is of; undefined for one of something else. */
export const batchOf = ({ path }: Entry): string | undefined => /^\/api\/batches\/([^/]+)\//.exec(path)?.[1];

/** What is set or ticked off: one line on the scale, one act. Every reading is a thing of its own. */
export function thingOf({ path, body }: Entry): string {
  if (/\/(samples|readings)$/.test(path)) return `${path} ${JSON.stringify(body)}`;
  const { lineId, taskId } = (body ?? {}) as Record<string, string | undefined>;
  return `${path} ${lineId ?? taskId ?? ""}`;
}

/** What is kept under a key, the oldest first; what does not read is as nothing. */
export function kept(key: string): Entry[] {
  try {
    return JSON.parse(localStorage.getItem(key) ?? "[]") as Entry[];
  } catch {
    return [];
  }
}

const keep = (key: string, entries: readonly Entry[]) => localStorage.setItem(key, JSON.stringify(entries));

export const putIn = (key: string, entry: Entry): void =>
  keep(key, [...kept(key), isTimeHeard() ? entry : { ...entry, unheard: true }]);

/** Takes one out, wherever it stands by now: another tab of this device may have sent and taken out others meanwhile. */
function takeOut(key: string, entry: Entry): void {
  const text = JSON.stringify(entry);
  const entries = kept(key);
  const at = entries.findIndex((e) => JSON.stringify(e) === text);
  if (at >= 0)
    keep(
      key,
      entries.filter((_, i) => i !== at),
    );
}

/** What the server would not have, and why. */
export interface Refused {
  entry: Entry;
  detail: string;
}

export interface Told {
  /** The server has it. */
  sent: (entry: Entry) => void;
  /** The server will not have it: it is not tried again. */
  refused: (refused: Refused) => void;
  /** The server cannot take it now, and it stays kept. */
  problem: (detail: string) => void;
}

/** No line, nobody signed in, too often, a full disk, a proxy's: what is wrong is not the entry. */
const NOT_NOW = [0, 401, 408, 429, 502, 503, 504, 507];

/** Sends one. @param unheard its hour was stamped before the kitchen's time was heard, and is set right first */
export async function sendEntry({ method, path, body }: Entry, unheard: boolean): Promise<Sent<unknown>> {
  if (!unheard) return send(method, path, body);
  // Any answer tells the kitchen's time.
  if (!isTimeHeard()) await read("/api/alive");
  return send(method, path, setRight(body));
}

/**
 * Sends what is kept, one by one and in order, until nothing is left, there is no line, or the server cannot take it now (a
 * full disk, nobody signed in): then the rest stays kept. What is put in meanwhile goes along.
 */
export async function sendKept(key: string, told: Told): Promise<void> {
  for (let [next] = kept(key); next; [next] = kept(key)) {
    const answer = await sendEntry(next, next.unheard === true);
    const later = !answer.ok && NOT_NOW.includes(answer.problem.status);
    if (!later) takeOut(key, next);
    if (answer.ok) told.sent(next);
    else if (!later) told.refused({ entry: next, detail: answer.problem.detail });
    else if (answer.problem.status !== 0) told.problem(answer.problem.detail);
    if (later) return;
  }
}

/**
 * One tab of a device sends at a time, so that what was tapped first arrives first. Browsers offer the lock to secure
 * addresses only; without it two tabs may send one entry twice, which the server takes as once.
 */
export const inOneTab = async (key: string, work: () => Promise<void>): Promise<void> =>
  "locks" in navigator ? navigator.locks.request(key, work) : work();
