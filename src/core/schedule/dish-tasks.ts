import type { Occupies, Step, StepKind, Tie } from "../program/step";
import { COOLER, FRIDGE, HANDS, HOB, OVEN, TRAY, VESSEL, type ProgramDish } from "./dishes";
import type { Link, Task, Use } from "./model";

export interface DishTasks {
  tasks: Task[];
  links: Link[];
}

/** Put on the table within so long before it at most, min. *Practice*. */
const SERVE_FROM_MIN = 30;
/** A helper that stands for the hands a step wants at its beginning. */
const HANDS_OF = "#hands";

export const isHelper = (taskId: string): boolean => taskId.endsWith(HANDS_OF);
export const taskIdOf = (dishId: string, stepId: string): string => `${dishId}/${stepId}`;

/** Once something of a later stretch is done, what came before it is no task any more. */
const STRETCH: Record<StepKind, number> = {
  thaw: 0,
  inspect: 0,
  clean: 0,
  weighOut: 0,
  mix: 0,
  reserve: 0,
  chill: 0,
  saltFirst: 0,
  goIn: 1,
  soak: 2,
  turn: 2,
  ice: 2,
  takeOut: 3,
  finish: 4,
  boil: 9,
  dry: 4,
  season: 4,
  apart: 4,
  temper: 4,
  sear: 5,
  preheat: 5,
  cook: 6,
  tend: 6,
  probe: 6,
  ovenOut: 7,
  rest: 8,
  beside: 8,
  serve: 9,
  stock: 10,
  store: 10,
};

/** Done at their own hours, they say nothing of how far the food has come: an oven is hot before it is lifted out. */
const NOT_THE_FOOD: readonly StepKind[] = ["preheat", "tend", "beside", "boil", "stock"];

/**
 * Every step of a program as a task with its window, one for one. What is done is left out; a soak under way, or a cook, is
 * what is left of it.
 * @param options.turned whether turns are put in: they follow the hours, once those are settled
 */
export function dishTasks(dish: ProgramDish, tableMin: number, options: { turned: boolean }): DishTasks {
  const open = openSteps(dish).filter((s) => options.turned || s.kind !== "turn");
  const tasks = open.flatMap((step) => tasksOf(dish, step, tableMin));
  const known = new Set(tasks.map((t) => t.id));
  const links = [
    ...dish.program.ties.flatMap((tie) => linkOf(dish, tie, known)),
    ...open.filter((s) => helped(s)).map((s) => handsWith(dish, s)),
  ].filter((l) => known.has(l.before) && known.has(l.after));
  for (const tie of dish.program.ties) bindToWhatIsDone(dish, tie, tasks);
  return { tasks, links };
}

/** Steps still to come, or under way. */
function openSteps({ program, done }: ProgramDish): Step[] {
  const reached = (part: string | undefined) =>
    Math.max(
      -1,
      ...program.steps
        .filter(
          (s) =>
            done[s.id] !== undefined &&
            !NOT_THE_FOOD.includes(s.kind) &&
            (part === undefined || s.part === undefined || s.part === part),
        )
        .map((s) => STRETCH[s.kind]),
    );
  const last = new Map<string | undefined, number>();
  return program.steps.filter((step) => {
    if (done[step.id] !== undefined) return isUnderWay(step) && !over(program.steps, step, done);
    if (!last.has(step.part)) last.set(step.part, reached(step.part));
    const at = last.get(step.part) ?? -1;
    // What belongs to the same stretch may still be open; a soak is over when it is taken out.
    return STRETCH[step.kind] >= at || (step.kind === "preheat" && at < 6);
  });
}

/** Ticked at its beginning, and lasting. */
const isUnderWay = (step: Step): boolean => step.handsMin > 0 && step.handsMin < step.minutes.likely;

/** What ends a step that is under way: the next of its own stretch, or its exit. */
function over(steps: readonly Step[], step: Step, done: ProgramDish["done"]): boolean {
  return steps.some(
    (s) =>
      done[s.id] !== undefined &&
      s.id !== step.id &&
      !NOT_THE_FOOD.includes(s.kind) &&
      (s.part === step.part || s.part === undefined || step.part === undefined) &&
      (STRETCH[s.kind] > STRETCH[step.kind] ||
        (s.kind === "cook" && step.kind === "cook" && s.atMin > step.atMin)),
  );
}

