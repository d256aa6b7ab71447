import { formulate } from "../formula/formulate";
import { clashOf, type Clash } from "./clash";
import { costParts, type CostParts } from "./cost";
import type { Dish } from "./dishes";
import { nightRules, nightsBetween } from "./hours";
import type { Problem, Task } from "./model";
import { plan } from "./plan";
import type { AskedDish, SittingRequest } from "./request";
import { search } from "./search";
import { demandFacts, problemOf, type DemandFacts, type Sitting } from "./sitting";

const MIN_MS = 60_000;

/** A task of a plan, in instants. */
export interface PlannedTask {
  id: string;
  dishId: string;
  title: string;
  startMs: number;
  endMs: number;
  /** How far it may still move with the order kept. */
  earliestMs: number;
  latestMs: number;
  handsOn: boolean;
  /** A soak stretches; most acts do not. */
  elastic: boolean;
  uses: Task["uses"];
}

export type Answer =
  | {
      status: "planned";
      tasks: PlannedTask[];
      cost: number;
      parts: CostParts;
      nights: { fromMs: number; toMs: number }[];
    }
  | { status: "clash"; clash: DemandFacts[]; demands: string[]; unsure: boolean }
  /** A dish whose formulation does not work out. */
  | { status: "broken"; dish: string };

/** A sitting on the plan's clock: 0 is now. @returns the name of the dish that does not work out, where one does not */
export function sittingOf(request: SittingRequest, nowMs: number): Sitting | { broken: string } {
  const minute = (ms: number) => Math.round((ms - nowMs) / MIN_MS);
  const dishes: Dish[] = [];
  for (const asked of request.dishes) {
    const dish = dishOf(asked, minute);
    if (!dish) return { broken: asked.name };
    dishes.push(dish);
  }
  const toMs = Math.max(request.tableMs, nowMs) + 24 * 60 * MIN_MS;
  const night = nightRules(nightsBetween(nowMs, toMs, request.timeZone, request.quiet));
  return {
    dishes,
    kitchen: request.kitchen,
    tableMin: minute(request.tableMs),
    closed: [
      ...(request.getsUp ? [] : night.closed),
      ...request.absences.map((a, i) => ({
        fromMin: minute(a.fromMs),
        toMin: minute(a.toMs),
        demand: `absence:${i}`,
      })),
    ],
    unloved: request.getsUp ? [...night.closed, ...night.unloved] : night.unloved,
  };
}

function dishOf(asked: AskedDish, minute: (ms: number) => number): Dish | undefined {
  if (asked.kind === "plain") return asked;
  const sheet = formulate(asked.formulation, { rateFactor: asked.rateFactor ?? 1 });
  if (!sheet.ok) return undefined;
  return {
    kind: "batch",
    id: asked.id,
    name: asked.name,
    input: asked.formulation,
    sheet: sheet.value,
    done: Object.fromEntries(
      Object.entries(asked.doneMs ?? {}).map(([id, ms]) => [id, Math.min(0, minute(ms))]),
    ),
    ...(asked.forecastMs !== undefined && { doneByForecastMin: Math.max(0, minute(asked.forecastMs)) }),
  };
}

/** The problem of a request, with the cook's pins in it. */
export function problemFor(request: SittingRequest, sitting: Sitting, nowMs: number): Problem {
  const problem = problemOf(sitting);
  const known = new Set(problem.tasks.map((t) => t.id));
  return {
    ...problem,
    pins: request.pins
      // A pin in the past, or of a task that is done, says nothing any more.
      .filter((pin) => known.has(pin.taskId) && pin.startMs >= nowMs)
      .map((pin) => ({
        taskId: pin.taskId,
        atMin: Math.round((pin.startMs - nowMs) / MIN_MS),
        demand: `pinned:${pin.taskId}`,
      })),
  };
}

