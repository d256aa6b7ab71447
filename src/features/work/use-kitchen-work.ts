"use client";

import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { SittingAtWork } from "@/contracts/at-work";
import { type LiveEvent } from "@/contracts/live";
import { isAtLeast, type WorkNow } from "@/contracts/work-now";
import { withDelta } from "@/contracts/work-delta";
import { doneAt } from "@/ui/kitchen-time";
import { useLive } from "@/ui/live/use-live";
import { useOutbox } from "@/ui/outbox";
import { batchOf, type Entry } from "@/ui/outbox-queue";
import { read } from "@/ui/send";
import { notYetSaid, notYetTicked, withPending, withTicks, type Taken, type Tick } from "./pending";

/**
 * Everything at work, the same on every device: the browser's one line tells what changes; what is tapped here is shown at
 * once, sent, and kept in this device until it has been taken.
 */
export function useKitchenWork(
  first: readonly WorkNow[],
  firstSittings: readonly SittingAtWork[],
  rehearsalId: string | null,
) {
  const router = useRouter();
  const { held, heard } = useHeld(first);
  const [sittings, setSittings] = useState(firstSittings);
  // Let go of before the line tells it, a tap would be undone for an instant, and the next would fall on the wrong act.
  const [taken, setTaken] = useState<Taken[]>([]);
  const [ticks, setTicks] = useState<Tick[]>([]);
  const onSent = useCallback(
    (entry: Entry) => setTaken((before) => [...before, { entry, atMs: Date.now() }]),
    [],
  );
  const { waiting, refused, add, putAway } = useOutbox(onSent);

  const tellTaken = useCallback(
    ({ work }: WorkNow) => setTaken((before) => notYetSaid(work, before, Date.now())),
    [],
  );
  /** How often the plans were told. */
  const tellings = useRef(0);
  const toldPlans = useCallback((told: readonly SittingAtWork[]) => {
    tellings.current++;
    setSittings(told);
    setTicks((before) => notYetTicked(told, before, Date.now()));
  }, []);
  const look = useCallback(async () => {
    const query = rehearsalId === null ? "" : `?rehearsal=${rehearsalId}`;
    const before = tellings.current;
    const answer = await read<{ sittings: SittingAtWork[] }>(`/api/work${query}`);
    // Told of while the answer was on its way, they are newer than it.
    if (answer.ok && tellings.current === before) toldPlans(answer.value.sittings);
  }, [rehearsalId, toldPlans]);
  const onEvent = useCallback(
    (event: LiveEvent) => {
      heard(event, tellTaken);
      if (event.kind === "plans" && event.rehearsalId === rehearsalId) toldPlans(event.sittings);
      // After a while without a line the plans may have moved.
      if (event.kind === "hello") void look();
      // Begun or judged on another device: the page is given what it needs to show it.
      if (event.kind === "open") router.refresh();
    },
    [heard, tellTaken, toldPlans, look, rehearsalId, router],
  );
  useLive(useMemo(() => ({ event: onEvent }), [onEvent]));

  const pending = useMemo(() => [...taken.map((t) => t.entry), ...waiting], [taken, waiting]);
  const works = useMemo(
    () =>
      Object.fromEntries(
        Object.entries(held).map(([id, { work }]) => [
          id,
          withPending(
            work,
            pending.filter((entry) => batchOf(entry) === id),
          ),
        ]),
      ),
    [held, pending],
  );
  const act = useCallback(
    (batchId: string, entry: Entry) => add({ ...entry, path: `/api/batches/${batchId}/${entry.path}` }),
    [add],
  );
  /** Ticks off an act of something plain; shown at once. */
  const tickPlain = useCallback(
    (sittingId: string, dishId: string, stepId: string, atMs: number) => {
      setTicks((before) => [...before, { sittingId, dishId, stepId, atMs, tappedMs: Date.now() }]);
      add({
        method: "PUT",
        path: `/api/sittings/${sittingId}/done`,
        body: { taskId: `${dishId}/${stepId}`, ...doneAt(atMs) },
      });
    },
    [add],
  );
  return {
    works,
    sittings: useMemo(() => sittings.map((s) => withTicks(s, ticks)), [sittings, ticks]),
    waiting: waiting.length,
    refused,
    putAway,
    act,
    tickPlain,
  };
}

/** The batches as the server told them last: a difference is put on the state it is of, and a gap is asked for whole. */
function useHeld(first: readonly WorkNow[]) {
  const newest = useRef<Record<string, WorkNow>>({});
  const [held, setHeld] = useState(() => byId(first));

  const hold = useCallback((now: WorkNow) => {
    const before = newest.current[now.work.batchId];
    if (before && isAtLeast(before.version, now.version)) return;
    newest.current = { ...newest.current, [now.work.batchId]: now };
    setHeld(newest.current);
  }, []);
  // What the page was sent, and is sent again when a batch is begun elsewhere.
  useEffect(() => {
    for (const now of first) hold(now);
  }, [first, hold]);

  const heard = useCallback(
    (event: LiveEvent, told: (now: WorkNow) => void) => {
      const take = (now: WorkNow) => {
        hold(now);
        told(now);
      };
      const askFor = async (id: string) => {
        const answer = await read<WorkNow>(`/api/batches/${id}/work`);
        if (answer.ok) take(answer.value);
      };
      if (event.kind === "hello")
        for (const [id, { version }] of Object.entries(newest.current)) {
          const now = event.versions[id];
          // One that is not among the open ones is told of only when it changes: it is asked for.
          if (now === undefined || !isAtLeast(version, now)) void askFor(id);
        }
      if (event.kind !== "work") return;
      const before = newest.current[event.batchId];
      if (!before || isAtLeast(before.version, event.to)) return;
      if (before.version !== event.from) return void askFor(event.batchId);
      take({ version: event.to, work: withDelta(before.work, event.delta) });
    },
    [hold],
  );
  return { held, heard };
}

const byId = (works: readonly WorkNow[]): Record<string, WorkNow> =>
  Object.fromEntries(works.map((now) => [now.work.batchId, now]));
