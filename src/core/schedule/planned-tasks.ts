import type { Figure, StepKind } from "../program/step";
import { soakTitle } from "../program/soak";
import { isHelper, taskIdOf } from "./dish-tasks";
import { OVEN } from "./dishes";
import { STAYS_HOT_MIN } from "./hot-ovens";
import { heatsClash, type Plan, type Problem, type Task } from "./model";
import type { Planned } from "./plan";
import { MIN_MS } from "./read-request";
import type { Sitting } from "./sitting";

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

interface Times {
  times: Plan;
  /** How far each may move; left out, none does. */
  slack?: Planned["slack"];
  nowMs: number;
}

/** A plan's tasks in words and instants, by time; without helpers, and without heating an oven that is hot. */
export function plannedTasks(
  sitting: Sitting,
  problem: Problem,
  { times, slack, nowMs }: Times,
): PlannedTask[] {
  const at = (minute: number) => nowMs + minute * MIN_MS;
  const steps = new Map(
    sitting.dishes.flatMap((d) => d.program.steps.map((s) => [taskIdOf(d.id, s.id), s] as const)),
  );
  const soaking = new Map(
    sitting.dishes.flatMap((d) => (d.batch ? [[d.id, d.batch.input.preparation.kind] as const] : [])),
  );
  const names = new Map(sitting.dishes.map((d) => [d.id, d.name]));
  const needless = needlessPreheats(problem, times);
  return problem.tasks
    .filter((task) => !isHelper(task.id) && !needless.has(task.id))
    .map((task): PlannedTask => {
      const step = steps.get(task.id);
      const { start, end } = times[task.id];
      const startMs = at(task.beganMin ?? start);
      const kind = soaking.get(task.dishId);
      return {
        id: task.id,
        dishId: task.dishId,
        dish: names.get(task.dishId) ?? "",
        stepId: step?.id ?? task.id,
        kind: step?.kind ?? "clean",
        // Where no plan is whole, it stands for other hours than those it was reckoned with.
        title:
          step?.kind === "soak" && kind !== undefined && end - start !== task.preferMin
            ? soakTitle(kind, (at(end) - startMs) / MIN_MS)
            : task.title,
        why: step?.why ?? "",
        ...(step?.look && { look: step.look }),
        figures: step?.figures ?? [],
        startMs,
        endMs: at(end),
        earliestMs: at(slack?.[task.id].earliest ?? start),
        latestMs: at(slack?.[task.id].latest ?? start),
        handsMin: task.latestStartMin === 0 ? 0 : (step?.handsMin ?? 0),
        handsOn: (step?.handsMin ?? 0) > 0 && task.latestStartMin !== 0,
        elastic: task.maxMin > task.minMin,
        uses: task.uses,
      };
    })
    .sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs || (a.id < b.id ? -1 : 1));
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
