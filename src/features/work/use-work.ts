"use client";

import { useCallback, useEffect, useState } from "react";
import type { WorkView } from "@/contracts/work";
import { useOutbox } from "@/ui/outbox";
import type { Entry } from "@/ui/outbox-queue";
import { withPending } from "./pending";

/**
 * A batch at work, the same on every device: the server streams its state; what is tapped here is shown at once, sent, and
 * kept in this device until it has been taken.
 */
export function useWork(first: WorkView) {
  const [work, setWork] = useState(first);
  const [connected, setConnected] = useState(true);
  const { batchId } = first;
  // Taken by the server, and not yet in what it streams: let go of at once, a tap would be undone for an instant.
  const [taken, setTaken] = useState<Entry[]>([]);
  const onSent = useCallback((entry: Entry) => setTaken((before) => [...before, entry]), []);
  const { waiting, problem, add } = useOutbox(`work:${batchId}`, onSent);

  useEffect(() => {
    const source = new EventSource(`/api/batches/${batchId}/stream`);
    source.onopen = () => setConnected(true);
    source.onmessage = (event: MessageEvent<string>) => {
      setConnected(true);
      setWork(JSON.parse(event.data) as WorkView);
      setTaken([]);
    };
    // The browser connects again by itself; till then the last known state stands.
    source.onerror = () => setConnected(false);
    return () => source.close();
  }, [batchId]);

  const act = useCallback(
    (entry: Entry) => add({ ...entry, path: `/api/batches/${batchId}/${entry.path}` }),
    [batchId, add],
  );

  return {
    work: withPending(work, [...taken, ...waiting]),
    connected,
    waiting: waiting.length,
    problem,
    act,
  };
}
