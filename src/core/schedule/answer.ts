import { formulate } from "../formula/formulate";
import { plainProgram } from "../program/plain";
import { programOf } from "../program/program";
import { ICE_MOST_MIN, iceLooks } from "../program/soak";
import type { Figure, StepKind } from "../program/step";
import { clashOf, type Clash } from "./clash";
import { costParts, type CostParts } from "./cost";
import { isHelper, taskIdOf } from "./dish-tasks";
import { OVEN, type ProgramDish } from "./dishes";
import { nightRules, nightsBetween } from "./hours";
import { heatsClash, type Problem, type Task } from "./model";
import { plan, type Planned } from "./plan";
import type { DishRequest, SittingRequest } from "./request";
import { search } from "./search";
import { demandFacts, problemOf, type DemandFacts, type ProblemOptions, type Sitting } from "./sitting";
import { soakEdges } from "./soak-edges";

const MIN_MS = 60_000;
/** The demand of the night's closed hours. */
const QUIET = "quiet";

/** A task of a plan, in instants on whole minutes. */
export interface PlannedTask {
  id: string;
  dishId: string;
  /** The dish by its name. */
  dish: string;
  /** The step of the dish's program it is. */
  stepId: string;
  kind: StepKind;
  title: string;
  why: string;
  look?: string;
  figures: Figure[];
  startMs: number;
  endMs: number;
  /** How far it may still move with the order kept. */
  earliestMs: number;
  latestMs: number;
  /** So long from its start hands are needed, min. */
  handsMin: number;
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
      /** Hours each dish stands in this plan. */
      soakH: Record<string, number>;
    }
  | { status: "clash"; clash: DemandFacts[]; demands: string[]; unsure: boolean }
  /** A dish whose formulation does not work out. */
  | { status: "broken"; dish: string };

/** Plans are in whole minutes, whatever second they are asked at. */
const wholeMinute = (ms: number): number => Math.floor(ms / MIN_MS) * MIN_MS;

/** A sitting on the plan's clock: 0 is now. @returns the name of the dish that does not work out, where one does not */
export function sittingOf(request: SittingRequest, nowMs: number): Sitting | { broken: string } {
  const minute = (ms: number) => Math.round((ms - nowMs) / MIN_MS);
  const dishes: ProgramDish[] = [];
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
      ...night.closed,
      ...request.absences.map((a, i) => ({
        fromMin: minute(a.fromMs),
        toMin: minute(a.toMs),
        demand: `absence:${i}`,
      })),
    ],
    unloved: request.getsUp ? [...night.closed, ...night.unloved] : night.unloved,
  };
}

function dishOf(asked: DishRequest, minute: (ms: number) => number): ProgramDish | undefined {
  const done = Object.fromEntries(
    Object.entries(asked.doneMs ?? {}).map(([id, ms]) => [id, Math.min(0, minute(ms))]),
  );
  const { id, name } = asked;
  if (asked.kind === "plain") return { id, name, program: plainProgram(asked), done, outMin: {} };
  const worked = formulate(asked.formulation, { rateFactor: asked.rateFactor ?? 1 });
  if (!worked.ok) return undefined;
  const input = asked.formulation;
  const soakH = asked.soakH ?? input.pullH;
  return {
    id,
    name,
    program: programOf(input, worked.value, { soakH }),
    done,
    outMin: Object.fromEntries(
      Object.entries(asked.outMs ?? {}).map(([ch, ms]) => [ch, Math.max(0, minute(ms))]),
    ),
    soak: soakEdges(input, worked.value, soakH),
    batch: { input, sheet: worked.value },
  };
}