const startOf = ({ done, program }: ProgramDish, step: Step): number | undefined => {
  if (done[step.id] !== undefined) return done[step.id];
  // These begin with an act that is ticked, and are not ticked themselves.
  if (step.kind === "soak") return done.go_in;
  if (step.kind === "rest") {
    const out = program.steps.find((s) => s.kind === "ovenOut" && s.part === step.part);
    return out && done[out.id];
  }
  return undefined;
};

function tasksOf(dish: ProgramDish, step: Step, tableMin: number): Task[] {
  const id = taskIdOf(dish.id, step.id);
  const began = startOf(dish, step);
  const { least, likely, most } = lengths(dish, step, began);
  const handsOn = began === undefined && step.handsMin > 0 && !helped(step);
  const task: Task = {
    id,
    dishId: dish.id,
    title: step.title,
    minMin: least,
    preferMin: likely,
    maxMin: most,
    handsOn,
    uses: [
      ...step.occupies.flatMap((o) => useOf(step, o)),
      ...(handsOn ? [{ resourceId: HANDS, amount: 1 }] : []),
    ],
    ...(began !== undefined && { latestStartMin: 0, beganMin: began }),
    ...(step.kind === "soak" && { demand: `soak:${dish.id}` }),
    ...(step.kind === "serve" && {
      fromMin: tableMin - SERVE_FROM_MIN,
      untilMin: tableMin,
      demand: `table:${dish.id}`,
    }),
    ...(isHot(dish, step) && { hot: true }),
  };
  if (!helped(step) || began !== undefined) return [task];
  const hands: Task = {
    ...task,
    id: id + HANDS_OF,
    minMin: step.handsMin,
    preferMin: step.handsMin,
    maxMin: step.handsMin,
    handsOn: true,
    uses: [{ resourceId: HANDS, amount: 1 }],
    hot: false,
  };
  return [task, hands];
}

/** Hands are wanted only at its beginning. */
const helped = (step: Step): boolean => step.handsMin > 0 && step.handsMin < step.minutes.likely;

const handsWith = (dish: ProgramDish, step: Step): Link => ({
  before: taskIdOf(dish.id, step.id),
  from: "start",
  after: taskIdOf(dish.id, step.id) + HANDS_OF,
  to: "start",
  minMin: 0,
  maxMin: 0,
});

/** What it lasts, or what is left of it: a soak by its edges, the last stage by what the probe foretells. */
function lengths(
  dish: ProgramDish,
  step: Step,
  began: number | undefined,
): { least: number; likely: number; most: number } {
  const { soak } = dish;
  const of =
    step.kind === "soak" && soak
      ? { least: soak.minMin, likely: soak.preferMin, most: soak.maxMin }
      : {
          least: whole(step.minutes.least),
          likely: whole(step.minutes.likely),
          most: whole(step.minutes.most),
        };
  const foretold = step.ends.by === "core" ? dish.outMin[step.ends.channel] : undefined;
  if (foretold !== undefined && (step.kind === "cook" || step.kind === "goIn") && isLastStage(dish, step)) {
    const before = began === undefined ? stagesLeft(dish, step) : 0;
    const left = Math.max(0, whole(foretold) - before);
    return { least: left, likely: left, most: left };
  }
  if (began === undefined) return of;
  const left = (minutes: number) => Math.max(0, whole(minutes + began));
  return { least: left(of.least), likely: left(of.likely), most: left(of.most) };
}

const whole = (minutes: number): number => Math.round(minutes);

const isLastStage = ({ program }: ProgramDish, step: Step): boolean =>
  !program.steps.some((s) => s.kind === "cook" && s.part === step.part && s.atMin > step.atMin);

/** Minutes of the stages before this one that are still to come. */
function stagesLeft(dish: ProgramDish, step: Step): number {
  return dish.program.steps
    .filter((s) => s.kind === "cook" && s.part === step.part && s.atMin < step.atMin)
    .reduce((sum, s) => {
      const began = startOf(dish, s);
      return (
        sum + (began === undefined ? whole(s.minutes.likely) : Math.max(0, whole(s.minutes.likely + began)))
      );
    }, 0);
}

