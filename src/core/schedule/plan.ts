import { costOf } from "./cost";
import type { Plan, Problem } from "./model";
import { pointOf, timeOf } from "./network";
import { search, type Found, type Wish } from "./search";

export interface Planned {
  plan: Plan;
  cost: number;
  /** How far each task could still move with the order kept: earliest and latest start, min. */
  slack: Record<string, { earliest: number; latest: number }>;
}

export type PlanResult = { status: "planned"; planned: Planned } | { status: "none" | "unsure" };

export interface PlanOptions {
  /** Tries for the first plan, and for each wish after it. */
  budget?: number;
  /** Asked between tries; true ends the improving, never the first plan. */
  enough?: () => boolean;
}

const WISH_BUDGET = 400;

/**
 * The plan of a sitting: first any that keeps every hard limit, then better ones, wish by wish. A wish that can be had
 * without breaking a limit and without costing more is kept.
 */
export function plan(problem: Problem, options: PlanOptions = {}): PlanResult {
  const first = search(problem, { budget: options.budget });
  if (first.status !== "found") return first;
  return { status: "planned", planned: improved(problem, first, options.enough ?? (() => false)) };
}

type FoundPlan = Extract<Found, { status: "found" }>;

function improved(problem: Problem, first: FoundPlan, enough: () => boolean): Planned {
  let best = first;
  let cost = costOf(problem, first.plan);
  let kept: Wish[] = [];
  for (let better = true; better && cost > 0;) {
    better = false;
    for (const wish of wishesFor(problem, best.plan)) {
      if (enough()) return described(problem, best, cost);
      const wishes = [...kept, ...wish];
      const tried = search(problem, { wishes, budget: WISH_BUDGET });
      if (tried.status !== "found") continue;
      const cheaper = costOf(problem, tried.plan);
      if (cheaper >= cost - 1e-9) continue;
      best = tried;
      cost = cheaper;
      kept = wishes;
      better = true;
    }
  }
  return described(problem, best, cost);
}

/** What would make this plan cheaper: soaks nearer to what was wanted, acts out of unloved hours and out of a crowd. */
function wishesFor(problem: Problem, plan: Plan): Wish[][] {
  const wishes: Wish[][] = [];
  problem.tasks.forEach((task, i) => {
    const { start, end } = plan[task.id];
    const [s, e] = [pointOf(i, "start"), pointOf(i, "end")];
    const length = end - start;
    if (length < task.preferMin) {
      wishes.push([{ from: e, to: s, weight: -task.preferMin }]);
      wishes.push([{ from: e, to: s, weight: -Math.round((length + task.preferMin) / 2) }]);
    }
    if (task.handsOn)
      for (const span of problem.unloved)
        if (start < span.toMin && end > span.fromMin) wishes.push([{ from: 0, to: e, weight: span.fromMin }]);
  });
  for (const [a, b] of crowding(problem, plan))
    wishes.push([{ from: pointOf(b, "start"), to: pointOf(a, "end"), weight: -5 }]);
  return wishes;
}

/** Pairs of hands-on tasks of different dishes, neighbours in time: the earlier might be a little earlier still. */
function crowding(problem: Problem, plan: Plan): [number, number][] {
  const hands = problem.tasks
    .map((task, index) => ({ task, index }))
    .filter(({ task }) => task.handsOn)
    .sort((a, b) => plan[a.task.id].start - plan[b.task.id].start);
  const near = ({ task: a }: (typeof hands)[number], { task: b }: (typeof hands)[number]) =>
    a.dishId !== b.dishId && plan[b.id].start < plan[a.id].end + 5;
  return hands
    .slice(1)
    .flatMap((b, i): [number, number][] => (near(hands[i], b) ? [[hands[i].index, b.index]] : []));
}

function described(problem: Problem, { plan, network }: FoundPlan, cost: number): Planned {
  const earliest = network.earliest();
  const slack = Object.fromEntries(
    problem.tasks.map((task, i) => [
      task.id,
      { earliest: timeOf(earliest, i, "start"), latest: timeOf(network.latest, i, "start") },
    ]),
  );
  return { plan, cost, slack };
}
