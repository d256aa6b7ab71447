"use client";

import { useEffect, useState } from "react";
import { kitchenNow, onClockSet } from "./kitchen-time";

const TICK_MS = 10_000;

/** The present instant, starting from the server's so that the first draw agrees. Countdowns follow instants. */
export function useNow(serverNowMs: number, everyMs = TICK_MS): number {
  const [nowMs, setNowMs] = useState(serverNowMs);
  useEffect(() => {
    const tick = () => setNowMs(kitchenNow());
    tick();
    const timer = setInterval(tick, everyMs);
    // A tablet that slept missed its ticks: catch up the moment it wakes.
    document.addEventListener("visibilitychange", tick);
    // What is tapped next has the kitchen's hour, not what the device took it for until now.
    const quiet = onClockSet(tick);
    return () => {
      quiet();
      clearInterval(timer);
      document.removeEventListener("visibilitychange", tick);
    };
  }, [everyMs]);
  return nowMs;
}
