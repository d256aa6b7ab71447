import { clashesOf } from "./clash";
import { costParts, type CostParts } from "./cost";
import { nightsBetween } from "./hours";
import type { Problem } from "./model";
import { nearestTo } from "./nearest";
import { plan, type Planned } from "./plan";
import { plannedTasks, type PlannedTask } from "./planned-tasks";
import { MIN_MS, problemFor, sittingOf, wholeMinute } from "./read-request";
import type { SittingRequest } from "./request";
import { settledHours, withTurns } from "./settle";
import { demandFacts, type DemandFacts, type Sitting } from "./sitting";

export interface ClashFacts {
  /** What collides, in as few demands as do. */
  clash: DemandFacts[];
  /** Where more collides that has nothing to do with it, each so too. */
  besides?: DemandFacts[][];
  /** Of all of them. */
  demands: string[];
  /** Not all possibilities were tried. */
  unsure: boolean;
}

export interface Night {
  fromMs: number;
  toMs: number;
}

/** What comes nearest where no plan is whole: one wish of each clash let go, and the tasks that go against it. */
export interface NearestPlan {
  tasks: PlannedTask[];
  nights: Night[];
  letGo: DemandFacts[];
  /** Ids of the tasks that do not fit. */
  misfits: string[];
}

export type Answer =
  | {
      status: "planned";
      tasks: PlannedTask[];
      cost: number;
      parts: CostParts;
      nights: Night[];
      /** Hours each dish stands in this plan. */
      soakH: Record<string, number>;
      /** The table gave way: by how many minutes, and what stood against it. */
      late?: (ClashFacts & { byMin: number }) | undefined;
    }
  | ({ status: "clash"; nearest?: NearestPlan } & ClashFacts)
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
  if (!settled) return clashing(request, sitting, problemFor(request, sitting, nowMs), nowMs);
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
  return {
    status: "planned",
    cost,
    parts: costParts(problem, times),
    nights: nightsOf(request, problem, nowMs),
    soakH: Object.fromEntries(sitting.dishes.flatMap((d) => (d.batch ? [[d.id, d.program.soakH]] : []))),
    tasks: plannedTasks(sitting, problem, { times, slack, nowMs }),
  };
}

const nightsOf = ({ timeZone, quiet }: SittingRequest, { horizonMin }: Problem, nowMs: number): Night[] =>
  nightsBetween(nowMs, nowMs + horizonMin * MIN_MS, timeZone, quiet).map((n) => ({
    fromMs: nowMs + n.fromMin * MIN_MS,
    toMs: nowMs + n.toMin * MIN_MS,
  }));

function clashing(request: SittingRequest, sitting: Sitting, problem: Problem, nowMs: number): Answer {
  const clashes = clashesOf(problem);
  const near = nearestTo(
    problem,
    clashes.map((c) => c.demands),
  );
  const facts = (id: string) => demandFacts(sitting, problem, id);
  const [first = [], ...besides] = clashes.map((c) => c.demands.map(facts));
  return {
    status: "clash",
    demands: clashes.flatMap((c) => c.demands),
    unsure: clashes.length === 0 || clashes.some((c) => c.unsure),
    clash: first,
    ...(besides.length > 0 && { besides }),
    ...(near && {
      nearest: {
        tasks: plannedTasks(sitting, problem, { times: near.plan, nowMs }),
        nights: nightsOf(request, problem, nowMs),
        letGo: near.letGo.map(facts),
        misfits: near.misfits,
      },
    }),
  };
}
