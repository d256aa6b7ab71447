"use client";

import { useEffect, useState } from "react";
import { batchTime, type BatchClock } from "@/contracts/work";

const TICK_MS = 500;

/** The batch's own time, by its instants and never by counting: it survives sleep, reload and a changed clock. */
export function useBatchClock(clock: BatchClock, serverNowMs: number): number {
  const [wallMs, setWallMs] = useState(serverNowMs);
  useEffect(() => {
    const tick = () => setWallMs(Date.now());
    tick();
    const timer = setInterval(tick, TICK_MS);
    document.addEventListener("visibilitychange", tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", tick);
    };
  }, []);
  return batchTime(clock, wallMs);
}
