import { seeded } from "../instruments/random";
import { overAsked } from "./bounds";
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
  | { status: "found"; plan: Plan; network: Network; watch: Watch }
  | { status: "none" }
  /** Neither found nor ruled out within the budget. */
  | { status: "unsure" };

const BUDGET = 40_000;
/** A try that has not found anything by now is begun anew in another order: a wrong turn taken early is never mended late. */
const BEGIN_ANEW_AFTER = 1000;
/** How far the order is stirred when it is begun anew. */
const STIRRED = 0.8;

/**
 * Looks for a schedule that keeps every hard limit, as late as it can be. From the latest schedule the temporal
 * constraints allow, it takes the conflict nearest to the table and tries every way out of it: one before the other,
 * or over before the closed hours. Every schedule without that conflict takes one of these ways, so that nothing is
 * missed: with budget enough, "none" is proven; an energy argument proves it sooner where it can. Begun anew in another
 * order now and then, with drawn numbers that are the same each time: the same problem gives the same answer.
 */
export function search(problem: Problem, options: SearchOptions = {}): Found {
  const without = options.without ?? new Set<string>();
  const network = Network.of(problem, without);
  if (!network) return { status: "none" };
  for (const { from, to, weight } of options.wishes ?? [])
    if (!network.add(from, to, weight)) return { status: "none" };
  if (overAsked(problem, network, without)) return { status: "none" };
  const watch = watchOf(problem, without);
  const budget = options.budget ?? BUDGET;
  let used = 0;
  for (let round = 0; used < budget; round++) {
    const left = { tries: Math.min(BEGIN_ANEW_AFTER, budget - used) };
    const given = left.tries;
    const draw = round === 0 ? undefined : seeded(round);
    if (round === 1 && overAsked(problem, network, without, true)) return { status: "none" };
    if (descend(network, { watch, left, draw }))
      return { status: "found", plan: planOf(problem, network.latest), network, watch };
    if (left.tries > 0) return { status: "none" };
    used += given;
  }
  return { status: "unsure" };
}

interface Descent {
  watch: Watch;
  left: { tries: number };
  /** Drawn numbers that stir the order; none the first time. */
  draw: (() => number) | undefined;
}

function descend(network: Network, descent: Descent): boolean {
  if (descent.left.tries-- <= 0) return false;
  const conflict = lastConflict(descent.watch, network.latest);
  if (!conflict) return true;
  for (const { from, to, weight } of waysOut(conflict, network, descent.draw)) {
    const back = network.add(from, to, weight);
    if (!back) continue;
    if (descend(network, descent)) return true;
    back();
    if (descent.left.tries <= 0) return false;
  }
  return false;
}

/** Every way out of a conflict, the one that pulls least first. */
function waysOut(conflict: Conflict, network: Network, draw: Descent["draw"]): Wish[] {
  if (conflict.kind === "closed")
    // It starts as late as it may and that is before their end: only earlier is left.
    return [{ from: 0, to: pointOf(conflict.task, "end"), weight: conflict.closed.fromMin }];
  const ways: (Wish & { pull: number })[] = [];
  for (const a of conflict.tasks)
    for (const b of conflict.tasks) {
      if (a === b) continue;
      const pull = timeOf(network.latest, a, "end") - timeOf(network.latest, b, "start");
      // a is over before b begins: x_end(a) − x_start(b) ≤ 0.
      const stirred = draw ? pull * (1 + STIRRED * (2 * draw() - 1)) : pull;
      ways.push({ from: pointOf(b, "start"), to: pointOf(a, "end"), weight: 0, pull: stirred });
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
