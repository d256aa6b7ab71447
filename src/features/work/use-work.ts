"use client";

import { useCallback, useEffect, useState } from "react";
import type { WorkView } from "@/contracts/work";
import { useOutbox } from "@/ui/outbox";
import type { Entry } from "@/ui/outbox-queue";
import { notYetSaid, withPending, type Taken } from "./pending";

/**
 * A batch at work, the same on every device: the server streams its state; what is tapped here is shown at once, sent, and
 * kept in this device until it has been taken.
 */
export function useWork(first: WorkView) {
  const [work, setWork] = useState(first);
  const [connected, setConnected] = useState(true);
  const { batchId } = first;
  // Let go of before the stream tells it, a tap would be undone for an instant, and the next would fall on the wrong act.
  const [taken, setTaken] = useState<Taken[]>([]);
  const onSent = useCallback(
    (entry: Entry) => setTaken((before) => [...before, { entry, atMs: Date.now() }]),
    [],
  );
  const { waiting, problem, add } = useOutbox(`work:${batchId}`, onSent);

  useEffect(() => {
    const source = new EventSource(`/api/batches/${batchId}/stream`);
    source.onopen = () => setConnected(true);
    source.onmessage = (event: MessageEvent<string>) => {
      setConnected(true);
      const said = JSON.parse(event.data) as WorkView;
      setWork(said);
      setTaken((before) => notYetSaid(said, before, Date.now()));
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
    work: withPending(work, [...taken.map((t) => t.entry), ...waiting]),
    connected,
    waiting: waiting.length,
    problem,
    act,
  };
}
