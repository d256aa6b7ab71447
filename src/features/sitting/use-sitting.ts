"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import type { SittingBody, SittingView } from "@/contracts/sitting";
import { send } from "@/ui/send";

/** Running batches are looked at so often. */
const LOOK_MS = 10_000;

export type Kept = "kept" | "keeping" | { problem: string; conflict: boolean };

/**
 * A sitting as it is edited: shown at once, saved at once, one save after another. A save that another device overtook is
 * held back until the cook says which is to stand.
 */
export function useSitting(first: SittingView) {
  const [view, setView] = useState(first);
  const [kept, setKept] = useState<Kept>("kept");
  const revision = useRef(first.revision);
  const waiting = useRef<SittingBody | null>(null);
  const sending = useRef(false);
  const path = `/api/sittings/${first.id}`;

  const flush = useCallback(async () => {
    if (sending.current) return;
    sending.current = true;
    while (waiting.current) {
      const body = waiting.current;
      waiting.current = null;
      setKept("keeping");
      const sent = await send<{ revision: number }>("PUT", path, { body, baseRevision: revision.current });
      if (sent.ok) {
        revision.current = sent.value.revision;
        setKept("kept");
        continue;
      }
      waiting.current ??= body;
      setKept({ problem: sent.problem.detail, conflict: sent.problem.status === 409 });
      break;
    }
    sending.current = false;
  }, [path]);

  const change = useCallback(
    (part: Partial<SittingBody> | ((body: SittingBody) => SittingBody)) => {
      setView((v) => {
        const body = typeof part === "function" ? part(v.body) : { ...v.body, ...part };
        waiting.current = body;
        return { ...v, body };
      });
      // After the state has settled, so that the newest body goes.
      setTimeout(() => void flush());
    },
    [flush],
  );

  const look = useCallback(
    async (take: boolean) => {
      const response = await fetch(path).catch(() => undefined);
      if (!response?.ok) return undefined;
      const fresh = (await response.json()) as SittingView;
      const own = waiting.current !== null || sending.current;
      if (take || (!own && fresh.revision !== revision.current)) {
        revision.current = fresh.revision;
        waiting.current = null;
        setView(fresh);
        setKept("kept");
      } else setView((v) => ({ ...v, running: fresh.running }));
      return fresh;
    },
    [path],
  );

  useEffect(() => {
    const timer = setInterval(() => void look(false), LOOK_MS);
    return () => clearInterval(timer);
  }, [look]);

  /** Lets this device's stand over the other's. */
  const keepMine = async () => {
    const response = await fetch(path).catch(() => undefined);
    if (!response?.ok) return;
    revision.current = ((await response.json()) as SittingView).revision;
    await flush();
  };
  return { view, kept, change, takeTheirs: () => void look(true), keepMine: () => void keepMine() };
}
