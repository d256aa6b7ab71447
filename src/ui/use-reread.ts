import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useRef } from "react";
import type { LiveEvent } from "@/contracts/live";
import { isAtLeast } from "@/contracts/work-now";
import { useLive } from "./live/use-live";

/** What moves by the clock alone is read anew so often, ms. */
export const READ_AGAIN_MS = 30_000;

/**
 * Reads what the server has to show anew when something of the kitchen was written, so often at most; and so often in any
 * case, because food moves by the clock too. Only while somebody may be looking and there is a line.
 * @param batchId the batch that is looked at: what is done on it elsewhere is seen at once as well
 * @param drawnWith the version it is drawn with: done before this page had a line, it is seen as soon as it has one
 */
export function useReread(everyMs: number, batchId?: string, drawnWith?: string): void {
  const router = useRouter();
  const lastMs = useRef(0);
  const again = useCallback(
    (leastMs: number) => {
      const nowMs = performance.now();
      if (nowMs - lastMs.current < leastMs || document.hidden || !navigator.onLine) return;
      lastMs.current = nowMs;
      router.refresh();
    },
    [router],
  );
  const onEvent = useCallback(
    // What somebody did is seen at once; what an instrument wrote can wait.
    (event: LiveEvent) => {
      const isOfIt = event.kind === "work" && event.batchId === batchId && isDone(event);
      const stands = event.kind === "hello" && batchId !== undefined ? event.versions[batchId] : undefined;
      const isOld = stands !== undefined && drawnWith !== undefined && !isAtLeast(drawnWith, stands);
      if (isOfIt || isOld || event.kind === "open" || event.kind === "sitting") again(0);
    },
    [again, batchId, drawnWith],
  );
  useLive(useMemo(() => ({ event: onEvent }), [onEvent]));
  useEffect(() => {
    lastMs.current = performance.now();
    const timer = setInterval(() => again(everyMs), everyMs);
    return () => clearInterval(timer);
  }, [again, everyMs]);
}

/** Whether somebody did something, and it was not only the scale's figure; of a batch long judged it is not told what. */
const isDone = ({ from, delta }: Extract<LiveEvent, { kind: "work" }>): boolean =>
  from === "" || Object.keys(delta.set).some((field) => field !== "scale");
