import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useRef } from "react";
import type { LiveEvent } from "@/contracts/live";
import { useLive } from "./live/use-live";

/**
 * Reads what the server has to show anew when something of the kitchen was written, so often at most; and so often in any
 * case, because food moves by the clock too. Only while somebody may be looking and there is a line.
 */
export function useReread(everyMs: number): void {
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
    ({ kind }: LiveEvent) => void ((kind === "open" || kind === "sitting") && again(0)),
    [again],
  );
  useLive(useMemo(() => ({ event: onEvent }), [onEvent]));
  useEffect(() => {
    lastMs.current = performance.now();
    const timer = setInterval(() => again(everyMs), everyMs);
    return () => clearInterval(timer);
  }, [again, everyMs]);
}
