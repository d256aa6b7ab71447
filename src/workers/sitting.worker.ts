import { expose } from "comlink";
import { answerSitting, type Answer } from "@/core/schedule/answer";
import { offersFor, type Offer } from "@/core/schedule/offers";
import { provisionsOf, type Provisions } from "@/core/schedule/provisions";
import type { SittingRequest } from "@/core/schedule/request";

const planner = {
  plan(request: SittingRequest, nowMs: number): Answer {
    return answerSitting(request, nowMs);
  },
  offers(request: SittingRequest, nowMs: number, demands: readonly string[]): Offer[] {
    return offersFor(request, nowMs, demands);
  },
  provisions(
    request: Pick<SittingRequest, "dishes">,
    soakH: Readonly<Record<string, number>> | undefined,
  ): Provisions {
    return provisionsOf(request, soakH);
  },
};

export type Planner = typeof planner;

expose(planner);
