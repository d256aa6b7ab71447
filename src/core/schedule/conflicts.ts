import {
  heatsClash,
  isBoundBy,
  resourceDemand,
  type Closed,
  type Minute,
  type Problem,
  type Task,
  type Use,
} from "./model";
import { timeOf } from "./network";

/** Tasks that cannot all have a resource at once: some pair of them must follow one another. */
export interface Crowd {
  kind: "crowd";
  resourceId: string;
  tasks: number[];
  atMin: number;
}

/** A hands-on task that lies in closed hours: it must be over before them. */
export interface InClosed {
  kind: "closed";
  task: number;
  closed: Closed;
  atMin: number;
}

export type Conflict = Crowd | InClosed;

/**
 * Who can ever come into one another's way, worked out once a problem: the tasks that use each resource that still
 * counts, and the hands-on ones against the closed hours that still count.
 */
export interface Watch {
  problem: Problem;
  users: { resourceId: string; capacity: number; oven: boolean; tasks: { index: number; use: Use }[] }[];
  handsOn: number[];
  closed: Closed[];
}

export function watchOf(problem: Problem, without: ReadonlySet<string>): Watch {
  return {
    problem,
    users: problem.resources
      .filter((r) => !without.has(resourceDemand(r.id)))
      .map((r) => ({
        resourceId: r.id,
        capacity: r.capacity,
        oven: r.kind === "oven",
        tasks: problem.tasks.flatMap((t, index) => {
          const use = t.uses.find((u) => u.resourceId === r.id);
          return use ? [{ index, use }] : [];
        }),
      })),
    handsOn: problem.tasks.flatMap((t, i) => (t.handsOn ? [i] : [])),
    closed: problem.closed.filter((c) => !without.has(c.demand)),
  };
}

/** The conflict nearest to the table in a schedule, or none: planning goes backwards. */
export function lastConflict(watch: Watch, times: Int32Array): Conflict | undefined {
  let last: Conflict | undefined;
  const keep = (conflict: Conflict) => {
    if (!last || conflict.atMin > last.atMin) last = conflict;
  };
  for (const task of watch.handsOn) {
    const [start, end] = [timeOf(times, task, "start"), timeOf(times, task, "end")];
    for (const closed of watch.closed)
      if (isIn(closed, watch.problem.tasks[task], start, end))
        keep({ kind: "closed", task, closed, atMin: start });
  }
  for (const user of watch.users) {
    const crowd = crowdOf(user, times);
    if (crowd) keep(crowd);
  }
  return last;
}

/** Whether there is any, as `lastConflict` finds them: asked thousands of times, it says no more than that. */
export function hasConflict({ problem, handsOn, closed, users }: Watch, times: Int32Array): boolean {
  for (const task of handsOn)
    for (const span of closed)
      if (isIn(span, problem.tasks[task], timeOf(times, task, "start"), timeOf(times, task, "end")))
        return true;
  for (const user of users) if (isCrowded(user, times)) return true;
  return false;
}

const isIn = (closed: Closed, task: Task, start: Minute, end: Minute): boolean =>
  start < closed.toMin && end > closed.fromMin && isBoundBy(task, closed);

function isCrowded({ capacity, oven, tasks }: Watch["users"][number], times: Int32Array): boolean {
  for (const one of tasks) {
    const start = timeOf(times, one.index, "start");
    if (timeOf(times, one.index, "end") <= start) continue;
    let asked = 0;
    for (const other of tasks) {
      if (timeOf(times, other.index, "start") > start || timeOf(times, other.index, "end") <= start) continue;
      if (oven && heatsClash(other.use, one.use)) return true;
      asked += other.use.amount;
    }
    if (asked > capacity) return true;
  }
  return false;
}

/** Sweeps one resource from the table backwards for a moment when it is asked for too much. */
function crowdOf({ resourceId, capacity, oven, tasks }: Watch["users"][number], times: Int32Array) {
  const placed = tasks
    .map(({ index, use }) => ({
      index,
      use,
      start: timeOf(times, index, "start"),
      end: timeOf(times, index, "end"),
    }))
    .filter((p) => p.end > p.start)
    .sort((a, b) => b.start - a.start);
  for (const one of placed) {
    if (one.use.amount > capacity)
      return { kind: "crowd" as const, resourceId, tasks: [one.index], atMin: one.start };
    // Everything that is on when this one starts.
    const on = placed.filter((p) => p.start <= one.start && p.end > one.start);
    if (oven) {
      const other = on.find((p) => heatsClash(p.use, one.use));
      if (other)
        return { kind: "crowd" as const, resourceId, tasks: [one.index, other.index], atMin: one.start };
    }
    if (on.reduce((sum, p) => sum + p.use.amount, 0) <= capacity) continue;
    return { kind: "crowd" as const, resourceId, tasks: leastCrowd(on, capacity), atMin: one.start };
  }
  return undefined;
}

/** As few of them as still ask for too much, the greediest first. */
function leastCrowd(on: readonly { index: number; use: Use }[], capacity: number): number[] {
  const sorted = [...on].sort((a, b) => b.use.amount - a.use.amount);
  const crowd: number[] = [];
  let sum = 0;
  for (const p of sorted) {
    crowd.push(p.index);
    sum += p.use.amount;
    if (sum > capacity) break;
  }
  return crowd;
}
