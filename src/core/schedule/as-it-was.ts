import type { Answer } from "./answer";
import type { PlannedTask } from "./planned-tasks";
import { costOf, costParts } from "./cost";
import { isHelper } from "./dish-tasks";
import { isHeating, type Placed, type Plan, type Problem } from "./model";
import { MIN_MS, problemFor, sittingOf, wholeMinute } from "./read-request";
import type { SittingRequest } from "./request";
import { withPlannedSoaks } from "./settle";

export type PlannedAnswer = Extract<Answer, { status: "planned" }>;

/** The times of an older plan, laid into the problem as it is now; they may break its limits. */
export interface AsItWas {
  nowMs: number;
  problem: Problem;
  plan: Plan;
}

/** @returns undefined where something has come up that the older plan knew nothing of */
export function asItWas(
  request: SittingRequest,
  before: PlannedAnswer,
  askedMs: number,
): AsItWas | undefined {
  const nowMs = wholeMinute(askedMs);
  const worked = sittingOf(request, nowMs);
  if ("broken" in worked) return undefined;
  const sitting = withPlannedSoaks(worked, before.soakH);
  const old = new Map(before.tasks.map((t) => [t.id, t]));
  // What somebody got up for may have been anything.
  const problem = withoutHeating(
    problemFor(request, sitting, nowMs, { turned: true, upFor: "anything" }),
    (taskId) => !old.has(taskId),
  );
  const minute = (ms: number) => Math.round((ms - nowMs) / MIN_MS);
  const plan: Record<string, Placed> = {};
  for (const task of problem.tasks) {
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
  return { nowMs, problem, plan };
}

const hostOf = (taskId: string): string => taskId.replace(/#hands$/, "");

/** Where the oven is hot already by another dish, heating it once more is no part of the plan that is kept. */
function withoutHeating(problem: Problem, isNew: (taskId: string) => boolean): Problem {
  const gone = new Set(problem.tasks.flatMap((t) => (isHeating(t) && isNew(t.id) ? [t.id] : [])));
  const isGone = (taskId: string) => gone.has(hostOf(taskId));
  return {
    ...problem,
    tasks: problem.tasks.filter((t) => !isGone(t.id)),
    links: problem.links.filter((l) => !isGone(l.before) && !isGone(l.after)),
    pins: (problem.pins ?? []).filter((p) => !isGone(p.taskId)),
  };
}

/** What is still to come of the old plan, at the times it has now. */
export function retimed(before: PlannedAnswer, was: AsItWas, plan: Plan): PlannedAnswer {
  return {
    ...before,
    late: undefined,
    tasks: tasksNow(before, was, plan),
    cost: costOf(was.problem, plan),
    parts: costParts(was.problem, plan),
  };
}

/** With the lengths that progress gave them. */
function tasksNow(before: PlannedAnswer, { nowMs, problem }: AsItWas, plan: Plan): PlannedTask[] {
  const now = new Map(problem.tasks.map((t) => [t.id, t]));
  return before.tasks.flatMap((task): PlannedTask[] => {
    const lies = plan[task.id];
    if (!lies) return [];
    const { beganMin } = now.get(task.id) ?? {};
    const startMs = nowMs + (beganMin ?? lies.start) * MIN_MS;
    const movedMs = startMs - Math.max(task.startMs, nowMs);
    return [
      {
        ...task,
        startMs,
        endMs: nowMs + lies.end * MIN_MS,
        earliestMs: task.earliestMs + Math.max(0, movedMs),
        latestMs: Math.max(task.latestMs, startMs),
        // It goes on by itself: the hands it wanted have been there.
        ...(beganMin !== undefined && { handsMin: 0, handsOn: false }),
      },
    ];
  });
}
