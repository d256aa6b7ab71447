import { expose } from "comlink";
import { answerSitting, type Answer } from "@/core/schedule/answer";
import { offersFor, type Offer } from "@/core/schedule/offers";
import type { SittingRequest } from "@/core/schedule/request";

/** A plan is made better for so long at most, ms. */
const IMPROVE_MS = 150;

const planner = {
  answer(request: SittingRequest, nowMs: number): Answer {
    const until = performance.now() + IMPROVE_MS;
    return answerSitting(request, nowMs, { enough: () => performance.now() > until });
  },

  offers(request: SittingRequest, nowMs: number, demands: readonly string[]): Offer[] {
    return offersFor(request, nowMs, demands);
  },
};

export type Planner = typeof planner;

expose(planner);
