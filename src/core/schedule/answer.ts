import type { Figure, StepKind } from "../program/step";
import { clashOf, type Clash } from "./clash";
import { costParts, type CostParts } from "./cost";
import { isHelper, taskIdOf } from "./dish-tasks";
import { OVEN } from "./dishes";
import { STAYS_HOT_MIN } from "./hot-ovens";
import { nightsBetween } from "./hours";
import { heatsClash, type Problem, type Task } from "./model";
import { plan, type Planned } from "./plan";
import { MIN_MS, problemFor, sittingOf, wholeMinute } from "./read-request";
import type { SittingRequest } from "./request";
import { settledHours, withTurns } from "./settle";
import { demandFacts, type DemandFacts, type Sitting } from "./sitting";

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

export interface ClashFacts {
  clash: DemandFacts[];
  demands: string[];
  /** Not all possibilities were tried. */
  unsure: boolean;
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
      /** The table gave way: by how many minutes, and what stood against it. */
      late?: ClashFacts & { byMin: number };
    }
  | ({ status: "clash" } & ClashFacts)
  /** A dish whose formulation does not work out. */
  | { status: "broken"; dish: string };

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
          startMs: at(task.beganMin ?? times[task.id].start),
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
        (other.start < one.start || (other.start === one.start && (!other.heats || k < i))) &&
        other.end >= one.start - STAYS_HOT_MIN,
    );
    if (hot) needless.add(one.id);
  });
  return needless;
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
