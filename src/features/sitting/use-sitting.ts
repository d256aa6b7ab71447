"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { LiveEvent } from "@/contracts/live";
import type { SittingBody, SittingView } from "@/contracts/sitting";
import { dropSitting, keepSitting, keptSitting } from "@/ui/kept-sittings";
import { useLive } from "@/ui/live/use-live";
import { read, send } from "@/ui/send";

/** What a lost line kept here is tried again so often. */
const AGAIN_MS = 10_000;
/** What the line tells of running batches comes often while probes read: the plan is asked for so often at most. */
const LOOK_MS = 2000;

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
  /** What is shown, for changes that follow one another faster than the page is drawn. */
  const newest = useRef(first.body);
  const sending = useRef(false);
  const line = useRef<Promise<void>>(Promise.resolve());
  const overtaken = useRef(false);
  /** How many answers of the server's were shown. */
  const shown = useRef(0);
  const path = `/api/sittings/${first.id}`;

  const sendAll = useCallback(async () => {
    sending.current = true;
    while (waiting.current) {
      const body = waiting.current;
      waiting.current = null;
      setKept("keeping");
      const sent = await send<SittingView>("PUT", path, { body, baseRevision: revision.current });
      if (sent.ok) {
        revision.current = sent.value.revision;
        shown.current++;
        overtaken.current = false;
        if (waiting.current === null) dropSitting(first.id);
        setKept("kept");
        // What stands behind its dishes, and the plan, are the server's to say.
        if (waiting.current === null) setView(sent.value);
        continue;
      }
      waiting.current ??= body;
      overtaken.current = sent.problem.status === 409;
      keepSitting({
        id: first.id,
        body: waiting.current,
        baseRevision: revision.current,
        ...(overtaken.current && { overtaken: true }),
      });
      setKept({ problem: sent.problem.detail, conflict: sent.problem.status === 409 });
      break;
    }
    sending.current = false;
  }, [path, first.id]);

  /** One line of saves: whoever asks while it is moving waits for its end. */
  const flush = useCallback(() => {
    if (!sending.current) line.current = sendAll();
    return line.current;
  }, [sendAll]);

  const change = useCallback(
    (part: Partial<SittingBody> | ((body: SittingBody) => SittingBody)) => {
      const body = typeof part === "function" ? part(newest.current) : { ...newest.current, ...part };
      newest.current = body;
      waiting.current = body;
      setView((v) => ({ ...v, body }));
      void flush();
    },
    [flush],
  );

  /** What the server has now. Asked before a save and answered after it, it would be a plan that is past: asked once more. */
  const asItIs = useCallback(async (): Promise<SittingView | undefined> => {
    for (;;) {
      const before = shown.current;
      const answer = await read<SittingView>(path);
      if (!answer.ok) return undefined;
      if (shown.current === before) return answer.value;
    }
  }, [path]);

  const lookNow = useCallback(
    async (take: boolean) => {
      const fresh = await asItIs();
      if (!fresh) return;
      shown.current++;
      if (take || (waiting.current === null && fresh.revision > revision.current)) {
        revision.current = fresh.revision;
        waiting.current = null;
        overtaken.current = false;
        newest.current = fresh.body;
        dropSitting(first.id);
        setView(fresh);
        setKept("kept");
      } else if (waiting.current === null && !sending.current)
        setView((v) => ({ ...v, running: fresh.running, plainDone: fresh.plainDone, plan: fresh.plan }));
    },
    [asItIs, first.id],
  );

  const runs = useRef<ReadonlySet<string>>(new Set());
  useEffect(() => {
    runs.current = new Set(view.running.flatMap((r) => r.batchId ?? []));
  }, [view.running]);
  const soon = useRef<ReturnType<typeof setTimeout>>(undefined);
  const lookSoon = useCallback(() => {
    soon.current ??= setTimeout(() => {
      soon.current = undefined;
      void lookNow(false);
    }, LOOK_MS);
  }, [lookNow]);
  const onEvent = useCallback(
    (event: LiveEvent) => {
      if (event.kind === "hello") void lookNow(false);
      if (event.kind === "sitting" && event.id === first.id) void lookNow(false);
      if (event.kind === "work" && runs.current.has(event.batchId)) lookSoon();
    },
    [first.id, lookNow, lookSoon],
  );
  // What a lost line kept here goes when it is back; a conflict waits for the cook.
  const again = useCallback(() => {
    if (waiting.current && !overtaken.current) void flush();
  }, [flush]);
  const onLine = useCallback(
    (is: boolean) => {
      if (is) again();
    },
    [again],
  );
  useLive(useMemo(() => ({ event: onEvent, connected: onLine }), [onEvent, onLine]));
  useEffect(() => {
    const timer = setInterval(again, AGAIN_MS);
    return () => {
      clearInterval(timer);
      clearTimeout(soon.current);
      soon.current = undefined;
    };
  }, [again]);

  // Changed here before, and the page left before the server had it: it is as it was left, and goes from here.
  useEffect(() => {
    const left = keptSitting(first.id);
    if (!left) return;
    revision.current = left.baseRevision;
    newest.current = left.body;
    waiting.current = left.body;
    // Known to this device alone: the server drew the page without it.
    // oxlint-disable-next-line react/set-state-in-effect
    setView((v) => ({ ...v, body: left.body }));
    void flush();
  }, [first.id, flush]);

  /** Lets this device's stand over the other's. */
  const keepMine = async () => {
    const answer = await read<SittingView>(path);
    if (!answer.ok) return;
    revision.current = answer.value.revision;
    await flush();
  };
  /** What the server answered to something other than a save: a dish started, a plan made anew. */
  const take = (fresh: SittingView) => {
    revision.current = fresh.revision;
    shown.current++;
    newest.current = fresh.body;
    setView(fresh);
  };
  /** Everything entered is kept first. @returns the revision that then stands */
  const settled = async (): Promise<number> => {
    await flush();
    return revision.current;
  };
  return {
    view,
    kept,
    change,
    settled,
    take,
    takeTheirs: () => void lookNow(true),
    keepMine: () => void keepMine(),
  };
}