/** Hot food waits for the table from its rest on; what has no rest, from the heat. */
function isHot({ program }: ProgramDish, step: Step): boolean {
  if (step.kind === "rest") return true;
  return (
    step.kind === "cook" && !program.steps.some((s) => s.kind === "rest") && isLongest(program.steps, step)
  );
}

const isLongest = (steps: readonly Step[], step: Step): boolean =>
  steps.every((s) => s.kind !== "cook" || s.minutes.likely <= step.minutes.likely);

function useOf(step: Step, o: Occupies): Use[] {
  switch (o.what) {
    case "fridge":
      return [{ resourceId: FRIDGE, amount: o.litres }];
    case "cooler":
      return [{ resourceId: COOLER, amount: 1 }];
    case "vessel":
      return [{ resourceId: VESSEL, amount: 1 }];
    case "tray":
      return [{ resourceId: TRAY, amount: 1 }];
    case "ring":
      return [{ resourceId: HOB, amount: 1 }];
    case "oven":
      // The oven comes to its heat with nothing in it yet.
      return [{ resourceId: OVEN, amount: step.kind === "preheat" ? 0 : 1, ovenC: o.airC }];
  }
}

/** How long a step that is under way has lasted: its ties count from its beginning, its task from now. */
function elapsedOf(dish: ProgramDish, stepId: string): number {
  const step = dish.program.steps.find((s) => s.id === stepId);
  const began = step && startOf(dish, step);
  return began === undefined ? 0 : -began;
}

const kindOf = ({ program }: ProgramDish, stepId: string): StepKind | undefined =>
  program.steps.find((s) => s.id === stepId)?.kind;

function linkOf(dish: ProgramDish, tie: Tie, known: ReadonlySet<string>): Link[] {
  const [before, after] = [taskIdOf(dish.id, tie.before), taskIdOf(dish.id, tie.after)];
  if (!known.has(before) || !known.has(after)) return [];
  const shift =
    (tie.from === "start" ? elapsedOf(dish, tie.before) : 0) -
    (tie.to === "start" ? elapsedOf(dish, tie.after) : 0);
  const demand = tie.wish === "ice" ? `ice:${dish.id}` : tie.wish === "soak" ? `soak:${dish.id}` : undefined;
  const minMin = whole(tie.leastMin - shift);
  // An oven that is being heated for food that comes late just waits.
  const waits = dish.done[tie.before] !== undefined && kindOf(dish, tie.before) === "preheat";
  // Of what is under way some of the wait is over; it cannot have to be before now.
  return [
    {
      before,
      from: tie.from,
      after,
      to: tie.to,
      minMin: shift > 0 ? Math.max(0, minMin) : minMin,
      ...(tie.mostMin !== undefined &&
        !waits && {
          maxMin: Math.max(shift > 0 ? 0 : -Infinity, whole(tie.mostMin - shift)),
        }),
      ...(tie.wantedMin !== undefined && {
        wantedMin: Math.max(shift > 0 ? 0 : -Infinity, whole(tie.wantedMin - shift)),
      }),
      ...(tie.gently && { gently: true as const }),
      ...(demand && { demand }),
    },
  ];
}

/** A tie whose first step is done and over: what follows is bound to when that was. */
function bindToWhatIsDone(dish: ProgramDish, tie: Tie, tasks: Task[]): void {
  const began = dish.done[tie.before];
  const after = tasks.find((t) => t.id === taskIdOf(dish.id, tie.after));
  const before = tasks.some((t) => t.id === taskIdOf(dish.id, tie.before));
  if (began === undefined || before || !after || tie.to !== "start") return;
  const step = dish.program.steps.find((s) => s.id === tie.before);
  const from =
    tie.from === "start" ? began : began + (step ? Math.min(step.handsMin, step.minutes.likely) : 0);
  after.fromMin = Math.max(
    after.fromMin ?? 0,
    Math.min(whole(from + tie.leastMin), after.latestStartMin ?? Infinity),
  );
}
