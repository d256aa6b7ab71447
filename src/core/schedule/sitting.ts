import { ONE_HEAT_C, resourceDemand, type Closed, type Problem, type Resource, type Span } from "./model";
import { dishTasks } from "./dish-tasks";
import { COOLER, FRIDGE, HANDS, HOB, OVEN, TRAY, VESSEL, type Dish, type SittingKitchen } from "./dishes";
import { plainTasks } from "./plain-tasks";

export interface Sitting {
  dishes: Dish[];
  kitchen: SittingKitchen;
  /** On the plan's clock, whose 0 is now. */
  tableMin: number;
  closed: Closed[];
  unloved: Span[];
}

/** What is planned may run on so long after the table: leftovers, and a table let go to see what clashes. */
const AFTER_TABLE_MIN = 6 * 24 * 60;

/**
 * Two ovens are told apart only by heat: each dish is given to one of them, first come first served by heat, so that
 * dishes of one heat share.
 */
function ovenOf(heats: readonly number[], ovens: number): (ovenC: number) => string {
  const given: string[] = [];
  const sorted = [...new Set(heats)].sort((a, b) => a - b);
  const of = new Map<number, string>();
  sorted.forEach((heat, i) => {
    const near =
      sorted[i - 1] !== undefined && heat - sorted[i - 1] <= ONE_HEAT_C ? of.get(sorted[i - 1]) : undefined;
    const id = near ?? `${OVEN}${given.length % Math.max(1, ovens) === 0 ? "" : (given.length % ovens) + 1}`;
    if (!near) given.push(id);
    of.set(heat, id);
  });
  return (ovenC) => of.get(ovenC) ?? OVEN;
}

/** The sitting as the planner's problem. */
export function problemOf(sitting: Sitting): Problem {
  const { kitchen, tableMin } = sitting;
  const parts = sitting.dishes.map((dish) =>
    dish.kind === "plain" ? plainTasks(dish, tableMin) : dishTasks(dish, tableMin),
  );
  const tasks = parts.flatMap((p) => p.tasks);
  const heats = tasks.flatMap((t) => t.uses.flatMap((u) => u.ovenC ?? []));
  const which = ovenOf(heats, kitchen.ovens);
  return {
    tasks: tasks.map((t) => ({
      ...t,
      uses: t.uses.map((u) => (u.ovenC === undefined ? u : { ...u, resourceId: which(u.ovenC) })),
    })),
    links: parts.flatMap((p) => p.links),
    resources: resourcesOf(kitchen),
    closed: sitting.closed,
    unloved: sitting.unloved,
    tableMin,
    horizonMin: tableMin + AFTER_TABLE_MIN,
  };
}

export function resourcesOf(kitchen: SittingKitchen): Resource[] {
  const ovens = Array.from({ length: Math.max(1, kitchen.ovens) }, (_, i) => ({
    id: i === 0 ? OVEN : `${OVEN}${i + 1}`,
    name: i === 0 ? "oven" : `oven ${i + 1}`,
    kind: "oven" as const,
    capacity: kitchen.ovens === 0 ? 0 : kitchen.shelves,
  }));
  return [
    { id: FRIDGE, name: "fridge", kind: "fridge", capacity: kitchen.fridgeL },
    ...ovens,
    { id: HOB, name: "hob", kind: "hob", capacity: kitchen.rings },
    { id: COOLER, name: "cooler", kind: "cooler", capacity: kitchen.coolers },
    { id: TRAY, name: "trays", kind: "tray", capacity: kitchen.trays },
    { id: VESSEL, name: "vessels", kind: "vessel", capacity: kitchen.vessels },
    { id: HANDS, name: "hands", kind: "hands", capacity: kitchen.cooks },
  ];
}

/** What a demand stands for, for whoever has to say it. */
export type DemandFacts =
  | { kind: "soak"; dish: string; minMin: number; maxMin: number }
  | { kind: "table"; dish: string }
  | { kind: "quiet" }
  | { kind: "absence"; index: number }
  | { kind: "resource"; name: string; capacity: number; resource: Resource["kind"] }
  | { kind: "ice"; dish: string }
  | { kind: "pinned"; title: string }
  | { kind: "other"; id: string };

/** @param id a demand of this sitting's problem */
export function demandFacts(sitting: Sitting, problem: Problem, id: string): DemandFacts {
  const dishName = (dishId: string) => sitting.dishes.find((d) => d.id === dishId)?.name ?? dishId;
  const resource = problem.resources.find((r) => resourceDemand(r.id) === id);
  if (resource)
    return { kind: "resource", name: resource.name, capacity: resource.capacity, resource: resource.kind };
  const [what, rest = ""] = id.split(/:(.*)/s);
  switch (what) {
    case "quiet":
      return { kind: "quiet" };
    case "absence":
      return { kind: "absence", index: Number(rest) };
    case "table":
      return { kind: "table", dish: dishName(rest) };
    case "ice":
      return { kind: "ice", dish: dishName(rest) };
    case "pinned":
      return { kind: "pinned", title: problem.tasks.find((t) => t.id === rest)?.title ?? rest };
    case "soak": {
      const task = problem.tasks.find((t) => t.demand === id);
      return { kind: "soak", dish: dishName(rest), minMin: task?.minMin ?? 0, maxMin: task?.maxMin ?? 0 };
    }
    default:
      return { kind: "other", id };
  }
}
