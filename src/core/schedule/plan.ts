import { CROWDED_MIN } from "./cost";
import { CostModel } from "./cost-model";
import type { Problem } from "./model";
import { pointOf, timeOf } from "./network";
import { polished } from "./polish";
import { planOf, search, type Found, type Wish } from "./search";
import type { Plan } from "./model";

export interface Planned {
  plan: Plan;
  cost: number;
  /** How far each task could still move with the order kept: earliest and latest start, min. */
  slack: Record<string, { earliest: number; latest: number }>;
}

export type PlanResult = { status: "planned"; planned: Planned } | { status: "none" | "unsure" };

/** Work that may be done, counted, never timed: the same problem gives the same plan on any machine. */
export interface PlanOptions {
  /** Tries for the first plan. */
  budget?: number;
  /** Moves and tries to make it better. */
  effort?: number;
}

const WISH_BUDGET = 400;
/** Moves of the whole improving, and of one polish. */
const EFFORT = 120_000;
const POLISH_MOVES = 6_000;
/** A wish that is tried costs about as much as so many moves. */
const WISH_COSTS = 60;

/**
 * The plan of a sitting: first any that keeps every hard limit, then better ones. Within the order found every act is moved
 * as long as that makes it cheaper; then wishes are tried that turn the order about, and what is cheaper is kept.
 */
export function plan(problem: Problem, options: PlanOptions = {}): PlanResult {
  const first = search(problem, options.budget === undefined ? {} : { budget: options.budget });
  if (first.status !== "found") return first;
  const effort = options.effort ?? EFFORT;
  const left = { moves: effort };
  let best = improved(problem, first, [], left);
  // The best near one first plan need not be the best there is: it is begun anew with two things the other way about.
  for (let again = true; again && best.cost > 1e-9 && left.moves > 0;) {
    again = false;
    for (const turned of turns(problem, best.times)) {
      if (left.moves <= 0) break;
      left.moves -= WISH_COSTS;
      const other = search(problem, { wishes: turned, budget: WISH_BUDGET });
      if (other.status !== "found") continue;
      const found = improved(problem, other, turned, left);
      if (found.cost >= best.cost - 1e-9) continue;
      best = found;
      again = true;
      break;
    }
  }
  return { status: "planned", planned: described(problem, best) };
}

type FoundPlan = Extract<Found, { status: "found" }>;

interface Best {
  found: FoundPlan;
  times: Int32Array;
  cost: number;
  wishes: Wish[];
}

function improved(problem: Problem, first: FoundPlan, begun: Wish[], left: { moves: number }): Best {
  const model = new CostModel(problem);
  const polish = (found: FoundPlan, wishes: Wish[]): Best => {
    const own = { moves: Math.min(left.moves, POLISH_MOVES) };
    const given = own.moves;
    const { times, cost } = polished(found.network, found.watch, model, found.network.latest.slice(), own);
    left.moves -= given - Math.max(0, own.moves);
    return { found, times, cost, wishes };
  };
  let best = polish(first, begun);
  for (let better = true; better && best.cost > 1e-9 && left.moves > 0;) {
    better = false;
    for (const wish of wishesFor(problem, best.times)) {
      if (left.moves <= 0) break;
      left.moves -= WISH_COSTS;
      const wishes = [...best.wishes, ...wish];
      const tried = search(problem, { wishes, budget: WISH_BUDGET });
      if (tried.status !== "found") continue;
      const now = polish(tried, wishes);
      if (now.cost >= best.cost - 1e-9) continue;
      best = now;
      better = true;
      break;
    }
  }
  return best;
}

/**
 * What would make a plan cheaper: soaks and cooks nearer to what was wanted, either way; hot food nearer to the table; acts
 * at their minute, out of unloved hours and out of a crowd.
 */
