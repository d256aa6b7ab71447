"use client";

import { useEffect, useRef, useState } from "react";
import type { Answer, ClashFacts } from "@/core/schedule/answer";
import type { Offer } from "@/core/schedule/offers";
import type { SittingRequest } from "@/core/schedule/request";
import { TAKEN_WITHIN_MS } from "@/core/schedule/taken-within";
import { PlannerLine } from "./planner";

export type Offers = Offer[] | "working" | "failed";

/** Asked again this often, what stands there can be taken for as long again. */
const ASKED_AGAIN_MS = TAKEN_WITHIN_MS / 2;

/**
 * What would clear a clash, as the clock stands: thought of and tried off the page's own thread; a newer question drops the older.
 * @param clash left out, nothing is asked
 */
export function useOffers(request: SittingRequest, clash: ClashFacts | undefined, nowMs: number): Offers {
  const [found, setFound] = useState<Found | null>(null);
  const line = useRef<PlannerLine | null>(null);
  const key = clash ? JSON.stringify([request, clash.demands]) : "";
  // What is on its way is waited for: a clock that runs fast asks no oftener than there are answers.
  const again = found && isOld(found, key, nowMs) ? found.askedMs : undefined;
  const latest = useRef({ found, nowMs });
  useEffect(() => {
    latest.current = { found, nowMs };
  }, [found, nowMs]);
  useEffect(() => {
    const { found: stands, nowMs: askedMs } = latest.current;
    if (key === "" || (stands?.key === key && !isOld(stands, key, askedMs))) return;
    const planner = (line.current ??= new PlannerLine());
    let stale = false;
    const [asked, demands] = JSON.parse(key) as [SittingRequest, string[]];
    planner
      .ask<Offer[]>(async (p) => p.offers(asked, askedMs, demands))
      .then(
        (offers) => !stale && setFound({ key, askedMs, offers }),
        () => !stale && setFound({ key, askedMs, offers: "failed" }),
      );
    return () => {
      stale = true;
      planner.cancel();
    };
  }, [key, again]);
  useEffect(() => () => line.current?.close(), []);
  return found?.key === key ? found.offers : "working";
}

/** An answer, what it answers, and by which clock. */
interface Found {
  key: string;
  askedMs: number;
  offers: Offer[] | "failed";
}

const isOld = (found: Found, key: string, nowMs: number): boolean =>
  found.key === key && nowMs - found.askedMs >= ASKED_AGAIN_MS;

export type Preview = Answer | "working" | "failed";

/** The plan a change would give, worked out off the page's own thread; a newer question drops the older. */
export function usePreview(request: SittingRequest, nowMs: number): Preview {
  const [found, setFound] = useState<{ key: string; answer: Answer | "failed" } | null>(null);
  const key = JSON.stringify(request);
  const askedAtMs = useRef(nowMs);
  useEffect(() => {
    const planner = new PlannerLine();
    let stale = false;
    planner
      .ask<Answer>(async (p) => p.plan(JSON.parse(key) as SittingRequest, askedAtMs.current))
      .then(
        (answer) => !stale && setFound({ key, answer }),
        () => !stale && setFound({ key, answer: "failed" }),
      );
    return () => {
      stale = true;
      planner.close();
    };
  }, [key]);
  return found?.key === key ? found.answer : "working";
}
