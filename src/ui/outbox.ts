"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { send } from "./send";

/** One thing tapped or entered here, kept in this device until the server has it. */
export interface Entry {
  method: "PUT" | "DELETE" | "POST";
  path: string;
  body?: unknown;
}

const RETRY_MS = 2000;
/** What is entered where there is no line, on any page. */
export const KITCHEN_OUTBOX = "outbox";
/** Says within this page that something was put into an outbox. */
const PUT_IN = "iron-crock:outbox";

function stored(key: string): Entry[] {
  try {
    return JSON.parse(localStorage.getItem(key) ?? "[]") as Entry[];
  } catch {
    return [];
  }
}

/** Keeps an entry in the kitchen's outbox; the page that is open sends it when the line is back. */
function keepForLater(entry: Entry): void {
  localStorage.setItem(KITCHEN_OUTBOX, JSON.stringify([...stored(KITCHEN_OUTBOX), entry]));
  window.dispatchEvent(new Event(PUT_IN));
}

/** Sends an entry; with no line it is kept for later, and that is told as done. */
export async function sendOrKeep(entry: Entry): Promise<{ kept: boolean; problem: string | null }> {
  const sent = await send(entry.method, entry.path, entry.body);
  if (sent.ok) return { kept: false, problem: null };
  if (sent.problem.status !== 0) return { kept: false, problem: sent.problem.detail };
  keepForLater(entry);
  return { kept: true, problem: "Kept here; sent when the line is back." };
}

/**
 * Entries in order, sent one by one and tried again until the server has answered. A refusal is said, and not tried
 * for ever. @param onSent as each is taken
 */
export function useOutbox(key: string, onSent?: (entry: Entry) => void) {
  const [waiting, setWaiting] = useState<Entry[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const sending = useRef(false);

  const keep = useCallback(
    (next: Entry[]) => {
      localStorage.setItem(key, JSON.stringify(next));
      setWaiting(next);
    },
    [key],
  );

  const flush = useCallback(async () => {
    if (sending.current) return;
    sending.current = true;
    for (let [next] = stored(key); next; [next] = stored(key)) {
      const sent = await send(next.method, next.path, next.body);
      if (!sent.ok && sent.problem.status === 0) break;
      setProblem(sent.ok ? null : sent.problem.detail);
      // More may have been put in meanwhile: only the one that was sent goes.
      keep(stored(key).slice(1));
      if (sent.ok) onSent?.(next);
    }
    sending.current = false;
  }, [key, keep, onSent]);

  const add = useCallback(
    (entry: Entry) => {
      keep([...stored(key), entry]);
      void flush();
    },
    [key, keep, flush],
  );

  useEffect(() => {
    const look = () => {
      setWaiting(stored(key));
      void flush();
    };
    look();
    const timer = setInterval(look, RETRY_MS);
    window.addEventListener(PUT_IN, look);
    window.addEventListener("online", look);
    return () => {
      clearInterval(timer);
      window.removeEventListener(PUT_IN, look);
      window.removeEventListener("online", look);
    };
  }, [key, flush]);

  return { waiting, problem, add };
}