/** The problem of a request, with the cook's pins in it. */
export function problemFor(
  request: SittingRequest,
  sitting: Sitting,
  nowMs: number,
  options: ProblemOptions = { turned: true },
): Problem {
  const problem = gotUpFor(request, problemOf(sitting, options), options.upFor ?? "ice");
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

/**
 * Quiet hours hold for every act. Where somebody gets up, it is for the ice, which cannot wait; only where that does not do,
 * for anything.
 */
function gotUpFor(request: SittingRequest, problem: Problem, upFor: "ice" | "anything"): Problem {
  if (!request.getsUp) return problem;
  if (upFor === "anything") return { ...problem, closed: problem.closed.filter((c) => c.demand !== QUIET) };
  return {
    ...problem,
    tasks: problem.tasks.map((t) => (/\/ice_\d+$/.test(t.id) ? { ...t, upFor: QUIET } : t)),
  };
}

/**
 * Plans a sitting, or says what clashes. Deterministic: the same request at the same minute gives the same plan on any
 * machine. First the hours of every soak are settled, then what is done within them is put in.
 */
export function answerSitting(request: SittingRequest, askedMs: number): Answer {
  const nowMs = wholeMinute(askedMs);
  const sitting = sittingOf(request, nowMs);
  if ("broken" in sitting) return { status: "broken", dish: sitting.broken };
  const settled = settledHours(request, sitting, nowMs);
  if (!settled) return clashing(sitting, problemFor(request, sitting, nowMs));
  for (const tried of withTurns(settled.sitting)) {
    const { ovens, upFor } = settled;
    const problem = problemFor(request, tried, nowMs, { turned: true, ovens, upFor });
    const result = plan(problem);
    if (result.status === "planned") return planned(request, tried, problem, result.planned, nowMs);
  }
  // A turn is no reason to eat later: without them there is a plan.
  return planned(request, settled.sitting, settled.problem, settled.planned, nowMs);
}

interface Settled {
  ovens: number;
  upFor: "ice" | "anything";
  sitting: Sitting;
  problem: Problem;
  planned: Planned;
}

/** Looks at the ice are so many as the hours take: other hours, other looks. */
const OTHER_HOURS = 3;

/** The hours every soak is to stand: planned once with the soaks between their edges. */
function settledHours(request: SittingRequest, sitting: Sitting, nowMs: number): Settled | undefined {
  for (let more = 0; more <= OTHER_HOURS; more++) {
    const tried: Sitting = { ...sitting, dishes: sitting.dishes.map((d) => iced(d, more)) };
    if (more > 0 && sitting.dishes.every((d, i) => tried.dishes[i] === d)) return undefined;
    const found = firstOven(request, tried, nowMs);
    if (!found) continue;
    const { plan: times } = found.planned;
    const dishes = tried.dishes.map((dish) => {
      const lies = times[taskIdOf(dish.id, "soak")];
      return lies ? withSoak(dish, lies.end - lies.start) : dish;
    });
    return { ...found, sitting: { ...tried, dishes } };
  }
  return undefined;
}

/** Other ways to share several ovens, tried where the first does not fit. */
const OVEN_VARIANTS = 4;
const OTHER_OVENS_BUDGET = 4000;

function firstOven(
  request: SittingRequest,
  sitting: Sitting,
  nowMs: number,
): Omit<Settled, "sitting"> | undefined {
  const nights = request.getsUp ? (["ice", "anything"] as const) : (["ice"] as const);
  for (const upFor of nights)
    for (let ovens = 0; ovens < (request.kitchen.ovens > 1 ? OVEN_VARIANTS : 1); ovens++) {
      const problem = problemFor(request, sitting, nowMs, { turned: false, ovens, upFor });
      const result = plan(problem, ovens === 0 ? {} : { budget: OTHER_OVENS_BUDGET });
      if (result.status === "planned") return { ovens, upFor, problem, planned: result.planned };
    }
  return undefined;
}

/** A cooler's hours are kept to those its looks at the ice are for; `more` looks than the wanted hours take. */
function iced(dish: ProgramDish, more: number): ProgramDish {
  const { batch, soak, program } = dish;
  if (!batch || !soak || batch.input.holding.place !== "cooler" || soak.minMin === soak.maxMin) return dish;
  const looks = iceLooks(program.soakH) + more;
  const minMin = Math.max(soak.minMin, looks * ICE_MOST_MIN);
  const maxMin = Math.min(soak.maxMin, (looks + 1) * ICE_MOST_MIN - 1);
  if (minMin > maxMin) return dish;
  const preferMin = Math.min(maxMin, Math.max(minMin, soak.preferMin));
  return {
    ...dish,
    program: programOf(batch.input, batch.sheet, { soakH: preferMin / 60 }),
    soak: { minMin, preferMin, maxMin },
  };
}

/** The dish with its hours settled: what is done while it stands follows them. */
function withSoak(dish: ProgramDish, leftMin: number): ProgramDish {
  const { batch, done } = dish;
  if (!batch) return dish;
  const stood = done.go_in === undefined ? 0 : -done.go_in;
  const all = leftMin + stood;
  return {
    ...dish,
    program: programOf(batch.input, batch.sheet, { soakH: all / 60 }),
    soak: { minMin: all, preferMin: all, maxMin: all },
  };
}

/** A sitting whose soaks stand as long as a plan decided. */
export function withPlannedSoaks(sitting: Sitting, soakH: Readonly<Record<string, number>>): Sitting {
  return {
    ...sitting,
    dishes: sitting.dishes.map((dish) => {
      const planned = soakH[dish.id];
      if (planned === undefined || !dish.batch) return dish;
      const allMin = Math.round(planned * 60);
      return {
        ...dish,
        program: programOf(dish.batch.input, dish.batch.sheet, { soakH: planned }),
        soak: { minMin: allMin, preferMin: allMin, maxMin: allMin },
      };
    }),
  };
}

/** With its turns near their hours; and, where hands are wanted elsewhere, with turns at any hour. */
function withTurns(sitting: Sitting): Sitting[] {
  const loose = (dish: ProgramDish): ProgramDish => ({
    ...dish,
    program: {
      ...dish.program,
      ties: dish.program.ties.map((t) =>
        t.after.startsWith("turn_") && t.before === "soak" ? { ...t, leastMin: 0, mostMin: undefined } : t,
      ),
    },
  });
  return [sitting, { ...sitting, dishes: sitting.dishes.map(loose) }];
}

function planned(
  request: SittingRequest,
  sitting: Sitting,
  problem: Problem,
  { plan: times, slack, cost }: Planned,
  nowMs: number,
): Answer {
  const at = (minute: number) => nowMs + minute * MIN_MS;
  const steps = new Map(
    sitting.dishes.flatMap((d) => d.program.steps.map((s) => [taskIdOf(d.id, s.id), s] as const)),
  );
  const names = new Map(sitting.dishes.map((d) => [d.id, d.name]));
  const needless = needlessPreheats(problem, times);
  return {
    status: "planned",
    cost,
    parts: costParts(problem, times),
    nights: nightsBetween(nowMs, at(problem.horizonMin), request.timeZone, request.quiet).map((n) => ({
      fromMs: at(n.fromMin),
      toMs: at(n.toMin),
    })),
    soakH: Object.fromEntries(sitting.dishes.flatMap((d) => (d.batch ? [[d.id, d.program.soakH]] : []))),
    tasks: problem.tasks
      .filter((task) => !isHelper(task.id) && !needless.has(task.id))
      .map((task): PlannedTask => {
        const step = steps.get(task.id);
        return {
          id: task.id,
          dishId: task.dishId,
          dish: names.get(task.dishId) ?? "",
          stepId: step?.id ?? task.id,
          kind: step?.kind ?? "clean",
          title: task.title,
          why: step?.why ?? "",
          ...(step?.look && { look: step.look }),
          figures: step?.figures ?? [],
          startMs: at(times[task.id].start),
          endMs: at(times[task.id].end),
          earliestMs: at(slack[task.id].earliest),
          latestMs: at(slack[task.id].latest),
          handsMin: task.latestStartMin === 0 ? 0 : (step?.handsMin ?? 0),
          handsOn: (step?.handsMin ?? 0) > 0 && task.latestStartMin !== 0,
          elastic: task.maxMin > task.minMin,
          uses: task.uses,
        };
      })
      .sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs || (a.id < b.id ? -1 : 1)),
  };
}

