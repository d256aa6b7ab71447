import { answerSitting, type Answer } from "./answer";
import { asItWas, retimed, type PlannedAnswer } from "./as-it-was";
import { laterTable } from "./later-table";
import { breaches } from "./limits";
import { pushedOn } from "./push-on";
import type { SittingRequest } from "./request";

export interface KeptPlan {
  answer: Answer;
  /** A plan that is better by more than it costs to get used to it: offered, never taken by itself. */
  better?: { answer: PlannedAnswer; byPoints: number; waitsLessMin: number };
}

/** A plan so much better is worth a word, points. *Practice*: twenty minutes of waiting less. */
const WORTH_SAYING = 20;

/**
 * The plan of a sitting that has moved on: acts were done, a probe foretells. What still holds stays just where it is, so
 * that nobody looks up to another evening; what came late pushes on what follows it; only where that does not do is it
 * planned anew. Where the table cannot be held for food that is on its way already, the table gives way, and it is said by
 * how much.
 */
export function keptPlan(request: SittingRequest, before: PlannedAnswer, askedMs: number): KeptPlan {
  const fresh = answerSitting(request, askedMs);
  const kept = heldOn(request, before, askedMs);
  if (!kept) return { answer: gaveWay(request, before, askedMs, fresh) };
  if (fresh.status !== "planned" || kept.cost - fresh.cost < WORTH_SAYING) return { answer: kept };
  return {
    answer: kept,
    better: {
      answer: fresh,
      byPoints: Math.round(kept.cost - fresh.cost),
      waitsLessMin: Math.max(0, Math.round(kept.parts.hotWait - fresh.parts.hotWait)),
    },
  };
}

/**
 * A sitting planned anew by the cook's own hand, in the middle of its evening or before it.
 * @param before the plan that was followed until now
 */
export function plannedAnew(
  request: SittingRequest,
  before: PlannedAnswer | undefined,
  askedMs: number,
): Answer {
  return gaveWay(request, before, askedMs, answerSitting(request, askedMs));
}

function gaveWay(
  request: SittingRequest,
  before: PlannedAnswer | undefined,
  askedMs: number,
  fresh: Answer,
): Answer {
  if (fresh.status !== "clash") return fresh;
  return laterTable(request, before, askedMs, fresh) ?? fresh;
}

/** At its old times, or with what came late pushed on; undefined where a limit would be broken. */
function heldOn(request: SittingRequest, before: PlannedAnswer, askedMs: number): PlannedAnswer | undefined {
  const was = asItWas(request, before, askedMs);
  if (!was) return undefined;
  const plan = breaches(was.problem, was.plan).length === 0 ? was.plan : pushedOn(was.problem, was.plan);
  return plan && retimed(before, was, plan);
}
