import { isHelper } from "./dish-tasks";
import {
  heatsClash,
  isBoundBy,
  resourceDemand,
  type Closed,
  type Link,
  type Placed,
  type Plan,
  type Problem,
  type Task,
} from "./model";
import { search } from "./search";

/** A plan that keeps everything but one demand. */
export interface Nearest {
  plan: Plan;
  letGo: string;
  /** Ids of the tasks that go against what was let go. */
  misfits: string[];
}

/** Tries for each of them: what clashes was found with about as many. */
const BUDGET = 400;

/**
 * Of the plans that let go one of the demands that clash, the one in which the least goes against it, in minutes. What is
 * the kitchen's gives way before what is the food's: half-cooked, or late, is no plan to look at.
 * @returns undefined where no one of them is enough
 */
export function nearestTo(problem: Problem, demands: readonly string[]): Nearest | undefined {
  const ofFood = new Set([...problem.tasks, ...problem.links].map((part) => part.demand));
  return (
    leastAgainst(
      problem,
      demands.filter((d) => !ofFood.has(d)),
    ) ??
    leastAgainst(
      problem,
      demands.filter((d) => ofFood.has(d)),
    )
  );
}

function leastAgainst(problem: Problem, demands: readonly string[]): Nearest | undefined {
  let best: (Nearest & { againstMin: number }) | undefined;
  for (const letGo of demands) {
    const found = search(problem, { without: new Set([letGo]), budget: BUDGET });
    if (found.status !== "found") continue;
    const against = againstIt(problem, found.plan, letGo);
    // A plan in which nothing that is shown goes against it says nothing.
    if (against.size === 0) continue;
    const againstMin = [...against.values()].reduce((sum, min) => sum + min, 0);
    if (best && againstMin >= best.againstMin) continue;
    best = { plan: found.plan, letGo, misfits: [...against.keys()], againstMin };
  }
  return best && { plan: best.plan, letGo: best.letGo, misfits: best.misfits };
}

/** Tasks that go against a demand in a plan made without it, and by how many minutes. */
function againstIt(problem: Problem, plan: Plan, demand: string): Map<string, number> {
  const against = new Map<string, number>();
  const note = (task: Task | undefined, minutes: number) => {
    if (task && !isHelper(task.id) && minutes > 0)
      against.set(task.id, Math.max(minutes, against.get(task.id) ?? 0));
  };
  const taskOf = (id: string) => problem.tasks.find((t) => t.id === id);
  for (const { task, minutes } of crowdedOut(problem, plan, demand)) note(task, minutes);
  for (const closed of problem.closed)
    if (closed.demand === demand)
      for (const task of problem.tasks) note(task, minutesIn(task, plan[task.id], closed));
  for (const task of problem.tasks) if (task.demand === demand) note(task, beyond(task, plan[task.id]));
  for (const link of problem.links)
    if (link.demand === demand) {
      const [before, after] = [taskOf(link.before), taskOf(link.after)];
      // What only helps to tie things together has no place in the score: its neighbour stands for it.
      note(after && isHelper(after.id) ? before : after, brokenBy(link, plan));
    }
  for (const pin of problem.pins ?? [])
    if (pin.demand === demand) note(taskOf(pin.taskId), Math.abs(plan[pin.taskId].start - pin.atMin));
  return against;
}

const lengthOf = ({ start, end }: Placed): number => end - start;

/** Whoever comes when a resource is full, or at another heat: the first to come has it. */
function crowdedOut(problem: Problem, plan: Plan, demand: string): { task: Task; minutes: number }[] {
  const resource = problem.resources.find((r) => resourceDemand(r.id) === demand);
  if (!resource) return [];
  const out: { task: Task; minutes: number }[] = [];
  const on: { end: number; use: Task["uses"][number] }[] = [];
  const users = problem.tasks
    .flatMap((task) => {
      const use = task.uses.find((u) => u.resourceId === resource.id);
      return use && lengthOf(plan[task.id]) > 0 ? [{ task, use, ...plan[task.id] }] : [];
    })
    .sort((a, b) => a.start - b.start || a.end - b.end || (a.task.id < b.task.id ? -1 : 1));
  for (const { task, use, start, end } of users) {
    const beside = on.filter((other) => other.end > start);
    const taken = beside.reduce((sum, other) => sum + other.use.amount, 0);
    if (taken + use.amount > resource.capacity || beside.some((other) => heatsClash(other.use, use)))
      out.push({
        task,
        minutes: Math.min(end, Math.max(...beside.map((other) => other.end), start + 1)) - start,
      });
    else on.push({ end, use });
  }
  return out;
}

function minutesIn(task: Task, { start, end }: Placed, closed: Closed): number {
  if (!isBoundBy(task, closed)) return 0;
  return Math.max(0, Math.min(end, closed.toMin) - Math.max(start, closed.fromMin));
}

/** How far a task lies outside its own least and longest time, and its window. */
function beyond(task: Task, { start, end }: Placed): number {
  const minutes = end - start;
  return Math.max(
    task.minMin - minutes,
    minutes - task.maxMin,
    (task.fromMin ?? -Infinity) - start,
    end - (task.untilMin ?? Infinity),
  );
}

function brokenBy({ before, from, after, to, minMin, maxMin = Infinity }: Link, plan: Plan): number {
  const gap = plan[after][to] - plan[before][from];
  return Math.max(minMin - gap, gap - maxMin);
}
