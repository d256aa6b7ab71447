import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useRef } from "react";
import type { LiveEvent } from "@/contracts/live";
import { useLive } from "./live/use-live";

/** Reads the page anew when another page, tab or device has changed the kitchen's Stores; one that nobody sees, when it is seen. */
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
      isDue.current ||= event.kind === "stores";
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
