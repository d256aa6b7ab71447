import { CostModel } from "./cost-model";
import { lastConflict, watchOf, type Conflict } from "./conflicts";
import { breaches } from "./limits";
import type { Plan, Problem } from "./model";
import { Network, pointOf } from "./network";
import { polished } from "./polish";
import { planOf, type Wish } from "./search";

/** Two things in one another's way are told apart so often. */
const TOLD_APART_MOST = 200;
const POLISH_MOVES = 6_000;

/**
 * A plan that no longer holds with everything in the order it was, pushed on only as far as what went before makes it: who is
 * a minute late finds the rest of the evening a minute later, or where it was.
 * @param plan as it was; of every task of the problem
 * @param options.better moved within its order where that makes it cheaper: the table itself has moved
 * @returns undefined where pushing alone does not do
 */
export function pushedOn(problem: Problem, plan: Plan, options: { better?: boolean } = {}): Plan | undefined {
  const network = Network.of(problem);
  if (!network) return undefined;
  const watch = watchOf(problem, new Set());
  const from = new Int32Array(network.points);
  problem.tasks.forEach(({ id }, i) => {
    from[pointOf(i, "start")] = plan[id].start;
    from[pointOf(i, "end")] = plan[id].end;
  });
  let times = network.earliest(from);
  for (let tries = 0; ; tries++) {
    const conflict = lastConflict(watch, times);
    if (!conflict) break;
    const after = later(conflict, times);
    if (!after || tries >= TOLD_APART_MOST || !network.add(after.from, after.to, after.weight))
      return undefined;
    times = network.earliest(times);
  }
  if (breaches(problem, planOf(problem, times)).length > 0) return undefined;
  if (options.better)
    times = polished(network, watch, new CostModel(problem), times, { moves: POLISH_MOVES }).times;
  return planOf(problem, times);
}

/** Out of one another's way with nothing sooner than it was: what began last waits for what is over first. */
function later(conflict: Conflict, times: Int32Array): Wish | undefined {
  if (conflict.kind === "closed")
    return { from: pointOf(conflict.task, "start"), to: 0, weight: -conflict.closed.toMin };
  const at = (i: number, end: "start" | "end") => times[pointOf(i, end)];
  const last = conflict.tasks.reduce((a, b) => (at(b, "start") >= at(a, "start") ? b : a));
  const others = conflict.tasks.filter((t) => t !== last);
  // Asked for more than there is by itself: no waiting helps.
  if (others.length === 0) return undefined;
  const first = others.reduce((a, b) => (at(b, "end") < at(a, "end") ? b : a));
  return { from: pointOf(last, "start"), to: pointOf(first, "end"), weight: 0 };
}
