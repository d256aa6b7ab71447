import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useRef } from "react";
import type { LiveEvent } from "@/contracts/live";
import { isAtLeast } from "@/contracts/work-now";
import { useLive } from "./live/use-live";

/** What moves by the clock alone is read anew so often, ms. */
export const READ_AGAIN_MS = 30_000;

/**
 * Reads what the server has to show anew as soon as somebody did something of the kitchen; what an instrument reads can wait.
 * And so often in any case, because food moves by the clock too. Only while somebody may be looking and there is a line.
 * @param drawnWith all that was done when the page was drawn: what was done before it had a line, or while another page stood
 *   here (the browser's way back shows it as it was), is seen as soon as it has one
 * @param everyMs left out of a page on which nothing moves by the clock
 */
export function useReread(drawnWith: string, everyMs?: number): void {
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
    (event: LiveEvent) => {
      const done = event.kind === "hello" ? event.done : event.kind === "done" ? event.version : undefined;
      if (done !== undefined && !isAtLeast(drawnWith, done)) again(0);
    },
    [again, drawnWith],
  );
  useLive(useMemo(() => ({ event: onEvent }), [onEvent]));
  useEffect(() => {
    lastMs.current = performance.now();
    if (everyMs === undefined) return;
    const timer = setInterval(() => again(everyMs), everyMs);
    return () => clearInterval(timer);
  }, [again, everyMs]);
}
