import { answerSitting, type Answer, type PlannedTask } from "./answer";
import { costOf, costParts } from "./cost";
import { isHelper } from "./dish-tasks";
import { breaches } from "./limits";
import type { Plan } from "./model";
import { MIN_MS, problemFor, sittingOf } from "./read-request";
import type { SittingRequest } from "./request";
import { withPlannedSoaks } from "./settle";

type PlannedAnswer = Extract<Answer, { status: "planned" }>;

export interface KeptPlan {
  answer: Answer;
  /** A plan that is better by more than it costs to get used to it: offered, never taken by itself. */
  better?: { answer: PlannedAnswer; byPoints: number; waitsLessMin: number };
}

/** A plan so much better is worth a word, points. *Practice*: twenty minutes of waiting less. */
const WORTH_SAYING = 20;

/**
 * The plan of a sitting that has moved on: acts were done, a probe foretells. What still holds stays just where it is, so
 * that nobody looks up to another evening; only where it cannot hold is it planned anew.
 */
export function keptPlan(request: SittingRequest, before: PlannedAnswer, askedMs: number): KeptPlan {
  const fresh = answerSitting(request, askedMs);
  const kept = asItWas(request, before, askedMs);
  if (!kept) return { answer: fresh };
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

/** The old times in the new problem; undefined where a limit would be broken. */
function asItWas(request: SittingRequest, before: PlannedAnswer, askedMs: number): PlannedAnswer | undefined {
  const nowMs = Math.floor(askedMs / MIN_MS) * MIN_MS;
  const worked = sittingOf(request, nowMs);
  if ("broken" in worked) return undefined;
  const sitting = withPlannedSoaks(worked, before.soakH);
  // What somebody got up for may have been anything.
  const problem = problemFor(request, sitting, nowMs, { turned: true, upFor: "anything" });
  const old = new Map(before.tasks.map((t) => [t.id, t]));
  const minute = (ms: number) => Math.round((ms - nowMs) / MIN_MS);
  const plan: Record<string, { start: number; end: number }> = {};
  const heating = (taskId: string) => hostOf(taskId).endsWith("/preheat") && !old.has(hostOf(taskId));
  for (const task of problem.tasks) {
    if (heating(task.id)) continue;
    const was = old.get(hostOf(task.id));
    if (!was) return undefined;
    const underWay = task.latestStartMin === 0;
    const start = underWay ? 0 : Math.max(0, minute(was.startMs));
    const end = isHelper(task.id)
      ? start + task.minMin
      : underWay
        ? Math.max(task.minMin, Math.min(task.maxMin, minute(was.endMs)))
        : Math.max(start + task.minMin, Math.min(start + task.maxMin, minute(was.endMs)));
    plan[task.id] = { start, end };
  }
  // Where the oven was hot already, heating it is no part of the plan that is kept: it lies just before what goes in.
  for (const task of problem.tasks.filter((t) => heating(t.id))) {
    const into = problem.links.find((l) => l.before === hostOf(task.id) && l.from === "end");
    const end = into && plan[into.after]?.start;
    if (end === undefined || end < HEATS_MIN) return undefined;
    const start = end - HEATS_MIN;
    plan[task.id] = { start, end: start + task.minMin };
  }
  if (breaches(problem, plan).length > 0) return undefined;
  return {
    ...before,
    ...retimed(
      before,
      plan,
      nowMs,
      new Set(problem.tasks.flatMap((t) => (t.latestStartMin === 0 ? [t.id] : []))),
    ),
    cost: costOf(problem, plan),
    parts: costParts(problem, plan),
  };
}

const hostOf = (taskId: string): string => taskId.replace(/#hands$/, "");
const HEATS_MIN = 20;

/** What is still to come of the old plan, with the lengths that progress gave it. */
function retimed(
  before: PlannedAnswer,
  plan: Plan,
  nowMs: number,
  underWay: ReadonlySet<string>,
): { tasks: PlannedTask[] } {
  return {
    tasks: before.tasks.flatMap((task): PlannedTask[] => {
      const now = plan[task.id];
      if (!now) return [];
      const began = task.startMs <= nowMs && now.start === 0;
      return [
        {
          ...task,
          startMs: began ? task.startMs : nowMs + now.start * MIN_MS,
          endMs: nowMs + now.end * MIN_MS,
          // It goes on by itself: the hands it wanted have been there.
          ...(underWay.has(task.id) && { handsMin: 0, handsOn: false }),
        },
      ];
    }),
  };
}
