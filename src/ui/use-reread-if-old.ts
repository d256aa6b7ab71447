import { useRouter } from "next/navigation";
import { useCallback, useMemo, useRef } from "react";
import type { LiveEvent } from "@/contracts/live";
import { useLive } from "./live/use-live";

/** A page on its way for so long, ms, did not come from the server just now. */
const OLD_MS = 20_000;

/** When the server drew the page that was loaded, by the kitchen's clock, UTC ms; not known of one that is no page of a server. */
const drawnAtMs = (): number => Number(document.body.dataset.drawnMs);

/**
 * Where the server takes long the browser shows a page as it was last known. There may be a line a moment later, and nothing
 * says that the page is of yesterday: it is read anew, once, as soon as the server speaks.
 */
export function useRereadIfOld(): void {
  const router = useRouter();
  const isSettled = useRef(false);
  const onEvent = useCallback(
    (event: LiveEvent) => {
      if (event.kind !== "beat" || isSettled.current) return;
      isSettled.current = true;
      if (event.atMs - drawnAtMs() > OLD_MS) router.refresh();
    },
    [router],
  );
  useLive(useMemo(() => ({ event: onEvent }), [onEvent]));
}