/** The oven is heated once for each heat: not for what goes in while it is at that heat already, or nearly so. */
function needlessPreheats(problem: Problem, times: Planned["plan"]): Set<string> {
  const needless = new Set<string>();
  const inOven = problem.tasks
    .flatMap((task) => {
      const use = task.uses.find((u) => u.resourceId.startsWith(OVEN) && u.ovenC !== undefined);
      return use ? [{ id: task.id, use, heats: use.amount === 0, ...times[task.id] }] : [];
    })
    .sort((a, b) => a.start - b.start || a.end - b.end || (a.id < b.id ? -1 : 1));
  inOven.forEach((one, i) => {
    if (!one.heats) return;
    const hot = inOven.some(
      (other, k) =>
        k !== i &&
        other.use.resourceId === one.use.resourceId &&
        !heatsClash(other.use, one.use) &&
        !needless.has(other.id) &&
        (other.start < one.start || (other.start === one.start && k < i)) &&
        other.end >= one.start - STAYS_HOT_MIN,
    );
    if (hot) needless.add(one.id);
  });
  return needless;
}

/** An oven that is left on keeps its heat for the next dish, min. */
const STAYS_HOT_MIN = 20;

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
  const sitting = sittingOf(request, wholeMinute(nowMs));
  if ("broken" in sitting) return false;
  for (let more = 0; more <= OTHER_HOURS; more++) {
    const dishes = sitting.dishes.map((d) => iced(d, more));
    if (more > 0 && dishes.every((d, i) => d === sitting.dishes[i])) return false;
    for (const upFor of request.getsUp ? (["ice", "anything"] as const) : (["ice"] as const)) {
      const options = { turned: false, upFor };
      const problem = problemFor(request, { ...sitting, dishes }, wholeMinute(nowMs), options);
      if (search(problem, { budget: LOOK_BUDGET }).status === "found") return true;
    }
  }
  return false;
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
