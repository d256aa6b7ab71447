import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useRef } from "react";
import type { LiveEvent } from "@/contracts/live";
import { useLive } from "./live/use-live";

/** Which Stores the page is drawn with; what a page's frame holds of them (the measures) stays from one station to the next. */
const drawnWith = (): string | undefined => document.body.dataset.stores;

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
      if (event.kind === "stores") isDue.current ||= event.version !== drawnWith();
      if (event.kind === "hello") isDue.current ||= event.stores !== drawnWith();
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
