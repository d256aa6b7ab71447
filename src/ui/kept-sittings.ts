import type { SittingBody } from "@/contracts/sitting";
import { inOneTab } from "./outbox-queue";
import { send } from "./send";

/* A sitting that was changed here and is not with the server yet: kept in this device over leaving the page, and sent from
   whichever page is open when the line is back. */

const PREFIX = "sitting-kept:";
const CHANGED = "iron-crock:sittings-kept";

export interface KeptSitting {
  id: string;
  body: SittingBody;
  /** The revision it was changed from. */
  baseRevision: number;
  /** Somebody else changed it meanwhile: which is to stand is the cook's to say, on its page. */
  overtaken?: boolean;
}

export function keptSitting(id: string): KeptSitting | undefined {
  try {
    const text = localStorage.getItem(PREFIX + id);
    return text === null ? undefined : (JSON.parse(text) as KeptSitting);
  } catch {
    return undefined;
  }
}

export function keepSitting(kept: KeptSitting): void {
  localStorage.setItem(PREFIX + kept.id, JSON.stringify(kept));
  window.dispatchEvent(new Event(CHANGED));
}

export function dropSitting(id: string): void {
  if (localStorage.getItem(PREFIX + id) === null) return;
  localStorage.removeItem(PREFIX + id);
  window.dispatchEvent(new Event(CHANGED));
}

export const keptSittings = (): KeptSitting[] =>
  Object.keys(localStorage)
    .filter((key) => key.startsWith(PREFIX))
    .flatMap((key) => keptSitting(key.slice(PREFIX.length)) ?? []);

/** Told when one is kept or gone, in this tab or another. @returns stops listening */
export function onKeptSittings(changed: () => void): () => void {
  for (const event of [CHANGED, "storage"]) window.addEventListener(event, changed);
  return () => {
    for (const event of [CHANGED, "storage"]) window.removeEventListener(event, changed);
  };
}

/** Sends what is kept, but for one that is open: its own page does that. What was overtaken waits for the cook. */
export const sendKeptSittings = (openId: string | undefined): Promise<void> =>
  inOneTab(PREFIX, async () => {
    for (const kept of keptSittings()) {
      if (kept.overtaken || kept.id === openId) continue;
      const { id, body, baseRevision } = kept;
      const sent = await send("PUT", `/api/sittings/${id}`, { body, baseRevision });
      // Changed again while it was on its way: the later one stays, from what is there now.
      const now = keptSitting(id);
      if (JSON.stringify(now) !== JSON.stringify(kept)) continue;
      if (sent.ok) dropSitting(id);
      else if (sent.problem.status === 409) keepSitting({ ...kept, overtaken: true });
    }
  });
