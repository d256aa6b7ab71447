"use client";

import { useEffect, useRef, useState } from "react";
import type { Answer } from "@/core/schedule/answer";
import type { Offer } from "@/core/schedule/offers";
import type { SittingRequest } from "@/core/schedule/request";
import { PlannerLine } from "./planner";

export type Planning =
  | { status: "working"; last: Answer | undefined }
  | { status: "done"; answer: Answer; offers: Offer[] | "working"; tookMs: number; nowMs: number }
  | { status: "failed" };

/** What nobody confirmed moves on with the clock: planned anew so often. */
const ANEW_MS = 5 * 60_000;

/**
 * Plans whenever what is asked changes, and every few minutes, off the page's own thread; a newer question drops the
 * older.
 */
export function usePlan(request: SittingRequest, pageNowMs: number): Planning {
  const [planning, setPlanning] = useState<Planning>({ status: "working", last: undefined });
  const line = useRef<PlannerLine | null>(null);
  const key = JSON.stringify(request);
  const turn = Math.floor(pageNowMs / ANEW_MS);
  useEffect(() => {
    const planner = (line.current ??= new PlannerLine());
    let stale = false;
    const nowMs = Date.now();
    const begun = performance.now();
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the question changed: what stands is the last answer
    setPlanning((before) => ({
      status: "working",
      last: before.status === "done" ? before.answer : before.status === "working" ? before.last : undefined,
    }));
    const asked = JSON.parse(key) as SittingRequest;
    const ask = async () => {
      const answer = await planner.ask<Answer>(async (p) => p.answer(asked, nowMs));
      if (stale) return;
      const tookMs = performance.now() - begun;
      const clash = answer.status === "clash";
      setPlanning({ status: "done", answer, offers: clash ? "working" : [], tookMs, nowMs });
      if (!clash) return;
      const offers = await planner.ask<Offer[]>(async (p) => p.offers(asked, nowMs, answer.demands));
      if (!stale) setPlanning({ status: "done", answer, offers, tookMs, nowMs });
    };
    ask().catch(() => !stale && setPlanning({ status: "failed" }));
    return () => {
      stale = true;
      planner.cancel();
    };
  }, [key, turn]);
  useEffect(() => () => line.current?.close(), []);
  return planning;
}
