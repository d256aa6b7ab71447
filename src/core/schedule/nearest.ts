import { isHelper } from "./dish-tasks";
import {
  heatsClash,
  isBoundBy,
  resourceDemand,
  type Closed,
  type End,
  type Link,
  type Placed,
  type Plan,
  type Problem,
  type Task,
} from "./model";
import { pointOf } from "./network";
import { search, type Wish } from "./search";

/** A plan that keeps everything but what is let go: one demand of each clash. */
export interface Nearest {
  plan: Plan;
  letGo: string[];
  /** Ids of the tasks that go against what was let go. */
  misfits: string[];
}

/** Tries for each of them: what clashes was found with about as many. */
const BUDGET = 400;
/** Nothing is further away than this, min: a table of half a year ago. */
const LOOSENED_MOST = 1 << 18;
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
    const plan = asNearAsCanBe(problem, letGo, best?.againstMin);
    if (!plan) continue;
    const each = letGo.map((demand) => againstIt(problem, plan, demand));
    // A plan in which nothing that is shown goes against it says nothing.
    if (each.some((against) => against.size === 0)) continue;
    const againstMin = each.reduce((sum, against) => sum + total(against), 0);
    if (best && againstMin >= best.againstMin) continue;
    const misfits = [...new Set(each.flatMap((against) => [...against.keys()]))];
    best = { plan, letGo, misfits, againstMin };
  }
  return best && { plan: best.plan, letGo: best.letGo, misfits: best.misfits };
}

/**
 * What is let go gives way by as little as it must: first all of it alike, then what is of one kind, so that the dishes of a
 * late table stay together. Only hours give way by minutes; a room that is full, or nobody there, is or is not.
 * @param beatenMin what goes by as many minutes or more is not looked for
 */
function asNearAsCanBe(problem: Problem, letGo: readonly string[], beatenMin = Infinity): Plan | undefined {
  const hours = letGo.filter((demand) => wishesOf(problem, demand, 0).length > 0);
  const by = new Map<string, number>();
  const planBy = (demands: readonly string[], min: number): Plan | undefined => {
    const wished = new Map([...by, ...demands.map((demand): [string, number] => [demand, min])]);
    const wishes = [...wished].flatMap(([demand, byMin]) => wishesOf(problem, demand, byMin));
    const found = search(problem, { without: new Set(letGo), wishes, budget: BUDGET });
    return found.status === "found" ? found.plan : undefined;
  };
  let nearest = Number.isFinite(beatenMin) ? planBy(hours, beatenMin - 1) : planBy([], 0);
  if (!nearest) return undefined;
  const kinds = [...new Set(hours.map(kindOf))].map((kind) => hours.filter((d) => kindOf(d) === kind));
  for (const group of kinds.length > 1 ? [hours, ...kinds] : kinds) {
    const least = leastMinutes((min) => planBy(group, min), by.get(group[0]));
    if (!least) return nearest;
    nearest = least.plan;
    for (const demand of group) by.set(demand, least.min);
  }
  return nearest;
}

/** "table" of "table:duck". */
const kindOf = (demand: string): string => demand.replace(/:.*/, "");

/** The fewest minutes with which there is a plan, looked for in doubling steps and then between them. */
function leastMinutes(
  planBy: (min: number) => Plan | undefined,
  most = LOOSENED_MOST,
): { min: number; plan: Plan } | undefined {
  let tooFew = -1;
  let least: { min: number; plan: Plan } | undefined;
  for (let min = 0; !least && tooFew < most; min = Math.min(most, 2 * min + 1)) {
    const plan = planBy(min);
    if (plan) least = { min, plan };
    else tooFew = min;
  }
  while (least && least.min - tooFew > 1) {
    const min = Math.floor((tooFew + least.min) / 2);
    const plan = planBy(min);
    if (plan) least = { min, plan };
    else tooFew = min;
  }
  return least;
}

/** A demand for hours, loosened by so many minutes at either end. */
function wishesOf(problem: Problem, demand: string, byMin: number): Wish[] {
  const point = (id: string, end: End) =>
    pointOf(
      problem.tasks.findIndex((t) => t.id === id),
      end,
    );
  const ofTasks = problem.tasks.flatMap((task, i): Wish[] => {
    if (task.demand !== demand) return [];
    const [start, end] = [pointOf(i, "start"), pointOf(i, "end")];
    // What has hours of its own comes at others, and takes no less.
    const byLength = task.fromMin === undefined && task.untilMin === undefined ? byMin : 0;
    return [
      { from: end, to: start, weight: byLength - task.minMin },
      { from: start, to: end, weight: task.maxMin + byLength },
      ...(task.fromMin === undefined ? [] : [{ from: start, to: 0, weight: byMin - task.fromMin }]),
      ...(task.untilMin === undefined ? [] : [{ from: 0, to: end, weight: task.untilMin + byMin }]),
    ];
  });
  const ofLinks = problem.links.flatMap((link): Wish[] => {
    if (link.demand !== demand) return [];
    const [before, after] = [point(link.before, link.from), point(link.after, link.to)];
    return [
      { from: after, to: before, weight: byMin - link.minMin },
      ...(link.maxMin === undefined ? [] : [{ from: before, to: after, weight: link.maxMin + byMin }]),
    ];
  });
  const ofPins = (problem.pins ?? []).flatMap((pin): Wish[] => {
    if (pin.demand !== demand) return [];
    const start = point(pin.taskId, "start");
    return [
      { from: 0, to: start, weight: pin.atMin + byMin },
      { from: start, to: 0, weight: byMin - pin.atMin },
    ];
  });
  return [...ofTasks, ...ofLinks, ...ofPins];
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
