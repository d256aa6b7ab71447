"use client";

import { useEffect, useSyncExternalStore } from "react";
import { isTimeHeard } from "./kitchen-time";
import { inOneTab, kept, putIn, sendEntry, sendKept, type Entry, type Refused } from "./outbox-queue";
import { keepRefused, putAway, refusedKept } from "./outbox-refused";
import * as words from "@/words/ui/outbox";

const RETRY_MS = 2000;
/** What is tapped or entered on any page of this device, until the server has it. One: what was tapped first arrives first. */
export const OUTBOX = "outbox";
/** What waits at work stood under a name of its own once: nothing that was tapped before is lost. */
const OLD_OUTBOX = "work";

interface State {
  waiting: readonly Entry[];
  /** What the server would not have: it is not lost before a cook has read why. */
  refused: readonly Refused[];
  /** Why what waits cannot be taken now. */
  problem: string | null;
}
const EMPTY: State = { waiting: [], refused: [], problem: null };

/** Sends what is kept, one by one and tried again until the server has answered. A refusal is said, and not tried for ever. */
class Outbox {
  state = EMPTY;
  readonly #seen = new Set<() => void>();
  readonly #sent = new Set<(entry: Entry) => void>();
  #timer: ReturnType<typeof setInterval> | undefined;
  #isSending = false;
  #isMore = false;

  readonly subscribe = (changed: () => void): (() => void) => {
    this.#seen.add(changed);
    if (this.#seen.size === 1) this.#begin();
    return () => {
      this.#seen.delete(changed);
      if (this.#seen.size === 0) this.#end();
    };
  };

  onSent(tell: (entry: Entry) => void): () => void {
    this.#sent.add(tell);
    return () => void this.#sent.delete(tell);
  }

  readonly add = (entry: Entry): void => {
    putAway(entry);
    putIn(OUTBOX, entry);
    this.#look();
  };

  readonly putAway = (entry: Entry): void => {
    putAway(entry);
    this.#show({});
  };

  #begin(): void {
    for (const entry of kept(OLD_OUTBOX)) putIn(OUTBOX, entry);
    localStorage.removeItem(OLD_OUTBOX);
    this.#timer = setInterval(this.#look, RETRY_MS);
    // Put in or sent by another tab, or the line is back.
    for (const event of ["storage", "online"]) window.addEventListener(event, this.#look);
    // Not within the draw that subscribes.
    queueMicrotask(this.#look);
  }

  #end(): void {
    clearInterval(this.#timer);
    for (const event of ["storage", "online"]) window.removeEventListener(event, this.#look);
    this.state = EMPTY;
  }

  readonly #look = (): void => {
    this.#show({});
    void this.#flush();
  };

  async #flush(): Promise<void> {
    this.#isMore = true;
    if (this.#isSending || this.#seen.size === 0) return;
    this.#isSending = true;
    try {
      while (this.#isMore) {
        this.#isMore = false;
        await inOneTab(OUTBOX, () =>
          sendKept(OUTBOX, {
            sent: (entry) => {
              for (const tell of this.#sent) tell(entry);
              this.#show({ problem: null });
            },
            refused: (refused) => {
              keepRefused(refused);
              this.#show({ problem: null });
            },
            problem: (problem) => this.#show({ problem }),
          }),
        );
      }
    } finally {
      this.#isSending = false;
    }
  }

  #show(part: Partial<State>): void {
    const next = { ...this.state, waiting: kept(OUTBOX), refused: refusedKept(), ...part };
    if (JSON.stringify(next) === JSON.stringify(this.state)) return;
    this.state = next;
    for (const changed of this.#seen) changed();
  }
}

const outbox = new Outbox();

/** Sends an entry; with no line it is kept for later, by whichever page is open then, and that is told as done. */
export async function sendOrKeep(entry: Entry): Promise<{ kept: boolean; problem: string | null }> {
  outbox.putAway(entry);
  // Never before what already waits: a lift-out taken back must not arrive before the lift-out.
  if (kept(OUTBOX).length === 0) {
    const sent = await sendEntry(entry, !isTimeHeard());
    if (sent.ok) return { kept: false, problem: null };
    if (sent.problem.status !== 0) return { kept: false, problem: sent.problem.detail };
  }
  outbox.add(entry);
  return { kept: true, problem: words.keptOnThisDeviceSent };
}

/** What waits on this device, wherever it was tapped. @param onSent as each is taken; the same between draws */
export function useOutbox(onSent?: (entry: Entry) => void) {
  const { waiting, refused, problem } = useSyncExternalStore(
    outbox.subscribe,
    () => outbox.state,
    () => EMPTY,
  );
  useEffect(() => (onSent ? outbox.onSent(onSent) : undefined), [onSent]);
  return { waiting, refused, problem, add: outbox.add, putAway: outbox.putAway };
}