function wishesFor(problem: Problem, times: Int32Array): Wish[][] {
  const wishes: Wish[][] = [];
  const index = new Map(problem.tasks.map((t, i) => [t.id, i]));
  problem.tasks.forEach((task, i) => {
    const [s, e] = [pointOf(i, "start"), pointOf(i, "end")];
    const [start, end] = [times[s], times[e]];
    const length = end - start;
    const half = Math.round((length + task.preferMin) / 2);
    if (length < task.preferMin)
      for (const least of [task.preferMin, half]) wishes.push([{ from: e, to: s, weight: -least }]);
    if (length > task.preferMin)
      for (const most of [task.preferMin, half]) wishes.push([{ from: s, to: e, weight: most }]);
    if (task.hot && end < problem.tableMin)
      for (const by of [problem.tableMin - end, Math.ceil((problem.tableMin - end) / 2), 1])
        wishes.push([{ from: e, to: 0, weight: -(end + by) }]);
    if (task.handsOn)
      for (const span of problem.unloved)
        if (start < span.toMin && end > span.fromMin) {
          wishes.push([{ from: 0, to: e, weight: span.fromMin }]);
          wishes.push([{ from: s, to: 0, weight: -span.toMin }]);
        }
  });
  for (const link of problem.links) {
    if (link.wantedMin === undefined || link.gently) continue;
    const a = pointOf(index.get(link.before) ?? 0, link.from);
    const b = pointOf(index.get(link.after) ?? 0, link.to);
    const gap = times[b] - times[a];
    if (gap < link.wantedMin) wishes.push([{ from: b, to: a, weight: -link.wantedMin }]);
    if (gap > link.wantedMin) wishes.push([{ from: a, to: b, weight: link.wantedMin }]);
  }
  wishes.push(...crowding(problem, times));
  return wishes;
}

/** Pairs of hands-on tasks of different dishes, neighbours in time: either might give way. */
function crowding(problem: Problem, times: Int32Array): Wish[][] {
  const at = (i: number, end: "start" | "end") => timeOf(times, i, end);
  const hands = problem.tasks
    .map((task, index) => ({ task, index }))
    .filter(({ task }) => task.handsOn)
    .sort((a, b) => at(a.index, "start") - at(b.index, "start"));
  return hands.flatMap(({ task: a, index: i }, k) =>
    hands.slice(k + 1, k + 3).flatMap(({ task: b, index: j }): Wish[][] => {
      if (a.dishId === b.dishId || at(j, "start") >= at(i, "end") + CROWDED_MIN) return [];
      return [
        [{ from: pointOf(j, "start"), to: pointOf(i, "end"), weight: -CROWDED_MIN }],
        [{ from: pointOf(i, "start"), to: pointOf(j, "end"), weight: -CROWDED_MIN }],
      ];
    }),
  );
}

/** Two of different dishes that hold the same thing, the later one first; the nearest to one another before the others. */
function turns(problem: Problem, times: Int32Array): Wish[][] {
  const wishes: { wish: Wish[]; apart: number }[] = [];
  for (const { id } of problem.resources) {
    const users = problem.tasks.flatMap((task, i) => (task.uses.some((u) => u.resourceId === id) ? [i] : []));
    for (const a of users)
      for (const b of users) {
        const apart = timeOf(times, b, "start") - timeOf(times, a, "end");
        if (a === b || problem.tasks[a].dishId === problem.tasks[b].dishId) continue;
        if (timeOf(times, b, "start") < timeOf(times, a, "start") || apart > TURNED_WITHIN_MIN) continue;
        const [first, second] = [pointOf(a, "start"), pointOf(b, "end")];
        wishes.push({ wish: [{ from: first, to: second, weight: 0 }], apart });
        if (problem.tasks[a].handsOn && problem.tasks[b].handsOn)
          wishes.push({ wish: [{ from: first, to: second, weight: -CROWDED_MIN }], apart });
      }
  }
  return wishes.sort((x, y) => x.apart - y.apart).map((w) => w.wish);
}

/** Things so far apart are not turned about. */
const TURNED_WITHIN_MIN = 240;

function described(problem: Problem, { found: { network }, times, cost }: Best): Planned {
  const earliest = network.earliest();
  const slack = Object.fromEntries(
    problem.tasks.map((task, i) => [
      task.id,
      { earliest: timeOf(earliest, i, "start"), latest: timeOf(network.latest, i, "start") },
    ]),
  );
  return { plan: planOf(problem, times), cost, slack };
}
