import { expose } from "comlink";
import { offersFor, type Offer } from "@/core/schedule/offers";
import type { SittingRequest } from "@/core/schedule/request";

const planner = {
  offers(request: SittingRequest, nowMs: number, demands: readonly string[]): Offer[] {
    return offersFor(request, nowMs, demands);
  },
};

export type Planner = typeof planner;

expose(planner);
