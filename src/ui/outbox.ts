"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { inOneTab, kept, putIn, sendKept, type Entry } from "./outbox-queue";
import { send } from "./send";

const RETRY_MS = 2000;
/** What is entered where there is no line, on any page. */
export const KITCHEN_OUTBOX = "outbox";
/** Says within this page that something was put into an outbox. */
const PUT_IN = "iron-crock:outbox";

/** Sends an entry; with no line it is kept for later, by whichever page is open then, and that is told as done. */
export async function sendOrKeep(entry: Entry): Promise<{ kept: boolean; problem: string | null }> {
  // Never before what already waits: a lift-out taken back must not arrive before the lift-out.
  if (kept(KITCHEN_OUTBOX).length === 0) {
    const sent = await send(entry.method, entry.path, entry.body);
    if (sent.ok) return { kept: false, problem: null };
    if (sent.problem.status !== 0) return { kept: false, problem: sent.problem.detail };
  }
  putIn(KITCHEN_OUTBOX, entry);
  window.dispatchEvent(new Event(PUT_IN));
  return { kept: true, problem: "Kept on this device; sent when it is online again." };
}

/**
 * Entries in order, sent one by one and tried again until the server has answered. A refusal is said, and not tried
 * for ever. @param onSent as each is taken
 */
export function useOutbox(key: string, onSent?: (entry: Entry) => void) {
  const [waiting, setWaiting] = useState<Entry[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const sending = useRef(false);
  const more = useRef(false);

  const flush = useCallback(async () => {
    more.current = true;
    if (sending.current) return;
    sending.current = true;
    try {
      while (more.current) {
        more.current = false;
        await inOneTab(key, () =>
          sendKept(key, {
            sent: (entry) => {
              setWaiting(kept(key));
              setProblem(null);
              onSent?.(entry);
            },
            problem: (detail) => {
              setWaiting(kept(key));
              setProblem(detail);
            },
          }),
        );
      }
    } finally {
      sending.current = false;
    }
  }, [key, onSent]);

  const add = useCallback(
    (entry: Entry) => {
      putIn(key, entry);
      setWaiting(kept(key));
      void flush();
    },
    [key, flush],
  );

  useEffect(() => {
    const look = () => {
      setWaiting(kept(key));
      void flush();
    };
    look();
    const timer = setInterval(look, RETRY_MS);
    // Put in on this page, put in or sent by another tab, or the line is back.
    const when = [PUT_IN, "storage", "online"];
    for (const event of when) window.addEventListener(event, look);
    return () => {
      clearInterval(timer);
      for (const event of when) window.removeEventListener(event, look);
    };
  }, [key, flush]);

  return { waiting, problem, add };
}
