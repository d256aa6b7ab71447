import type { Step } from "../program/step";
import type { ProgramDish } from "./dishes";
import { heatsClash, isHeating, type Task } from "./model";

/** An oven that is left on keeps its heat for the next dish, min. *Practice*. */
export const STAYS_HOT_MIN = 20;

export interface HotOven {
  ovenId: string;
  ovenC: number;
}

/** Ovens that are hot now: one heats, something is in it, or came out of it just now. */
export function hotOvens(dishes: readonly ProgramDish[], ovenOf: (dishId: string) => string): HotOven[] {
  return dishes.flatMap((dish): HotOven[] => {
    const last = lastHeat(dish);
    const outs = dish.program.steps.filter((s) => s.kind === "ovenOut");
    const out = outs.length > 0 && outs.every((s) => dish.done[s.id] !== undefined);
    const outMin = Math.max(...outs.map((s) => dish.done[s.id] ?? 0));
    if (last === undefined || (out && outMin < -STAYS_HOT_MIN)) return [];
    return [{ ovenId: ovenOf(dish.id), ovenC: last }];
  });
}

/** The air the oven was last set to for a dish; undefined before it is heated. */
function lastHeat({ program, done }: ProgramDish): number | undefined {
  const begun = program.steps.filter((s) => done[s.id] !== undefined && airOf(s) !== undefined);
  const latest = begun.reduce<Step | undefined>(
    (a, b) => (a === undefined || (done[b.id] ?? 0) >= (done[a.id] ?? 0) ? b : a),
    undefined,
  );
  return latest && airOf(latest);
}

const airOf = (step: Step): number | undefined =>
  step.occupies.flatMap((o) => (o.what === "oven" ? [o.airC] : []))[0];

/** What heats an oven that is hot already may take no time at all; it takes its own where there is room for it. */
export const heatedAlready = (task: Task, hot: readonly HotOven[]): Task =>
  isHeating(task) && task.latestStartMin === undefined && task.uses.some((use) => isHotFor(use, hot))
    ? { ...task, minMin: 0 }
    : task;

const isHotFor = (use: Task["uses"][number], hot: readonly HotOven[]): boolean =>
  hot.some(
    (h) =>
      h.ovenId === use.resourceId && !heatsClash(use, { resourceId: h.ovenId, amount: 0, ovenC: h.ovenC }),
  );