/** Plans a sitting, or says what clashes. @param options.enough ends the improving once it says so */
export function answerSitting(
  request: SittingRequest,
  nowMs: number,
  options: { enough?: () => boolean } = {},
): Answer {
  const sitting = sittingOf(request, nowMs);
  if ("broken" in sitting) return { status: "broken", dish: sitting.broken };
  const problem = problemFor(request, sitting, nowMs);
  const result = plan(problem, options);
  if (result.status !== "planned") return clashing(sitting, problem);
  const { planned } = result;
  const at = (minute: number) => nowMs + minute * MIN_MS;
  return {
    status: "planned",
    cost: planned.cost,
    parts: costParts(problem, planned.plan),
    nights: nightsBetween(nowMs, at(problem.horizonMin), request.timeZone, request.quiet).map((n) => ({
      fromMs: at(n.fromMin),
      toMs: at(n.toMin),
    })),
    tasks: problem.tasks
      .map((task) => ({
        id: task.id,
        dishId: task.dishId,
        title: task.title,
        startMs: at(planned.plan[task.id].start),
        endMs: at(planned.plan[task.id].end),
        earliestMs: at(planned.slack[task.id].earliest),
        latestMs: at(planned.slack[task.id].latest),
        handsOn: task.handsOn,
        elastic: task.maxMin > task.minMin,
        uses: task.uses,
      }))
      .sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs),
  };
}

function clashing(sitting: Sitting, problem: Problem): Answer {
  const clash: Clash = clashOf(problem) ?? { demands: [], unsure: true };
  return {
    status: "clash",
    demands: clash.demands,
    unsure: clash.unsure,
    clash: clash.demands.map((id) => demandFacts(sitting, problem, id)),
  };
}

const LOOK_BUDGET = 600;

/** Whether a sitting can be had at all: the first plan, without making it better. */
export function canBeHad(request: SittingRequest, nowMs: number): boolean {
  const sitting = sittingOf(request, nowMs);
  if ("broken" in sitting) return false;
  return search(problemFor(request, sitting, nowMs), { budget: LOOK_BUDGET }).status === "found";
}

const STEP_MIN = 5;
const STEP_MS = STEP_MIN * MIN_MS;
const FURTHEST_MIN = 6 * 24 * 60;
/** How the hours after the earliest thinkable table are looked through: steps of so many minutes, up to so many. */
const LOOKS: [stepMin: number, uptoMin: number][] = [
  [5, 60],
  [15, 12 * 60],
  [30, 48 * 60],
];

/**
 * A table, by steps of five minutes, that the sitting can be had at, and not five minutes sooner: the earliest, but where
 * a crowded sitting has short windows between its nights.
 * @returns undefined where none was found within days
 */
export function earliestTable(request: SittingRequest, nowMs: number): number | undefined {
  const from = Math.max(request.tableMs, Math.ceil(nowMs / STEP_MS) * STEP_MS);
  const at = (minutes: number) => ({ ...request, tableMs: from + minutes * MIN_MS });
  const works = (minutes: number) => canBeHad(at(minutes), nowMs);
  const least = leastWithoutNights(request, from, nowMs);
  if (least === undefined) return undefined;
  let last = least;
  for (const [stepMin, uptoMin] of LOOKS)
    for (let minutes = last; minutes <= least + uptoMin; minutes += stepMin) {
      last = minutes;
      if (!works(minutes)) continue;
      while (minutes - STEP_MIN > 0 && works(minutes - STEP_MIN)) minutes -= STEP_MIN;
      return from + minutes * MIN_MS;
    }
  return undefined;
}

/** Minutes after `from` by which it could be done if nobody slept or left: from there on it always can. */
function leastWithoutNights(request: SittingRequest, from: number, nowMs: number): number | undefined {
  const works = (steps: number) =>
    canBeHad({ ...request, getsUp: true, absences: [], tableMs: from + steps * STEP_MS }, nowMs);
  let no = 0;
  let yes = 1;
  while (!works(yes)) {
    no = yes;
    yes *= 2;
    if (yes * STEP_MIN > FURTHEST_MIN) return undefined;
  }
  while (yes - no > 1) {
    const middle = Math.floor((no + yes) / 2);
    if (works(middle)) yes = middle;
    else no = middle;
  }
  return yes * STEP_MIN;
}
