"use client";

import { useCallback, useEffect, useState } from "react";
import type { WorkView } from "@/contracts/work";
import { useOutbox, type Entry } from "@/ui/outbox";

/**
 * A batch at work, the same on every device: the server streams its state; what is tapped here is shown at once, sent, and
 * kept in this device until it has been taken.
 */
export function useWork(first: WorkView) {
  const [work, setWork] = useState(first);
  const [connected, setConnected] = useState(true);
  const { batchId } = first;
  const { waiting, problem, add } = useOutbox(`work:${batchId}`);

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
    (entry: Entry) => add({ ...entry, path: `/api/batches/${batchId}/${entry.path}` }),
    [batchId, add],
  );

  return { work: withPending(work, waiting), connected, waiting: waiting.length, problem, act };
}

/** What was tapped here and is not with the server yet is shown as if it were. */
function withPending(work: WorkView, pending: readonly Entry[]): WorkView {
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
