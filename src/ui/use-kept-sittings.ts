"use client";

import { useEffect, useState } from "react";
import { keptSittings, onKeptSittings, sendKeptSittings, type KeptSitting } from "./kept-sittings";

const AGAIN_MS = 10_000;

/** Sittings changed on this device that are not with the server, sent from here when there is a line. @param openId the one whose page this is */
export function useKeptSittings(openId: string | undefined, connected: boolean): KeptSitting[] {
  const [kept, setKept] = useState<KeptSitting[]>([]);
  useEffect(() => {
    const look = () => setKept(keptSittings().filter((k) => k.id !== openId));
    const again = () => {
      look();
      if (connected && keptSittings().length > 0) void sendKeptSittings(openId).then(look);
    };
    again();
    const timer = setInterval(again, AGAIN_MS);
    const quiet = onKeptSittings(look);
    return () => {
      clearInterval(timer);
      quiet();
    };
  }, [openId, connected]);
  return kept;
}
