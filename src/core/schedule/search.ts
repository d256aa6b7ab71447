import { lastConflict, watchOf, type Conflict, type Watch } from "./conflicts";
import type { Plan, Problem } from "./model";
import { Network, pointOf, timeOf } from "./network";

/** A further wish, as a constraint between two points; point 0 is the origin. */
export interface Wish {
  from: number;
  to: number;
  weight: number;
}

export interface SearchOptions {
  /** Demands that do not count, for asking what clashes. */
  without?: ReadonlySet<string>;
  wishes?: readonly Wish[];
  /** Gives up after so many tries. */
  budget?: number;
}

export type Found =
  | { status: "found"; plan: Plan; network: Network }
  | { status: "none" }
  /** Neither found nor ruled out within the budget. */
  | { status: "unsure" };

const BUDGET = 4000;

/**
 * Looks for a schedule that keeps every hard limit, as late as it can be. From the latest schedule the temporal
 * constraints allow, it takes the conflict nearest to the table and tries every way out of it: one before the other,
 * or over before the closed hours. Every schedule without that conflict takes one of these ways, so that nothing is
 * missed: with budget enough, "none" is proven.
 */
export function search(problem: Problem, options: SearchOptions = {}): Found {
  const without = options.without ?? new Set<string>();
  const network = Network.of(problem, without);
  if (!network) return { status: "none" };
  for (const { from, to, weight } of options.wishes ?? [])
    if (!network.add(from, to, weight)) return { status: "none" };
  const left = { tries: options.budget ?? BUDGET };
  const found = descend(network, watchOf(problem, without), left);
  if (found) return { status: "found", plan: planOf(problem, network.latest), network };
  return { status: left.tries > 0 ? "none" : "unsure" };
}

function descend(network: Network, watch: Watch, left: { tries: number }): boolean {
  if (left.tries-- <= 0) return false;
  const conflict = lastConflict(watch, network.latest);
  if (!conflict) return true;
  for (const { from, to, weight } of waysOut(conflict, network)) {
    const back = network.add(from, to, weight);
    if (!back) continue;
    if (descend(network, watch, left)) return true;
    back();
  }
  return false;
}

/** Every way out of a conflict, the one that pulls least first. */
function waysOut(conflict: Conflict, network: Network): Wish[] {
  if (conflict.kind === "closed")
    // It starts as late as it may and that is before their end: only earlier is left.
    return [{ from: 0, to: pointOf(conflict.task, "end"), weight: conflict.closed.fromMin }];
  const ways: (Wish & { pull: number })[] = [];
  for (const a of conflict.tasks)
    for (const b of conflict.tasks) {
      if (a === b) continue;
      const pull = timeOf(network.latest, a, "end") - timeOf(network.latest, b, "start");
      // a is over before b begins: x_end(a) − x_start(b) ≤ 0.
      ways.push({ from: pointOf(b, "start"), to: pointOf(a, "end"), weight: 0, pull });
    }
  return ways.sort((x, y) => x.pull - y.pull);
}

export function planOf(problem: Problem, times: Int32Array): Plan {
  return Object.fromEntries(
    problem.tasks.map((task, i) => [
      task.id,
      { start: timeOf(times, i, "start"), end: timeOf(times, i, "end") },
    ]),
  );
}
