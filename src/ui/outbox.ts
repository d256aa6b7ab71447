"use client";

import { useEffect, useSyncExternalStore } from "react";
import { inOneTab, kept, putIn, sendKept, type Entry, type Refused } from "./outbox-queue";
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

/** How one thing ended that somebody waits for: taken, kept until it can be, or refused, and why. */
interface Ended {
  kept: boolean;
  problem: string | null;
}
const TAKEN: Ended = { kept: false, problem: null };
const KEPT: Ended = { kept: true, problem: words.keptOnThisDeviceSent };

const named = ({ method, path, body }: Entry): string => JSON.stringify([method, path, body]);

/** Sends what is kept, one by one and tried again until the server has answered. A refusal is said, and not tried for ever. */
class Outbox {
  state = EMPTY;
  readonly #seen = new Set<() => void>();
  readonly #sent = new Set<(entry: Entry) => void>();
  /** Who waits for what. */
  readonly #ends = new Map<string, (ended: Ended) => void>();
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

  /** Kept from now on, and sent as soon as it can be. */
  readonly add = (entry: Entry): void => {
    putAway(entry);
    putIn(OUTBOX, entry);
    this.#look();
  };

  /** The same, for who waits on the page to be told how it ended; a refusal is theirs to say. */
  sent(entry: Entry): Promise<Ended> {
    const ended = new Promise<Ended>((tell) => this.#ends.set(named(entry), tell));
    this.add(entry);
    void this.#flush();
    return ended;
  }

  /** @returns whether somebody waited for it */
  #tell(entry: Entry, ended: Ended): boolean {
    const tell = this.#ends.get(named(entry));
    this.#ends.delete(named(entry));
    tell?.(ended);
    return tell !== undefined;
  }

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
    if (this.#seen.size > 0) void this.#flush();
  };

  async #flush(): Promise<void> {
    this.#isMore = true;
    if (this.#isSending) return;
    this.#isSending = true;
    try {
      while (this.#isMore) {
        this.#isMore = false;
        await inOneTab(OUTBOX, () =>
          sendKept(OUTBOX, {
            sent: (entry) => {
              this.#tell(entry, TAKEN);
              for (const tell of this.#sent) tell(entry);
              this.#show({ problem: null });
            },
            refused: (refused) => {
              const isSaid = this.#tell(refused.entry, { kept: false, problem: refused.detail });
              if (!isSaid) keepRefused(refused);
              this.#show({ problem: null });
            },
            problem: (problem) => this.#show({ problem }),
          }),
        );
      }
    } finally {
      this.#isSending = false;
      for (const entry of kept(OUTBOX)) this.#tell(entry, KEPT);
      // What is gone from here without an answer another tab has sent, and keeps what the server said against it.
      for (const { entry, detail } of refusedKept()) this.#tell(entry, { kept: false, problem: detail });
      for (const tell of this.#ends.values()) tell(TAKEN);
      this.#ends.clear();
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

/**
 * Sends an entry, and says how that ended. It is kept before it is sent: with no line, or when the page is left before the
 * server has answered, whichever page is open then sends it, after what was tapped before it.
 */
export const sendOrKeep = (entry: Entry): Promise<Ended> => outbox.sent(entry);

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
