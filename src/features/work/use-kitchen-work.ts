"use client";

import { useCallback, useEffect, useMemo, useState } from "react";
import type { SittingAtWork } from "@/contracts/at-work";
import type { WorkView } from "@/contracts/work";
import { useOutbox } from "@/ui/outbox";
import type { Entry } from "@/ui/outbox-queue";
import { batchOf, notYetSaid, withPending, type Taken } from "./pending";

/** Plans are asked for so often: they change when something is done, and seldom else. */
const PLANS_MS = 10_000;

/**
 * Everything at work, the same on every device: one stream tells the state of all batches; what is tapped here is shown at
 * once, sent, and kept in this device until it has been taken.
 */
export function useKitchenWork(
  first: readonly WorkView[],
  firstSittings: readonly SittingAtWork[],
  rehearsalId: string | null,
) {
  const ids = first.map((w) => w.batchId).join(",");
  const [said, setSaid] = useState<Record<string, WorkView>>(() =>
    Object.fromEntries(first.map((w) => [w.batchId, w])),
  );
  const [sittings, setSittings] = useState(firstSittings);
  const [connected, setConnected] = useState(true);
  // Let go of before the stream tells it, a tap would be undone for an instant, and the next would fall on the wrong act.
  const [taken, setTaken] = useState<Taken[]>([]);
  const onSent = useCallback(
    (entry: Entry) => setTaken((before) => [...before, { entry, atMs: Date.now() }]),
    [],
  );
  const { waiting, problem, add } = useOutbox("work", onSent);

  useEffect(() => {
    if (ids === "") return;
    const source = new EventSource(`/api/work/stream?batches=${ids}`);
    source.onopen = () => setConnected(true);
    source.onmessage = (event: MessageEvent<string>) => {
      setConnected(true);
      const work = JSON.parse(event.data) as WorkView;
      setSaid((before) => ({ ...before, [work.batchId]: work }));
      setTaken((before) => notYetSaid(work, before, Date.now()));
    };
    // The browser connects again by itself; till then the last known state stands.
    source.onerror = () => setConnected(false);
    return () => source.close();
  }, [ids]);

  const look = useCallback(async () => {
    const query = rehearsalId === null ? "" : `?rehearsal=${rehearsalId}`;
    const answer = await fetch(`/api/work${query}`).catch(() => undefined);
    if (answer?.ok) setSittings(((await answer.json()) as { sittings: SittingAtWork[] }).sittings);
  }, [rehearsalId]);
  useEffect(() => {
    const timer = setInterval(() => void look(), PLANS_MS);
    return () => clearInterval(timer);
  }, [look]);

  const pending = useMemo(() => [...taken.map((t) => t.entry), ...waiting], [taken, waiting]);
  const works = useMemo(
    () =>
      Object.fromEntries(
        Object.entries(said).map(([id, work]) => [
          id,
          withPending(
            work,
            pending.filter((entry) => batchOf(entry) === id),
          ),
        ]),
      ),
    [said, pending],
  );
  const act = useCallback(
    (batchId: string, entry: Entry) => add({ ...entry, path: `/api/batches/${batchId}/${entry.path}` }),
    [add],
  );
  /** Ticks off an act of something plain; shown at once. */
  const tickPlain = useCallback(
    (sittingId: string, dishId: string, stepId: string, atMs: number) => {
      setSittings((before) =>
        before.map((s) =>
          s.id === sittingId
            ? { ...s, plainDone: { ...s.plainDone, [dishId]: { ...s.plainDone[dishId], [stepId]: atMs } } }
            : s,
        ),
      );
      add({
        method: "PUT",
        path: `/api/sittings/${sittingId}/done`,
        body: { taskId: `${dishId}/${stepId}`, atMs },
      });
    },
    [add],
  );
  return { works, sittings, connected, waiting: waiting.length, problem, act, tickPlain };
}
