import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useRef } from "react";
import type { LiveEvent } from "@/contracts/live";
import { isAtLeast } from "@/contracts/work-now";
import { useLive } from "./live/use-live";

/** Whether the page is drawn with older Stores; what a page's frame holds of them (the measures) stays from one station to the next. */
const isOlderThan = (version: string): boolean => !isAtLeast(document.body.dataset.stores ?? "", version);

/**
 * Reads the page anew when another page, tab or device has changed the kitchen's Stores, also while there was no line; one that
 * nobody sees, when it is seen.
 */
export function useRereadStores(): void {
  const router = useRouter();
  const isDue = useRef(false);
  const look = useCallback(() => {
    if (!isDue.current || document.hidden) return;
    isDue.current = false;
    router.refresh();
  }, [router]);
  const onEvent = useCallback(
    (event: LiveEvent) => {
      if (event.kind === "stores") isDue.current ||= isOlderThan(event.version);
      if (event.kind === "hello") isDue.current ||= isOlderThan(event.stores);
      look();
    },
    [look],
  );
  useLive(useMemo(() => ({ event: onEvent }), [onEvent]));
  useEffect(() => {
    document.addEventListener("visibilitychange", look);
    return () => document.removeEventListener("visibilitychange", look);
  }, [look]);
}
