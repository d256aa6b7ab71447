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

/** A plan that keeps everything but what is let go: one demand of each clash. */
export interface Nearest {
  plan: Plan;
  letGo: string[];
  /** Ids of the tasks that go against what was let go. */
  misfits: string[];
}

/** Tries for each of them: what clashes was found with about as many. */
const BUDGET = 400;
/** Ways of letting go one of each clash that are tried. */
const WAYS_MOST = 40;

/**
 * Of the plans that let go one demand of each clash, the one in which the least goes against them, in minutes. What is the
 * kitchen's gives way before what is the food's: half-cooked, or late, is no plan to look at.
 * @param clashes demands of clashes that have nothing to do with one another  @returns undefined where that is not enough
 */
export function nearestTo(problem: Problem, clashes: readonly (readonly string[])[]): Nearest | undefined {
  if (clashes.length === 0) return undefined;
  const ofFood = new Set([...problem.tasks, ...problem.links].map((part) => part.demand));
  const ways = oneOfEach(clashes).map((letGo) => ({
    letGo,
    ofFood: letGo.filter((d) => ofFood.has(d)).length,
  }));
  for (const least of [...new Set(ways.map((w) => w.ofFood))].sort((a, b) => a - b)) {
    const alike = ways.filter((w) => w.ofFood === least).map((w) => w.letGo);
    const found = leastAgainst(problem, alike.slice(0, WAYS_MOST));
    if (found) return found;
  }
  return undefined;
}

const oneOfEach = (clashes: readonly (readonly string[])[]): string[][] =>
  clashes.reduce<string[][]>((ways, one) => ways.flatMap((way) => one.map((d) => [...way, d])), [[]]);

function leastAgainst(problem: Problem, ways: readonly string[][]): Nearest | undefined {
  let best: (Nearest & { againstMin: number }) | undefined;
  for (const letGo of ways) {
    const found = search(problem, { without: new Set(letGo), budget: BUDGET });
    if (found.status !== "found") continue;
    const each = letGo.map((demand) => againstIt(problem, found.plan, demand));
    // A plan in which nothing that is shown goes against it says nothing.
    if (each.some((against) => against.size === 0)) continue;
    const againstMin = each.reduce((sum, against) => sum + total(against), 0);
    if (best && againstMin >= best.againstMin) continue;
    const misfits = [...new Set(each.flatMap((against) => [...against.keys()]))];
    best = { plan: found.plan, letGo, misfits, againstMin };
  }
  return best && { plan: best.plan, letGo: best.letGo, misfits: best.misfits };
}

const total = (against: ReadonlyMap<string, number>): number =>
  [...against.values()].reduce((sum, min) => sum + min, 0);

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
