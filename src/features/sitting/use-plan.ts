"use client";

import { useEffect, useRef, useState } from "react";
import type { Answer, ClashFacts } from "@/core/schedule/answer";
import type { Offer } from "@/core/schedule/offers";
import type { SittingRequest } from "@/core/schedule/request";
import { PlannerLine } from "./planner";

export type Offers = Offer[] | "working" | "failed";

/**
 * What would clear a clash: thought of and tried off the page's own thread; a newer question drops the older.
 * @param clash left out, nothing is asked
 */
export function useOffers(request: SittingRequest, clash: ClashFacts | undefined, nowMs: number): Offers {
  const [offers, setOffers] = useState<Offers>("working");
  const line = useRef<PlannerLine | null>(null);
  const key = clash ? JSON.stringify([request, clash.demands]) : "";
  const askedAtMs = useRef(nowMs);
  useEffect(() => {
    askedAtMs.current = nowMs;
  }, [nowMs]);
  useEffect(() => {
    if (key === "") return;
    const planner = (line.current ??= new PlannerLine());
    let stale = false;
    // oxlint-disable-next-line react/set-state-in-effect -- the question changed: what stood was for another
    setOffers("working");
    const [asked, demands] = JSON.parse(key) as [SittingRequest, string[]];
    planner
      .ask<Offer[]>(async (p) => p.offers(asked, askedAtMs.current, demands))
      .then(
        (found) => !stale && setOffers(found),
        () => !stale && setOffers("failed"),
      );
    return () => {
      stale = true;
      planner.cancel();
    };
  }, [key]);
  useEffect(() => () => line.current?.close(), []);
  return offers;
}

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
