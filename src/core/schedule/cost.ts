import type { Plan, Problem, Span, Task } from "./model";

/**
 * What makes one plan better than another, in points. *Practice*: a night act weighs as much as hot food waiting half an
 * hour; an hour off the wanted soak as much as five minutes of waiting.
 */
export const POINTS = {
  unlovedAct: 30,
  hotWaitPerMin: 1,
  offPreferPerHour: 5,
  offWantedPerMin: 1.5,
  offGentlyPerMin: 0.05,
  crowdedPair: 4,
} as const;

/** Acts of different dishes nearer than this crowd one another, min. */
export const CROWDED_MIN = 5;

export interface CostParts {
  /** Hands-on acts in unloved hours. */
  unloved: number;
  /** Minutes hot food waits for the table, summed over dishes. */
  hotWait: number;
  /** Hours by which elastic tasks miss what was wanted. */
  offPrefer: number;
  /** Minutes by which acts miss the minute they are wanted at, and trays one another; and those that matter little. */
  offWanted: number;
  offGently: number;
  /** Pairs of hands-on acts of different dishes that all but touch. */
  crowded: number;
}

export function costParts(problem: Problem, plan: Plan): CostParts {
  const hands = problem.tasks.filter((t) => t.handsOn);
  const sum = (tasks: readonly Task[], of: (t: Task) => number) => tasks.reduce((s, t) => s + of(t), 0);
  const length = ({ id }: Task) => plan[id].end - plan[id].start;
  return {
    unloved: hands.filter((t) => problem.unloved.some((span) => overlaps(plan[t.id], span))).length,
    hotWait: sum(
      problem.tasks.filter((t) => t.hot),
      (t) => Math.max(0, problem.tableMin - plan[t.id].end),
    ),
    offPrefer: sum(problem.tasks, (t) => Math.abs(length(t) - t.preferMin) / 60),
    offWanted: offWanted(problem, plan, false),
    offGently: offWanted(problem, plan, true),
    crowded: crowdedPairs(hands, plan),
  };
}

export const costOf = (problem: Problem, plan: Plan): number => pointsOf(costParts(problem, plan));

export const pointsOf = (c: CostParts): number =>
  c.unloved * POINTS.unlovedAct +
  c.hotWait * POINTS.hotWaitPerMin +
  c.offPrefer * POINTS.offPreferPerHour +
  c.offWanted * POINTS.offWantedPerMin +
  c.offGently * POINTS.offGentlyPerMin +
  c.crowded * POINTS.crowdedPair;

const offWanted = (problem: Problem, plan: Plan, gently: boolean): number =>
  problem.links.reduce((sum, link) => {
    if (link.wantedMin === undefined || (link.gently === true) !== gently) return sum;
    return sum + Math.abs(plan[link.after][link.to] - plan[link.before][link.from] - link.wantedMin);
  }, 0);

const overlaps = ({ start, end }: { start: number; end: number }, { fromMin, toMin }: Span) =>
  start < toMin && end > fromMin;

function crowdedPairs(hands: readonly Task[], plan: Plan): number {
  const byStart = [...hands].sort((a, b) => plan[a.id].start - plan[b.id].start);
  let pairs = 0;
  for (let i = 0; i < byStart.length; i++)
    for (let j = i + 1; j < byStart.length; j++) {
      if (plan[byStart[j].id].start >= plan[byStart[i].id].end + CROWDED_MIN) break;
      if (byStart[i].dishId !== byStart[j].dishId) pairs++;
    }
  return pairs;
}
