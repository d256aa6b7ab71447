"use client";

import { useEffect, useRef, useState } from "react";
import type { Formulation } from "@/core/formulation";
import { bestFirst } from "@/core/ways/best-first";
import type { Way } from "@/core/ways/way";
import { waysWorkers } from "@/ui/what-if/workers";
import type { KnownRate } from "@/workers/sums.worker";

/** After the last change, ms: whoever types a weight does not want all ways at every digit. */
const PAUSE_MS = 120;

interface Shown {
  ways: Way[];
  /** A newer question is being worked out; these are of the one before. */
  stale: boolean;
}

/** All ways for the food on the Bench, worked out in the worker; the last ones stand until the new ones are there. */
export function useWays(input: Formulation, hours: number, rate: KnownRate): Shown {
  // What only words depend on does not ask again, and hours to the minute are exact enough.
  const asked = { ...input, name: "", notes: "" };
  const minutes = Math.round(hours * 60);
  const key = JSON.stringify([asked, minutes, rate]);
  const [held, setHeld] = useState<{ key: string; ways: Way[] }>({ key: "", ways: [] });
  const newest = useRef(key);
  useEffect(() => {
    newest.current = key;
    const lookFor = async () => {
      const workers = waysWorkers();
      const parts = await Promise.all(
        workers.map((sums, at) => sums.ways(input, minutes / 60, rate, { at, of: workers.length })),
      ).catch(() => []);
      if (newest.current === key) setHeld({ key, ways: bestFirst(parts.flatMap((part) => part ?? [])) });
    };
    const timer = setTimeout(() => void lookFor(), PAUSE_MS);
    return () => clearTimeout(timer);
    // oxlint-disable-next-line react/exhaustive-deps -- the key says all that the question depends on
  }, [key]);
  return { ways: held.ways, stale: held.key !== key };
}
