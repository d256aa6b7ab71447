"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import type { WorkView } from "@/contracts/work";
import { send } from "@/ui/send";

/** One thing tapped or entered here, kept until the server has it. */
interface Pending {
  method: "PUT" | "DELETE" | "POST";
  path: string;
  body?: unknown;
}

const RETRY_MS = 2000;
const keyOf = (batchId: string) => `work:${batchId}`;

function stored(batchId: string): Pending[] {
  try {
    return JSON.parse(localStorage.getItem(keyOf(batchId)) ?? "[]") as Pending[];
  } catch {
    return [];
  }
}

/**
 * A batch at work, the same on every device: the server streams its state; what is tapped here is shown at once, sent, and
 * kept in this device until it has been taken.
 */
export function useWork(first: WorkView) {
  const [work, setWork] = useState(first);
  const [connected, setConnected] = useState(true);
  const [pending, setPending] = useState<Pending[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const queue = useRef<Pending[]>([]);
  const sending = useRef(false);
  const { batchId } = first;

  const keep = useCallback(
    (next: Pending[]) => {
      queue.current = next;
      setPending(next);
      localStorage.setItem(keyOf(batchId), JSON.stringify(next));
    },
    [batchId],
  );

  const flush = useCallback(async () => {
    if (sending.current) return;
    sending.current = true;
    while (queue.current.length > 0) {
      const [next] = queue.current;
      const sent = await send(next.method, next.path, next.body);
      // No answer: it stays and is tried again. A refusal is said, and not tried for ever.
      if (!sent.ok && sent.problem.status === 0) break;
      setProblem(sent.ok ? null : sent.problem.detail);
      // More may have been tapped meanwhile: only the one that was sent goes.
      keep(queue.current.slice(1));
    }
    sending.current = false;
  }, [keep]);

  useEffect(() => {
    // eslint-disable-next-line react-hooks/set-state-in-effect -- only this device knows what it still has to send
    keep(stored(batchId));
    void flush();
    const timer = setInterval(() => void flush(), RETRY_MS);
    return () => clearInterval(timer);
  }, [batchId, flush, keep]);

  useEffect(() => {
    const source = new EventSource(`/api/batches/${batchId}/stream`);
    source.onopen = () => setConnected(true);
    source.onmessage = (event: MessageEvent<string>) => {
      setConnected(true);
      setWork(JSON.parse(event.data) as WorkView);
    };
    // The browser connects again by itself; till then the last known state stands.
    source.onerror = () => setConnected(false);
    return () => source.close();
  }, [batchId]);

  const act = useCallback(
    (entry: Pending) => {
      keep([...queue.current, { ...entry, path: `/api/batches/${batchId}/${entry.path}` }]);
      void flush();
    },
    [batchId, flush, keep],
  );

  return { work: withPending(work, pending), connected, waiting: pending.length, problem, act };
}

/** What was tapped here and is not with the server yet is shown as if it were. */
function withPending(work: WorkView, pending: readonly Pending[]): WorkView {
  const done = { ...work.done };
  const weights = { ...work.weights };
  let { scaledBy } = work;
  for (const { method, path, body } of pending) {
    const actId = /\/acts\/([^/]+)$/.exec(path)?.[1];
    if (actId && method === "PUT") done[actId] ??= (body as { atMs: number }).atMs;
    if (actId && method === "DELETE") delete done[actId];
    if (path.endsWith("/scaled")) scaledBy = (body as { scaledBy: number }).scaledBy;
    if (path.endsWith("/weights")) {
      const { lineId, grams } = body as { lineId: string; grams: number };
      weights[lineId] = grams;
    }
  }
  return { ...work, done, weights, scaledBy };
}
